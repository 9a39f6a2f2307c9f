import { AnelloError } from '../basics/error';
import { notNegative } from '../basics/check';
import type { CurvePoint } from '../curve/piece';
import type { ShapePoint } from '../curve/shapeCurve';
import type { Run } from '../curve/shapeCurve';

/** A point of a profile, and how the curve runs to it from the one before: straight where it is not said. */
export interface ProfilePoint {
  readonly z?: number | undefined;
  readonly diameter?: number | undefined;
  readonly run?: Run | undefined;
  readonly radius?: number | undefined;
  readonly bulge?: 'out' | 'in' | undefined;
  readonly viaZ?: number | undefined;
  readonly viaDiameter?: number | undefined;
}

/**
 * A profile feature's points with every figure known, radii. Errors: underdetermined and impossible at `points.i.…`.
 *
 * @example
 * shapePoints({
 *   points: [
 *     { z: 0, diameter: 18 },
 *     { z: 10, diameter: 20 },
 *   ],
 * }).map((p) => p.r)
 * // → [9, 10]
 */
export function shapePoints({ points }: { readonly points: readonly ProfilePoint[] }): ShapePoint[] {
  if (points.length < 2)
    throw new AnelloError('underdetermined', 'points', 'A profile needs at least two points.');
  const shaped = points.map((point, i): ShapePoint => {
    const z = notNegative(
      known(point.z, `points.${i}.z`, 'where the point lies'),
      `points.${i}.z`,
      'The distance along',
    );
    const d = notNegative(
      known(point.diameter, `points.${i}.diameter`, 'the diameter there'),
      `points.${i}.diameter`,
      'The diameter',
    );
    const { run, radius, bulge } = point;
    return { z, r: d / 2, run, radius, bulge, via: passedThrough(point) };
  });
  shaped.forEach((point, i) => {
    const before = shaped[i - 1];
    if (before && point.z < before.z - 1e-9)
      throw new AnelloError(
        'impossible',
        `points.${i}.z`,
        'Each point must lie no nearer the headstock than the one before it.',
      );
    if (before && point.z === before.z && point.r === before.r)
      throw new AnelloError(
        'impossible',
        `points.${i}.z`,
        'Each point must lie further along than the one before it.',
      );
  });
  return shaped;
}

/** The third point of an arc, where both its figures are said. */
const passedThrough = ({ viaZ: z, viaDiameter }: ProfilePoint): CurvePoint | undefined =>
  z === undefined || viaDiameter === undefined ? undefined : { z, r: viaDiameter / 2 };

function known(value: number | undefined, field: string, what: string): number {
  if (value === undefined) throw new AnelloError('underdetermined', field, `Still missing: ${what}.`);
  return value;
}
