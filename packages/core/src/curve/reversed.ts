import { pointOn } from './piece';
import { shapeCurve, type ShapePoint } from './shapeCurve';

/**
 * A profile's points turned end for end: the same curve with its other end at the headstock. A run belongs to the point
 * it leads to, so each moves to the neighbour; an arc that was tangent to the one before keeps its shape by a third point.
 * Errors: as shapeCurve.
 *
 * @example
 * reversedShape([
 *   { z: 0, r: 9 },
 *   { z: 10, r: 8, run: 'ogee' },
 * ])
 * // → [{ z: 0, r: 8 }, { z: 10, r: 9, run: 'ogee' }]
 */
export function reversedShape(points: readonly ShapePoint[]): ShapePoint[] {
  const end = points.at(-1)?.z ?? 0;
  const start = points[0]?.z ?? 0;
  const turned = (z: number): number => start + end - z;
  return [...points].reverse().map((point, i, all) => {
    const place = { z: turned(point.z), r: point.r };
    const index = points.length - i;
    const led = all[i - 1];
    if (!led) return place;
    const { run, radius, bulge, via } = led.run === 'tangent' ? withVia(points, index) : led;
    return { ...place, run, radius, bulge, ...(via ? { via: { z: turned(via.z), r: via.r } } : {}) };
  });
}

/** The tangent arc to point `index`, given by a third point instead of by what came before it. */
function withVia(points: readonly ShapePoint[], index: number): ShapePoint {
  const point = points[index] as ShapePoint;
  const piece = shapeCurve(points.slice(0, index + 1)).at(-1);
  if (piece?.kind !== 'arc') return { z: point.z, r: point.r, run: 'line' };
  return { z: point.z, r: point.r, run: 'via', via: pointOn(piece, 0.5) };
}
