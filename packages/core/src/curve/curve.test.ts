import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bestFit } from './bestFit';
import { nearestOn } from './nearestOn';
import { coordinateTable } from './coordinateTable';
import { offsetProfile } from './offsetProfile';
import { endOf, flipped, lengthOf, pointOn, sampled, startOf, type Piece } from './piece';
import { outOfReach } from './reach';
import { cornersOf, shapeCurve, type ShapePoint } from './shapeCurve';
import { SHAPES, standardShape } from './standardShapes';
import { creepCosts, feedToFollow, printerScale, tracerTemplate } from './tracerTemplate';
import { compareCurveWays } from '../ways/curve/choose';
import type { Feature } from '../part/kinds/registry';
import { plungeOf } from '../part/profileCurve';
import { plainText } from '../figure/phrase';

const real = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** Profiles of lines, arcs, ogees, ellipses and splines that run on along the axis. */
const profiles = fc
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

const handle = shapeCurve(standardShape('ogee-handle', { diameter: 26, endDiameter: 18, length: 73 }));

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

describe('the path of a round nose', () => {
  it('cuts in nowhere and touches everywhere it stands, outside and in a bore, against brute force', () => {
    fc.assert(
      fc.property(
        profiles,
        real(0.2, 4),
        fc.constantFrom('external' as const, 'internal' as const),
        (pieces, nose, member) => {
          const path = offsetProfile({ pieces, noseRadius: nose, member, count: 61 })!;
          const points = sampled(pieces, 0.01, 1e-5);
          path.z.forEach((z, i) => {
            let nearest = Infinity;
            for (const p of points) nearest = Math.min(nearest, Math.hypot(p.z - z, p.r - path.r[i]!));
            expect(nearest).toBeGreaterThan(nose - 2e-5);
            expect(nearest).toBeLessThan(nose + 2e-4);
            expect(Math.abs(path.touch[i]! - z)).toBeLessThanOrEqual(nose + 1e-9);
          });
          // On the tool's side of the work all along.
          const height = (z: number): number => nearestHeight(points, z);
          path.z.forEach((z, i) =>
            expect(member === 'external' ? path.r[i]! - height(z) : height(z) - path.r[i]!).toBeGreaterThan(
              0,
            ),
          );
        },
      ),
      { numRuns: 40, seed: 3 },
    );
  });
  it('is exact for a straight and for an arc', () => {
    const a = Math.atan(0.3);
    const straight = offsetProfile({
      pieces: shapeCurve([
        { z: 0, r: 10 },
        { z: 20, r: 16 },
      ]),
      noseRadius: 1.5,
      member: 'external',
      count: 101,
    })!;
    expect(straight.r[50]).toBeCloseTo(10 + 0.3 * 10 + 1.5 / Math.cos(a), 12);
    const ball: Piece[] = [{ kind: 'arc', c: { z: 0, r: 0 }, radius: 10, from: Math.PI, sweep: -Math.PI }];
    const round = offsetProfile({ pieces: ball, noseRadius: 2, member: 'external', count: 41 })!;
    round.z.forEach((z, i) => expect(Math.hypot(z, round.r[i]!)).toBeCloseTo(12, 10));
  });
  it('can be called off, and refuses what it cannot do', () => {
    expect(
      offsetProfile({ pieces: handle, noseRadius: 1, member: 'external', count: 100, cancelled: () => true }),
    ).toBeNull();
    expect(() => offsetProfile({ pieces: handle, noseRadius: -1, member: 'external', count: 9 })).toThrow(
      expect.objectContaining({ field: 'noseRadius' }),
    );
    expect(() => offsetProfile({ pieces: [], noseRadius: 1, member: 'external', count: 9 })).toThrow(
      expect.objectContaining({ field: 'points' }),
    );
    expect(() => offsetProfile({ pieces: handle, noseRadius: 1, member: 'external', count: 1 })).toThrow(
      expect.objectContaining({ field: 'count' }),
    );
  });
});

const nearestHeight = (points: readonly { z: number; r: number }[], z: number): number =>
  points.reduce((best, p) => (Math.abs(p.z - z) < Math.abs(best.z - z) ? p : best)).r;

