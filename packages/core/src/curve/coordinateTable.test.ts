import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nearestOn } from './nearestOn';
import { coordinateTable } from './coordinateTable';
import { sampled } from './piece';
import { shapeCurve } from './shapeCurve';
import { real } from '../real.testdata';
import { handle, profiles } from './profiles.testdata';

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
  it.each([
    ['centre', 0],
    ['tip', 0],
    ['tip', 7],
    ['centre', 7],
  ] as const)(
    'goes from the first end to the last, %s, from %d beyond, wherever the drawing begins',
    (of, beyond) => {
      const along = <P extends { z: number }>(p: P): P => ({ ...p, z: p.z + 50 });
      const moved = handle.map((piece) =>
        piece.kind === 'line'
          ? { ...piece, a: along(piece.a), b: along(piece.b) }
          : { ...piece, c: along(piece.c) },
      );
      const [here, there] = [table({ of, beyond }), table({ of, beyond, pieces: moved })];
      expect(there.rows.map((row) => row.along)).toEqual(here.rows.map((row) => row.along));
      expect(there.rows.map((row) => row.across)).toEqual(here.rows.map((row) => row.across));
      const ends = sampled(handle, 0.01, 1e-6).map((p) => p.z);
      const [first, last] = [here.rows[0]!.nose.z, here.rows.at(-1)!.nose.z];
      expect(Math.max(...ends) - first).toBeGreaterThanOrEqual(-1e-9);
      expect(Math.max(...ends) - first).toBeLessThan(0.1 + 1e-9);
      expect(last - Math.min(...ends)).toBeGreaterThanOrEqual(-1e-9);
      expect(last - Math.min(...ends)).toBeLessThan(0.1 + 1e-9);
    },
  );
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
