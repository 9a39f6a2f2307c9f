import type { InfeedAdvice } from '../infeed/nextInfeed';
import type { KeptRecord } from '../job/records/row';
import type { Member } from '../taper/task';
import { adviceWithin, walked, type Approach } from './approach';
import { isMeasured } from '../job/records/is';
import { USUAL_MICROMETER } from '../kit/usual';

/** A plain diameter on its way to its limits; mm. */
export interface DiameterAim {
  readonly member: Member;
  readonly least: number;
  readonly most: number;
}

/**
 * The passes and measurements of a plain diameter as nextInfeed learns from them, its stock counted to the middle of what
 * it may be. Two measurements without a pass between are one made again.
 *
 * @example
 * diameterApproach(RECORDS, 1, { member: 'external', least: 29.98, most: 30 }).stock
 * // → null
 */
export function diameterApproach(
  records: readonly KeptRecord[],
  piece: number,
  { member, least, most }: DiameterAim,
): Approach {
  const middle = (least + most) / 2;
  const sign = member === 'external' ? 1 : -1;
  return walked(records, piece, (body) =>
    isMeasured(body) ? { stock: (sign * (body.diameter - middle)) / 2, anew: false } : null,
  );
}

/**
 * The next infeed of a plain diameter and what to expect of it: never past its far limit but by the chance accepted. Null
 * before it was measured.
 *
 * @example
 * diameterAdvice(
 *   { passes: [], points: [{ fed: 0, stock: 0.5 }], stock: 0.5 },
 *   { member: 'external', least: 29.98, most: 30 },
 *   { division: 0.005 },
 * ).move
 * // → 'cut'
 */
export const diameterAdvice = (
  approach: Approach,
  { least, most }: DiameterAim,
  {
    division,
    risk,
    uncertainty = USUAL_MICROMETER.uncertainty,
  }: {
    readonly division: number;
    readonly risk?: number | undefined;
    readonly uncertainty?: number | undefined;
  },
): InfeedAdvice | null =>
  adviceWithin(approach, { band: (most - least) / 4, uncertainty: uncertainty / 2, division, risk });