describe('what a nose cannot reach', () => {
  const hollow = shapeCurve([
    { z: 0, r: 10 },
    { z: 5, r: 10 },
    { z: 9, r: 10, run: 'arc', radius: 2.5, bulge: 'in' },
    { z: 14, r: 10 },
  ]);
  it('a hollow tighter than the nose is found where it is, with the nose that would do', () => {
    expect(outOfReach({ pieces: hollow, noseRadius: 2, member: 'external' })).toEqual([]);
    const [found] = outOfReach({ pieces: hollow, noseRadius: 4, member: 'external' });
    expect(found).toMatchObject({ why: 'nose', largestNose: 2.5 });
    expect(found!.from).toBeGreaterThan(4.9);
    expect(found!.to).toBeLessThan(9.1);
    // Sunk between two edges 4 apart a nose of 4 stands this far above the bottom of the hollow.
    const bottom = 2.5 - Math.sqrt(2.5 ** 2 - 4);
    expect(found!.left).toBeCloseTo(bottom - (4 - Math.sqrt(16 - 4)), 2);
  });
  it('the same in a bore, turned over', () => {
    const bore = hollow
      .map(flipped)
      .map((p): Piece =>
        p.kind === 'line'
          ? { ...p, a: { ...p.a, r: p.a.r + 20 }, b: { ...p.b, r: p.b.r + 20 } }
          : { ...p, c: { ...p.c, r: p.c.r + 20 } },
      );
    expect(outOfReach({ pieces: bore, noseRadius: 4, member: 'internal' })).toHaveLength(1);
    expect(outOfReach({ pieces: bore, noseRadius: 2, member: 'internal' })).toEqual([]);
  });
  it('a corner no nose reaches, and a fall steeper than the flank', () => {
    const step = shapeCurve([
      { z: 0, r: 6 },
      { z: 5, r: 6 },
      { z: 5, r: 10 },
      { z: 9, r: 10 },
    ]);
    expect(outOfReach({ pieces: step, noseRadius: 0.4, member: 'external' })[0]).toMatchObject({
      why: 'nose',
      largestNose: null,
    });
    const fall = shapeCurve([
      { z: 0, r: 6 },
      { z: 5, r: 10 },
    ]);
    const flank = (degrees: number) =>
      outOfReach({ pieces: fall, noseRadius: 0.4, member: 'external', flank: (degrees * Math.PI) / 180 });
    expect(flank(30).some((o) => o.why === 'flank')).toBe(true);
    expect(flank(45).some((o) => o.why === 'flank')).toBe(false);
  });
});

describe('the line a stylus follows', () => {
  it('stylus and nose keep company: riding the line, the nose stands where it should', () => {
    fc.assert(
      fc.property(
        profiles,
        real(0.5, 3),
        real(0, 1),
        fc.constantFrom('external' as const, 'internal' as const),
        (pieces, nose, part, member) => {
          const stylus = part * nose;
          const { line, lost } = tracerTemplate({
            pieces,
            member,
            noseRadius: nose,
            stylusRadius: stylus,
            step: 0.02,
          });
          const sign = member === 'external' ? 1 : -1;
          const path = offsetProfile({ pieces, noseRadius: nose, member, count: 25 })!;
          // Nearer to an end than the nose it rests on the end itself, where the line is carried on straight.
          const [first, last] = [path.z[0]! + nose, path.z.at(-1)! - nose];
          path.z.forEach((z, i) => {
            if (z < first || z > last) return;
            const slope =
              (path.r[Math.min(i + 1, 24)]! - path.r[Math.max(0, i - 1)]!) / (path.z[1]! - path.z[0]!);
            if (Math.abs(slope) > 1) return;
            let rides = stylus < 0.1 ? sign * nearestHeight(line, z) + stylus : -Infinity;
            for (const p of line) {
              const aside = stylus * stylus - (p.z - z) ** 2;
              if (aside >= -1e-12 && Math.abs(p.z - z) <= Math.max(stylus, 0.021))
                rides = Math.max(rides, sign * p.r + Math.sqrt(Math.max(0, aside)));
            }
            // Steep stretches move the line by their slope times half a step of its drawing.
            expect(Math.abs(rides - sign * path.r[i]!)).toBeLessThan(0.2);
          });
          expect(lost).toBeLessThan(0.02);
        },
      ),
      { numRuns: 30, seed: 4 },
    );
  });
  it('equal tips need no redrawing: the line is the profile, where the nose reaches it', () => {
    const gentle = shapeCurve([
      { z: 0, r: 8 },
      { z: 20, r: 12, run: 'ogee' },
      { z: 30, r: 12 },
    ]);
    const { line } = tracerTemplate({
      pieces: gentle,
      member: 'external',
      noseRadius: 1.5,
      stylusRadius: 1.5,
      step: 0.05,
    });
    for (const p of line.filter((q) => q.z > 2 && q.z < 28))
      expect(Math.abs(nearestOn(gentle, p).off)).toBeLessThan(0.002);
  });
  it('a stylus too thick to follow says what the work loses', () => {
    const ridge = shapeCurve([
      { z: 0, r: 8 },
      { z: 10, r: 8 },
      { z: 11, r: 9.5 },
      { z: 12, r: 8 },
      { z: 22, r: 8 },
    ]);
    expect(
      tracerTemplate({ pieces: ridge, member: 'external', noseRadius: 0.2, stylusRadius: 4 }).lost,
    ).toBeGreaterThan(0.2);
    expect(
      tracerTemplate({ pieces: ridge, member: 'external', noseRadius: 1, stylusRadius: 1 }).lost,
    ).toBeLessThan(0.02);
  });
  it('check points say the work’s own diameter there', () => {
    const { checks } = tracerTemplate({ pieces: handle, member: 'external', noseRadius: 1, stylusRadius: 1 });
    expect(checks[0]!.z).toBeCloseTo(0, 9);
    expect(checks[0]!.diameter).toBeCloseTo(18, 9);
    for (const { z, diameter } of checks)
      expect(Math.abs(nearestOn(handle, { z, r: diameter / 2 }).off)).toBeLessThan(1e-6);
  });
});

