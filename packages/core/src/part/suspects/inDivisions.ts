import { count, type Figure } from '../../figure/figure';
import { dialOf } from '../../machine/dialReads';
import type { CrossDial } from '../../machine/lathe';

/** Fewer divisions than this cannot be set apart. */
const SEEN = 0.05;
const COARSE = 10;

/**
 * A length on diameter counted in divisions of a dial; null where it is too little to count.
 *
 * @example
 * inDivisions(0.4, LONG.dial)
 * // → { quantity: 'number', value: 8, resolution: 0.1 }
 */
export function inDivisions(diameter: number, dial: CrossDial): Figure | null {
  const divisions = dialOf(diameter / 2, dial.reads) / dial.division;
  return divisions < SEEN ? null : count(divisions, divisions < COARSE ? 0.1 : 1);
}
