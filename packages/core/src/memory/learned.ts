import type { Device, Lathe } from '../machine/lathe';
import type { WayId } from '../taper/wayId';
import { holdsNow, type HeldNow } from './holdsNow';
import type { Likeness } from './likeness';
import { LEAST_KNOWN } from './usual';

/** A figure that records give where nobody typed one, and from how many jobs. */
export interface Learned {
  readonly value: number;
  readonly jobs: number;
}

const learnedOf = ({ value, jobs }: HeldNow): Learned | null => (jobs < LEAST_KNOWN ? null : { value, jobs });

/**
 * The set-up minutes that a lathe's records give for ways of which its page says nothing: whole minutes. What somebody typed
 * is never replaced.
 *
 * @example
 * learnedMinutes({ minutes: { attachment: 40 } }, [])
 * // → {}
 */
export function learnedMinutes(
  lathe: Pick<Lathe, 'minutes'>,
  figures: readonly Likeness[],
): Partial<Record<WayId, Learned>> {
  const found: Partial<Record<WayId, Learned>> = {};
  for (const figure of figures) {
    const learned = figure.kind === 'set-up' ? learnedOf(holdsNow(figure)) : null;
    if (!learned || !figure.way || lathe.minutes?.[figure.way] !== undefined) continue;
    found[figure.way] = { ...learned, value: Math.max(1, Math.round(learned.value)) };
  }
  return found;
}

/**
 * How far a device stands off when it is set by its scale, rad: to be taken off what is set; null where too little is known,
 * or where single jobs lie wider apart than their mean is from nought.
 *
 * @example
 * learnedScale('attachment', [])
 * // → null
 */
export function learnedScale(device: Device, figures: readonly Likeness[]): Learned | null {
  const figure = figures.find((one) => one.kind === 'scale' && one.device === device);
  const now = figure && holdsNow(figure);
  return !now || (now.scatter ?? Infinity) > 2 * Math.abs(now.value) ? null : learnedOf(now);
}
