import type { Piece } from '../curve/piece';
import { shapeCurve } from '../curve/shapeCurve';
import type { Feature } from './kinds/registry';
import type { Profile } from './kinds/profile';
import { layoutPart } from './layout';
import { shapePoints } from './shapePoints';
import { isGroove } from './kinds/is';

/**
 * A profile feature as pieces, from its headstock end. Errors: as shapePoints and shapeCurve.
 *
 * @example
 * profileCurve({
 *   points: [
 *     { z: 0, diameter: 18 },
 *     { z: 10, diameter: 20 },
 *   ],
 * }).length
 * // → 1
 */
export const profileCurve = (feature: Pick<Profile, 'points'>): Piece[] => shapeCurve(shapePoints(feature));

export interface Plunge {
  /** Places of the work along one plunge, radii, from its headstock end; mm. */
  readonly work: readonly { readonly z: number; readonly r: number }[];
  readonly width: number;
  /** Of it, what cuts at once: the grooves, while the lands between are only touched. mm. */
  readonly cutting: number;
  readonly grooves: readonly {
    readonly id: string;
    readonly name: string;
    /** Its headstock side, from the first groove's. */
    readonly at: number;
    readonly width: number;
    readonly bottom: number;
  }[];
}

/**
 * Everything from the first groove to the last as one plunge of a form tool; null where there is no groove outside.
 *
 * @example
 * plungeOf(SHANK_PART)
 * // → null
 */
export function plungeOf(features: readonly Feature[]): Plunge | null {
  const { sections } = layoutPart(features);
  const outside = sections.filter((s) => s.side === 'external' && !s.ghost);
  const at = outside.flatMap((s, i) => (isGroove(s) ? [i] : []));
  const [first, last] = [at[0], at.at(-1)];
  if (first === undefined || last === undefined) return null;
  const taken = outside.slice(first, last + 1);
  const start = taken[0]?.z0 ?? 0;
  return {
    work: taken.flatMap((s) => s.points.map((p) => ({ z: p.z - start, r: p.r }))),
    width: (taken.at(-1)?.z1 ?? 0) - start,
    cutting: taken.reduce((sum, s) => sum + (isGroove(s) ? s.z1 - s.z0 : 0), 0),
    grooves: taken.flatMap((s) => {
      const named = features.find((f) => f.id === s.id);
      return isGroove(s)
        ? [
            {
              id: s.id,
              name: named?.name ?? '',
              at: s.z0 - start,
              width: s.z1 - s.z0,
              bottom: 2 * (s.points[0]?.r ?? 0),
            },
          ]
        : [];
    }),
  };
}
