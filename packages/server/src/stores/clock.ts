import { AnelloError } from '@anello/core/basics';

/** A tablet's clock may be behind or ahead; what says it is of another day is not to be believed. */
const AHEAD = 24 * 3600 * 1000;
/** Before there was an Anello. */
const EARLIEST = Date.UTC(2020, 0, 1);

/** Error: out-of-range at `at` for a time that cannot be. */
export function refuseOtherTimes(at: string, now: number = Date.now()): void {
  const time = Date.parse(at);
  if (time <= now + AHEAD && time >= EARLIEST) return;
  throw new AnelloError(
    'out-of-range',
    'at',
    `This says it was made on ${at.slice(0, 10)}, and here it is ${new Date(now).toISOString().slice(0, 10)}: set the clock of the one that is wrong.`,
  );
}
