import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { offsetProfile } from './offsetProfile';
import { flipped, sampled, type Piece } from './piece';
import { outOfReach } from './reach';
import { shapeCurve } from './shapeCurve';
import { real } from '../real.testdata';
import { handle, nearestHeight, profiles } from './profiles.testdata';

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
  it('of an arc only the stretch that falls more steeply than the flank clears', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 6.5, max: 20, noNaN: true }),
        fc.double({ min: 0.3, max: 0.6, noNaN: true }),
        (radius, flank) => {
          const pieces = shapeCurve([
            { z: 0, r: 10 },
            { z: 12, r: 10, run: 'arc', radius },
          ]);
          // A round on its chord: it falls by as much as the place lies from its middle.
          const steepest = Math.asin(6 / radius);
          const found = outOfReach({ pieces, noseRadius: 0, member: 'external', flank });
          if (steepest <= flank) expect(found).toEqual([]);
          else
            expect(found).toEqual([
              {
                from: expect.closeTo(0, 9),
                to: expect.closeTo(6 - radius * Math.sin(flank), 6),
                why: 'flank',
                left: 0,
                largestNose: null,
              },
            ]);
        },
      ),
    );
  });
});
