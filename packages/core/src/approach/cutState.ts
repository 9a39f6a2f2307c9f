import { dialOf, radialOf, type DialReads } from '../machine/dialReads';
import type { Member } from '../taper/task';
import { standing, type KeptRecord } from '../job/records/row';
import { isMeasured, isPass } from '../job/records/is';
import { feeding } from './feeding';

export interface CutState {
  /** Diameter now where the tool first touches: measured last, less what was cut since. */
  readonly now: number;
  /** What the dial shows, mm as it reads; zero where the tool first touched. */
  readonly dial: number;
  /** What it shows when the tool touches: less far in, drawn back, it cuts air. */
  readonly touch: number;
  readonly passes: number;
  /** Of these, how many in a row by now at the figure it had cut at, with nothing fed in. */
  readonly again: number;
  readonly measured: number;
}

/**
 * Where the cut stands, from the passes and measurements kept for a piece, in the order kept.
 *
 * @example
 * cutState(RECORDS, 1, 30, 'external').now
 * // → 28
 */
export function cutState(
  records: readonly KeptRecord[],
  piece: number,
  stock: number,
  member: Member,
): CutState {
  const sign = member === 'external' ? -1 : 1;
  let state: CutState = { now: stock, dial: 0, touch: 0, passes: 0, again: 0, measured: 0 };
  const into = feeding();
  for (const { body } of standing(records).filter((r) => r.piece === piece)) {
    if (isPass(body)) {
      const fed = into(body.depth);
      state = { ...state, dial: body.dialTo, passes: state.passes + 1 };
      if (fed !== null)
        state = {
          ...state,
          now: state.now + sign * 2 * fed,
          touch: body.dialTo,
          again: fed === 0 ? state.again + 1 : 0,
        };
    }
    if (isMeasured(body)) state = { ...state, now: body.diameter, measured: state.measured + 1 };
  }
  return state;
}

/**
 * The pass a typed dial figure means: radial depth from where the dial stood.
 *
 * @example
 * passTo(24.1, 24.5, 'diameter').depth
 * // → 0.2
 */
export function passTo(dialFrom: number, dialTo: number, reads: DialReads): { depth: number } {
  return { depth: radialOf(dialTo - dialFrom, reads) };
}

/**
 * Dial figure for stock left on diameter.
 *
 * @example
 * dialForDiameter(24, 'radius')
 * // → 12
 */
export function dialForDiameter(diameter: number, reads: DialReads): number {
  return dialOf(diameter / 2, reads);
}
