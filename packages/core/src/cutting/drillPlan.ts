import { AnelloError } from '../basics/error';
import { notNegative, positive, taperAngle } from '../basics/check';
import { length } from '../figure/figure';
import { DRILL_POINT } from '../kit/usual';
import { NEXT_DRILL, LEAST_DRILLED } from './usual';

export interface DrillRequest {
  /** Diameters owned, mm. */
  readonly drills: readonly number[];
  readonly largeDiameter: number;
  readonly smallDiameter: number;
  /** Depth of the taper bore, mm. */
  readonly length: number;
  readonly halfAngle: number;
  /** Left for the boring tool, on diameter. */
  readonly margin: number;
  /** Included angle of a drill's point, rad. */
  readonly pointAngle?: number;
  /** Steps higher than this on diameter are not worth another drill, mm. */
  readonly step?: number;
}

export interface DrillStep {
  readonly diameter: number;
  /** How deep its full diameter goes, from the mouth. */
  readonly depth: number;
  /** How deep its point reaches. */
  readonly tip: number;
}

/**
 * Drilling before a taper is bored: the largest drill owned that clears the small end goes through, and larger ones
 * follow less deep, each kept a margin under the finished cone at its own corner, so that boring has only a
 * staircase to take down. Smallest first. Errors: impossible when no drill owned is small enough; out-of-range.
 *
 * @example
 * drillPlan({
 *   drills: [16, 18, 20],
 *   largeDiameter: 24,
 *   smallDiameter: 20,
 *   length: 80,
 *   halfAngle: 0.025,
 *   margin: 0.5,
 * }).map((step) => step.diameter)
 * // → [18, 20]
 */
export function drillPlan(request: DrillRequest): DrillStep[] {
  const {
    drills,
    largeDiameter,
    smallDiameter,
    margin,
    pointAngle = DRILL_POINT,
    step = NEXT_DRILL,
  } = request;
  positive(smallDiameter, 'smallDiameter', 'The small end');
  positive(request.length, 'length', 'The depth');
  notNegative(margin, 'margin', 'The margin');
  positive(step, 'step', 'The least step');
  const slope = 2 * Math.tan(taperAngle(request.halfAngle));
  const sizes = [...new Set(drills)].sort((a, b) => a - b);
  const through = sizes.filter((d) => d <= smallDiameter - margin).at(-1);
  if (through === undefined) {
    throw new AnelloError('impossible', 'drills', [
      'No drill owned is under ',
      length(smallDiameter - margin, 0.01),
      ', the small end with its margin.',
    ]);
  }
  const depthOf = (d: number): number => Math.min(request.length, (largeDiameter - margin - d) / slope);
  const point = (d: number): number => d / 2 / Math.tan(pointAngle / 2);
  const steps = [through];
  for (const d of sizes) {
    const last = steps.at(-1) ?? through;
    const worth = d - last >= step || (d === sizes.at(-1) && d - last >= step / 2);
    if (worth && depthOf(d) >= LEAST_DRILLED) steps.push(d);
  }
  return steps.map((diameter) => {
    const depth = diameter === through ? request.length : depthOf(diameter);
    return { diameter, depth, tip: depth + point(diameter) };
  });
}
