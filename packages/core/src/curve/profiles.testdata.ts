import fc from 'fast-check';
import { real } from '../real.testdata';
import { shapeCurve, type ShapePoint } from './shapeCurve';
import { standardShape } from './standardShapes';

/** Profiles of lines, arcs, ogees, ellipses and splines that run on along the axis. */
export const profiles = fc
  .array(
    fc.record({
      dz: real(2, 12),
      r: real(4, 20),
      run: fc.constantFrom(
        'line' as const,
        'arc' as const,
        'ogee' as const,
        'ellipse' as const,
        'spline' as const,
        'tangent' as const,
      ),
      bulge: fc.constantFrom('out' as const, 'in' as const),
      spare: real(1.01, 3),
    }),
    { minLength: 1, maxLength: 5 },
  )
  .map((steps) => {
    const points: ShapePoint[] = [{ z: 0, r: 10 }];
    for (const { dz, r: wanted, run, bulge, spare } of steps) {
      const before = points.at(-1)!;
      // An ogee is no steeper than it is long.
      const r = run === 'ogee' ? before.r + Math.max(-dz, Math.min(dz, wanted - before.r)) : wanted;
      const chord = Math.hypot(dz, r - before.r);
      const safe = run === 'tangent' ? 'line' : run;
      points.push({ z: before.z + dz, r, run: safe, bulge, radius: (chord / 2) * spare });
    }
    return shapeCurve(points);
  });

export const handle = shapeCurve(standardShape('ogee-handle', { diameter: 26, endDiameter: 18, length: 73 }));

/** Of points lying close, the height of the one nearest along the axis. */
export const nearestHeight = (points: readonly { z: number; r: number }[], z: number): number =>
  points.reduce((best, p) => (Math.abs(p.z - z) < Math.abs(best.z - z) ? p : best)).r;
