import { AnelloError } from '../basics/error';
import { positive } from '../basics/check';
import type { ShapePoint } from './shapeCurve';

export const SHAPES = ['ball', 'ball-end', 'ogee-handle', 'bell-mouth', 'fillet', 'cove', 'torus'] as const;
export type StandardShape = (typeof SHAPES)[number];

/** What a shape is made from: the diameters at its two ends and its length, mm. */
export interface ShapeSize {
  readonly diameter: number;
  readonly endDiameter: number;
  readonly length: number;
}

/**
 * Points of a shape to start from, headstock end first. Errors: out-of-range; impossible where a ball has no neck.
 *
 * @example
 * standardShape('bell-mouth', { diameter: 26, endDiameter: 18, length: 20 })
 * // → [{ z: 0, r: 9 }, { z: 20, r: 13, run: 'ellipse', bulge: 'in' }]
 */
export function standardShape(
  shape: StandardShape,
  { diameter, endDiameter, length }: ShapeSize,
): ShapePoint[] {
  const [R, r] = [
    positive(diameter, 'diameter', 'The diameter') / 2,
    positive(endDiameter, 'endDiameter', 'The other end') / 2,
  ];
  positive(length, 'length', 'The length');
  const made: Readonly<Record<StandardShape, () => ShapePoint[]>> = {
    ball: () => ball(R, r),
    'ball-end': () => [
      { z: 0, r: R },
      { z: R, r: 0, run: 'arc', radius: R, bulge: 'out' },
    ],
    'ogee-handle': () => [
      { z: 0, r },
      { z: length * 0.22, r: 0.78 * r, run: 'ogee' },
      { z: length * 0.7, r: R, run: 'ogee' },
      { z: length, r: 0.35 * R, run: 'ellipse', bulge: 'out' },
    ],
    'bell-mouth': () => [
      { z: 0, r },
      { z: length, r: R, run: 'ellipse', bulge: 'in' },
    ],
    fillet: () => [
      { z: 0, r: R },
      { z: Math.abs(R - r), r, run: 'arc', radius: Math.abs(R - r), bulge: 'in' },
    ],
    cove: () => [
      { z: 0, r: R },
      { z: length, r: R, run: 'arc', radius: Math.max(length / 2, 0.1), bulge: 'in' },
    ],
    torus: () => [
      { z: 0, r },
      { z: length, r, run: 'arc', radius: Math.max(length / 2, 0.1), bulge: 'out' },
    ],
  };
  return made[shape]();
}

/** A ball of a diameter on a neck, from the neck to its far pole. */
function ball(R: number, neck: number): ShapePoint[] {
  if (neck >= R)
    throw new AnelloError('impossible', 'endDiameter', 'The neck must be thinner than the ball.');
  const behind = Math.sqrt(R * R - neck * neck);
  return [
    { z: 0, r: neck },
    { z: behind, r: R, run: 'arc', radius: R, bulge: 'out' },
    { z: behind + R, r: 0, run: 'arc', radius: R, bulge: 'out' },
  ];
}
