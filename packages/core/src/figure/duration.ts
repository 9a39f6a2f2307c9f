import { count } from './figure';
import type { Phrase } from './phrase';

const HOUR = 60;

/**
 * A time at the machine, from minutes: whole minutes, and from an hour on hours with them.
 *
 * @example
 * plainText(duration(95.4))
 * // → '1 h 35 min'
 */
export function duration(minutes: number): Phrase {
  const whole = Math.round(minutes);
  const hours = Math.floor(whole / HOUR);
  const over = whole % HOUR;
  return [
    ...(hours > 0 ? [count(hours, 1), over > 0 ? ' h ' : ' h'] : []),
    ...(over > 0 || hours === 0 ? [count(over, 1), ' min'] : []),
  ];
}