describe('two-handle steps', () => {
  const table = (more: object = {}) =>
    coordinateTable({
      pieces: handle,
      member: 'external',
      noseRadius: 1.2,
      ridge: 0.02,
      longest: 2,
      along: 0.1,
      division: 0.02,
      reads: 'diameter',
      of: 'centre',
      allowance: 0,
      ...more,
    });
  it('every row stands off the work by the nose or up to a division more; ridges keep to what was allowed', () => {
    fc.assert(
      fc.property(profiles, real(0.4, 2), real(0.01, 0.1), (pieces, nose, ridge) => {
        const { rows, highest } = table({ pieces, noseRadius: nose, ridge, along: 0.02, longest: 1.5 });
        const points = sampled(pieces, 0.01, 1e-5);
        const length = Math.max(...points.map((p) => p.z));
        for (const row of rows.filter((_, i) => i % 7 === 0)) {
          const centre = { z: length - row.along, r: row.across / 2 };
          const nearest = Math.min(...points.map((p) => Math.hypot(p.z - centre.z, p.r - centre.r)));
          expect(nearest).toBeGreaterThan(nose - 0.011);
          expect(nearest).toBeLessThan(nose + 0.03);
        }
        // One division of the carriage on a wall is the least step there is.
        expect(Number.isFinite(highest)).toBe(true);
      }),
      { numRuns: 20, seed: 5 },
    );
    expect(table().highest).toBeLessThanOrEqual(0.02 + 1e-9);
  });
  it('no rounding cuts in: every place is one the handles can be set to, and stands off by the nose at least', () => {
    fc.assert(
      fc.property(
        profiles,
        real(0.3, 2),
        real(0, 30),
        fc.constantFrom('tip' as const, 'centre' as const),
        (pieces, nose, beyond, of) => {
          // A nose of 1/32 in on a carriage set to tenths of a millimetre: nothing falls on a division by itself.
          const { rows } = table({ pieces, noseRadius: nose, ridge: 0.2, along: 0.1, of, beyond });
          const points = sampled(pieces, 0.01, 1e-6);
          const end = Math.max(...points.map((p) => p.z)) + beyond;
          const back = of === 'tip' ? nose : 0;
          for (const row of rows) {
            expect(Math.abs(row.along * 10 - Math.round(row.along * 10))).toBeLessThan(1e-6);
            expect(Math.abs(row.across * 50 - Math.round(row.across * 50))).toBeLessThan(1e-6);
            const centre = { z: end - row.along + back, r: row.across / 2 + back };
            expect(row.nose.z).toBeCloseTo(centre.z, 5);
            expect(row.nose.r).toBeCloseTo(centre.r, 9);
            const nearest = Math.min(...points.map((p) => Math.hypot(p.z - centre.z, p.r - centre.r)));
            expect(nearest).toBeGreaterThan(nose - 2e-5);
          }
          rows.slice(1).forEach((row, i) => expect(row.along).toBeGreaterThan(rows[i]!.along));
        },
      ),
      { numRuns: 15, seed: 8 },
    );
  });
  it('in a bore the nose stands inside the curve by its radius, and no nearer', () => {
    const { rows } = table({ member: 'internal' });
    for (const { nose } of rows) {
      const off = nearestOn(handle, nose).off;
      expect(off).toBeLessThan(-1.2 + 2e-5);
      expect(off).toBeGreaterThan(-1.2 - 0.05);
    }
  });
  it('what lies beyond the curve is in every carriage figure', () => {
    const [here, there] = [table(), table({ beyond: 25 })];
    expect(there.rows[4]!.along - here.rows[4]!.along).toBeCloseTo(25, 9);
    expect(there.rows[4]!.across).toBe(here.rows[4]!.across);
  });
  it('fewer steps where a higher ridge is allowed, and where the curve is gentle', () => {
    expect(table({ ridge: 0.05 }).rows.length).toBeLessThan(table().rows.length);
    const plain = shapeCurve([
      { z: 0, r: 10 },
      { z: 40, r: 10 },
    ]);
    expect(table({ pieces: plain, ridge: 10 }).rows).toHaveLength(21);
  });
  it('a plain cylinder’s ridge is the scallop between two noses', () => {
    const plain = shapeCurve([
      { z: 0, r: 10 },
      { z: 40, r: 10 },
    ]);
    const { rows } = table({ pieces: plain, ridge: 10, longest: 1 });
    expect(rows[5]!.ridge).toBeCloseTo(1.2 - Math.sqrt(1.2 ** 2 - 0.25), 9);
  });
  it('by the tip it is the nose less on both handles; a bore grows the other way', () => {
    const [centre, tip] = [table(), table({ of: 'tip' })];
    expect(tip.rows[0]!.along - centre.rows[0]!.along).toBeCloseTo(1.2, 9);
    expect(centre.rows[3]!.across - tip.rows[3]!.across).toBeCloseTo(2.4, 9);
    const bore = table({
      pieces: shapeCurve([
        { z: 0, r: 10 },
        { z: 10, r: 12 },
      ]),
      member: 'internal',
    });
    for (const row of bore.rows) expect(row.across).toBeLessThan(24);
  });
  it.each([
    [{ ridge: 0 }, 'ridge'],
    [{ noseRadius: 0 }, 'noseRadius'],
    [{ longest: -1 }, 'longest'],
    [{ allowance: -0.1 }, 'allowance'],
    [{ beyond: -1 }, 'beyond'],
    [{ ridge: 1e-9, along: 0.001, longest: 0.001 }, 'ridge'],
  ])('refuses %j at %s', (more, field) => {
    expect(() => table(more)).toThrow(expect.objectContaining({ field }));
  });
});

