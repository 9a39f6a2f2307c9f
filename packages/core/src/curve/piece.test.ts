import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nearestOn } from './nearestOn';
import { endOf, lengthOf, pointOn, sampled, startOf } from './piece';
import { cornersOf, shapeCurve, type ShapePoint } from './shapeCurve';
import { SHAPES, standardShape } from './standardShapes';
import { real } from '../real.testdata';
import { profiles } from './profiles.testdata';

describe('the pieces of a profile', () => {
  it('follow one another without a gap, whatever they are', () => {
    fc.assert(
      fc.property(profiles, (pieces) => {
        pieces.slice(1).forEach((piece, i) => {
          const before = endOf(pieces[i]!);
          expect(Math.hypot(startOf(piece).z - before.z, startOf(piece).r - before.r)).toBeLessThan(1e-8);
        });
      }),
      { seed: 1 },
    );
  });
  it('an ogee and a tangent arc leave no corner; straights that turn do', () => {
    expect(
      cornersOf(
        shapeCurve([
          { z: 0, r: 5 },
          { z: 10, r: 5 },
          { z: 20, r: 9, run: 'ogee' },
          { z: 25, r: 9 },
        ]),
      ),
    ).toEqual([]);
    expect(
      cornersOf(
        shapeCurve([
          { z: 0, r: 5 },
          { z: 10, r: 5 },
          { z: 16, r: 8, run: 'tangent' },
        ]),
      ),
    ).toEqual([]);
    expect(
      cornersOf(
        shapeCurve([
          { z: 0, r: 5 },
          { z: 10, r: 5 },
          { z: 16, r: 8 },
        ]),
      ),
    ).toHaveLength(1);
  });
  it('an arc bulges the way it is said to, and through a third point it goes', () => {
    const middle = (bulge: 'out' | 'in'): number =>
      pointOn(
        shapeCurve([
          { z: 0, r: 10 },
          { z: 10, r: 10, run: 'arc', radius: 8, bulge },
        ])[0]!,
        0.5,
      ).r;
    expect(middle('out')).toBeGreaterThan(10);
    expect(middle('in')).toBeLessThan(10);
    fc.assert(
      fc.property(real(1, 9), real(-4, 4), (z, dr) => {
        fc.pre(Math.abs(dr) > 0.01);
        const [piece] = shapeCurve([
          { z: 0, r: 10 },
          { z: 10, r: 10, run: 'via', via: { z, r: 10 + dr } },
        ]);
        expect(nearestOn([piece!], { z, r: 10 + dr }).off).toBeCloseTo(0, 7);
      }),
      { seed: 2 },
    );
  });
  it('an ellipse lies on its ellipse, a spline on its points', () => {
    for (const p of sampled(
      shapeCurve([
        { z: 0, r: 5 },
        { z: 10, r: 9, run: 'ellipse', bulge: 'out' },
      ]),
      0.2,
    ))
      expect(((p.z - 10) / 10) ** 2 + ((p.r - 5) / 4) ** 2).toBeCloseTo(1, 4);
    const given: ShapePoint[] = [
      { z: 0, r: 5 },
      { z: 4, r: 8, run: 'spline' },
      { z: 9, r: 6, run: 'spline' },
      { z: 14, r: 9, run: 'spline' },
    ];
    const pieces = shapeCurve(given);
    for (const p of given) expect(Math.abs(nearestOn(pieces, p).off)).toBeLessThan(1e-9);
  });
  it.each([
    [[{ z: 0, r: 5 }], 'points'],
    [
      [
        { z: 0, r: 5 },
        { z: 10, r: 5, run: 'arc', radius: 2 },
      ],
      'points.1.radius',
    ],
    [
      [
        { z: 0, r: 5 },
        { z: 10, r: 5, run: 'arc' },
      ],
      'points.1.radius',
    ],
    [
      [
        { z: 0, r: 5 },
        { z: 10, r: 5, run: 'tangent' },
      ],
      'points.1.run',
    ],
    [
      [
        { z: 0, r: 5 },
        { z: 10, r: 5, run: 'via' },
      ],
      'points.1.via',
    ],
  ] as const)('refuses %j at %s', (points, field) => {
    expect(() => shapeCurve(points as never)).toThrow(expect.objectContaining({ field }));
  });
  it('every standard shape is a profile; impossible sizes are said', () => {
    for (const shape of SHAPES) {
      const pieces = shapeCurve(standardShape(shape, { diameter: 20, endDiameter: 8, length: 40 }));
      expect(pieces.reduce((sum, p) => sum + lengthOf(p), 0)).toBeGreaterThan(5);
    }
    expect(() => standardShape('ball', { diameter: 8, endDiameter: 9, length: 5 })).toThrow(
      expect.objectContaining({ field: 'endDiameter' }),
    );
  });
});
