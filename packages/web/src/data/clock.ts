import { ref } from 'vue';

/** How far this device's clock is ahead of the server's, minutes; null while they agree well enough. */
export const clockAhead = ref<number | null>(null);

/** What is kept is put in order by when it was made: a clock out by more than this is said, minutes. */
const MATTERS = 2;

/** From the Date header of an answer, which is good to a second and the way here. */
export function noticeClock(date: string | null, now: number = Date.now()): void {
  const server = date === null ? Number.NaN : Date.parse(date);
  if (Number.isNaN(server)) return;
  const ahead = Math.round((now - server) / 60_000);
  clockAhead.value = Math.abs(ahead) >= MATTERS ? ahead : null;
}