describe('measured against wanted', () => {
  it('a shift that was put in comes back out, and what is left is what was left', () => {
    fc.assert(
      fc.property(real(-0.4, 0.4), real(-0.3, 0.3), (dz, dr) => {
        const measured = sampled(handle, 3).map((p) => ({ z: p.z - dz, r: p.r - dr }));
        const fit = bestFit({ pieces: handle, measured });
        expect(fit.shift.r).toBeCloseTo(dr, 2);
        expect(fit.rms).toBeLessThan(0.012);
      }),
      { numRuns: 30, seed: 6 },
    );
  });
  it('one place too fat is the worst place, and outward is more than nothing', () => {
    const measured = sampled(handle, 2).map((p, i) => (i === 12 ? { z: p.z, r: p.r + 0.2 } : p));
    const fit = bestFit({ pieces: handle, measured });
    expect(fit.worst.at).toEqual(measured[12]);
    expect(fit.worst.off).toBeGreaterThan(0.1);
  });
  it('a plain cylinder cannot say where along it lies, and is not moved there', () => {
    const plain = shapeCurve([
      { z: 0, r: 10 },
      { z: 40, r: 10 },
    ]);
    const fit = bestFit({ pieces: plain, measured: [5, 15, 25].map((z) => ({ z, r: 10.1 })) });
    expect(fit.shift.z).toBeCloseTo(0, 6);
    expect(fit.shift.r).toBeCloseTo(-0.1, 6);
  });
  it('a scale is found where it is asked for', () => {
    const measured = sampled(handle, 2).map((p) => ({ z: p.z / 1.01, r: p.r / 1.01 }));
    expect(bestFit({ pieces: handle, measured, withScale: true }).scale).toBeCloseTo(1.01, 2);
  });
  it.each([
    [[{ z: 0, r: 1 }], 'measured'],
    [
      [
        { z: 0, r: 1 },
        { z: Number.NaN, r: 1 },
        { z: 2, r: 1 },
      ],
      'measured.1',
    ],
  ])('refuses %j at %s', (measured, field) => {
    expect(() => bestFit({ pieces: handle, measured })).toThrow(expect.objectContaining({ field }));
  });
});

