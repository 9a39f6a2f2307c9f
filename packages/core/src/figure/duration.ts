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
  const rest: Phrase = [count(whole % HOUR, 1), ' min'];
  return whole < HOUR ? rest : [count(Math.floor(whole / HOUR), 1), ' h ', ...rest];
}
