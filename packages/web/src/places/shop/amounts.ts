const UNITS = ['bytes', 'kB', 'MB', 'GB', 'TB'] as const;
const STEP = 1000;

/** An amount of room, as people say it. */
export function bytes(count: number): string {
  const size = Math.min(UNITS.length - 1, count < STEP ? 0 : Math.floor(Math.log10(count) / 3));
  const value = count / STEP ** size;
  return `${size > 0 && value < 100 ? value.toFixed(1) : Math.round(value)} ${UNITS[size]}`;
}

const MINUTE = 60_000;
const HOUR = 60 * MINUTE;
const DAY = 24 * HOUR;

/** How long ago something was. */
export function ago(at: string, now: Date = new Date()): string {
  const gone = now.getTime() - Date.parse(at);
  const said = (count: number, one: string): string => `${count} ${one}${count === 1 ? '' : 's'} ago`;
  if (gone < 2 * MINUTE) return 'just now';
  if (gone < 2 * HOUR) return said(Math.round(gone / MINUTE), 'minute');
  if (gone < 2 * DAY) return said(Math.round(gone / HOUR), 'hour');
  return said(Math.round(gone / DAY), 'day');
}