describe('following the line', () => {
  it('the carriage goes slower where the line is steeper, and creep costs twice the slope', () => {
    expect(feedToFollow(2)).toBeLessThan(feedToFollow(1));
    expect(feedToFollow(0)).toBeLessThan(Infinity);
    expect(creepCosts({ crept: -0.5, steepest: 0.8 })).toBeCloseTo(0.8, 12);
  });
  it('a printer a little out is corrected by as much; one far out is a setting left on', () => {
    expect(printerScale(49)).toBeCloseTo(50 / 49, 12);
    for (const printed of [0, -5, 25, 100, 1000, Number.NaN])
      expect(() => printerScale(printed)).toThrow(expect.objectContaining({ field: 'printedBar' }));
  });
});

describe('ways of making a curve', () => {
  const context = {
    pieces: handle,
    plunge: null,
    member: 'external',
    noseRadius: 0.8,
    stylusRadius: 0.8,
    ridge: 0.02,
    longest: 1,
    division: 0.02,
    reads: 'diameter',
    stickOut: 60,
  } as const;
  const grooves: Feature[] = [
    { id: 'a', name: 'First', kind: 'groove', side: 'external', diameter: 26, length: 3.2 },
    { id: 'l', name: 'Land', kind: 'cylinder', side: 'external', diameter: 30, length: 9.6 },
    { id: 'b', name: 'Second', kind: 'groove', side: 'external', diameter: 26, length: 3.2 },
    { id: 'j', name: 'Journal', kind: 'cylinder', side: 'external', diameter: 30, length: 42 },
  ];
  it('a long curve by steps, grooves in one plunge', () => {
    expect(compareCurveWays(context).recommended).toBe('steps');
    const plunge = plungeOf(grooves)!;
    expect(plunge).toMatchObject({
      width: 16,
      grooves: [{ name: 'First', width: expect.closeTo(3.2, 9), bottom: 26 }, { name: 'Second' }],
    });
    const found = compareCurveWays({ ...context, pieces: null, plunge });
    expect(found.recommended).toBe('form-tool');
    expect(found.assessments.map((a) => a.id)).toEqual(['form-tool']);
    expect(found.assessments[0]!.title).toContain('2 grooves');
  });
  it('an edge too wide is ruled out, and so is a way whose figures make no sense, each with its sentence', () => {
    const by = (found: ReturnType<typeof compareCurveWays>, id: string): string =>
      found.assessments
        .find((a) => a.id === id)!
        .blockers.map((b) => plainText(b))
        .join(' ');
    expect(by(compareCurveWays(context), 'form-tool')).toContain('more than a light lathe plunges');
    const wild = compareCurveWays({ ...context, noseRadius: -1, ridge: 0 });
    expect(by(wild, 'steps')).toContain('more than zero');
    expect(by(wild, 'drawing')).toContain('less than zero');
    expect(wild.recommended).toBeNull();
    expect(by(compareCurveWays({ ...context, ridge: 1e-9, longest: 0.0001 }), 'steps')).toBe('');
  });
  it('nothing to make, nothing offered', () => {
    expect(compareCurveWays({ ...context, pieces: null })).toEqual({ assessments: [], recommended: null });
    expect(plungeOf([grooves[3]!])).toBeNull();
  });
});
