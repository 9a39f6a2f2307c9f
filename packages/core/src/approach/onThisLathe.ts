import { AnelloError } from '../basics/error';
import { finite, positive } from '../basics/check';
import { length } from '../figure/figure';
import { radialOf, type DialReads } from '../machine/dialReads';
import type { Lathe } from '../machine/lathe';
import type { Member } from '../taper/task';
import { passTo, type CutState } from './cutState';

/**
 * A measured size that work on this lathe can have, in any direction; it is returned. More is a slip of the keys, or of
 * units, and would be reckoned on with. Errors: out-of-range, not-finite.
 *
 * @example
 * sizeOnLathe(24.08, { swing: 330, centreDistance: 600 })
 * // → 24.08
 */
export function sizeOnLathe(
  seen: number,
  { swing = Infinity, centreDistance }: Pick<Lathe, 'swing' | 'centreDistance'>,
): number {
  return within(positive(seen, 'seen', 'What was measured'), Math.max(swing, centreDistance));
}

/**
 * A measured diameter that this lathe can swing; it is returned. Errors: out-of-range, not-finite.
 *
 * @example
 * diameterOnLathe(24.08, { swing: 330 })
 * // → 24.08
 */
export function diameterOnLathe(seen: number, { swing = Infinity }: Pick<Lathe, 'swing'>): number {
  return within(positive(seen, 'seen', 'A diameter'), swing);
}

/** The scale ends below this. */
const HARDEST = 70;

/**
 * A hardness on the C scale; it is returned. Errors: out-of-range, not-finite.
 *
 * @example
 * hardnessSeen(58.5)
 * // → 58.5
 */
export function hardnessSeen(seen: number): number {
  if (positive(seen, 'seen', 'A hardness') > HARDEST)
    throw new AnelloError('out-of-range', 'seen', 'Nothing is harder than 70 HRC. See what was typed.');
  return seen;
}

function within(seen: number, most: number): number {
  if (seen > most)
    throw new AnelloError('out-of-range', 'seen', [
      'Nothing on this lathe is larger than ',
      length(most, 0.1),
      '. See what was typed, and its unit.',
    ]);
  return seen;
}

/** Where a pass is taken: by which dial, on what, on a lathe that swings so much. */
export interface PassOn {
  readonly member: Member;
  readonly reads: DialReads;
  readonly swing?: number | undefined;
}

/**
 * The pass that a typed dial figure means from where the cut stands: its depth on radius, less than nothing where the tool
 * was drawn back. Errors: impossible where the tool would stand past the axis, or further out than the lathe swings.
 *
 * @example
 * passFrom({ now: 30, touch: 0, dial: 0 }, 0.4, { member: 'external', reads: 'diameter' })
 * // → { depth: 0.2 }
 */
export function passFrom(
  { now, touch, dial }: Pick<CutState, 'now' | 'touch' | 'dial'>,
  dialTo: number,
  { member, reads, swing = Infinity }: PassOn,
): { readonly depth: number } {
  const into = 2 * radialOf(finite(dialTo, 'dialTo') - touch, reads);
  const edge = member === 'external' ? now - into : now + into;
  if (edge <= 0 || edge > swing)
    throw new AnelloError('impossible', 'dialTo', [
      'At that figure the tool would stand ',
      ...(edge <= 0 ? ['past the axis'] : ['further out than this lathe swings']),
      ': the dial was last at ',
      length(dial, 0.01),
      ', with ',
      length(now, 0.01),
      ' on diameter. See what was typed.',
    ]);
  return passTo(dial, dialTo, reads);
}
