import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nearestOn } from './nearestOn';
import { offsetProfile } from './offsetProfile';
import { shapeCurve } from './shapeCurve';
import { creepCosts, feedToFollow, printerScale, tracerTemplate } from './tracerTemplate';
import { real } from '../real.testdata';
import { handle, nearestHeight, profiles } from './profiles.testdata';

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
          expect(lost).toBe(0);
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
  it('what a thick stylus loses is what a line drawn finer says it loses, on walls and overhangs too', () => {
    const lots = fc.sample(fc.tuple(profiles, real(0.4, 2), real(1.2, 3)), { numRuns: 40, seed: 20261128 });
    const apart = lots
      .map(([pieces, noseRadius, times]) => {
        const lost = (step: number): number =>
          tracerTemplate({ pieces, member: 'external', noseRadius, stylusRadius: times * noseRadius, step })
            .lost;
        return Math.abs(lost(0.1) - lost(0.05));
      })
      .sort((a, b) => a - b);
    expect(apart[30]!).toBeLessThan(0.01);
    expect(apart.at(-1)!).toBeLessThan(0.1);
  });
  it('the line of a drawing is where a line drawn five times finer is, on walls as well', () => {
    const wall = shapeCurve([
      { z: 0, r: 6 },
      { z: 10, r: 6 },
      { z: 10.5, r: 9 },
      { z: 20, r: 9 },
    ]);
    const drawn = (step: number) =>
      tracerTemplate({ pieces: wall, member: 'external', noseRadius: 2, stylusRadius: 1, step }).line;
    const fine = new Map(drawn(0.02).map((p) => [p.z.toFixed(3), p.r]));
    for (const p of drawn(0.1)) expect(Math.abs((fine.get(p.z.toFixed(3)) ?? p.r) - p.r)).toBeLessThan(0.02);
  });
  it('check points say the work’s own diameter there', () => {
    const { checks } = tracerTemplate({ pieces: handle, member: 'external', noseRadius: 1, stylusRadius: 1 });
    expect(checks[0]!.z).toBeCloseTo(0, 9);
    expect(checks[0]!.diameter).toBeCloseTo(18, 9);
    for (const { z, diameter } of checks)
      expect(Math.abs(nearestOn(handle, { z, r: diameter / 2 }).off)).toBeLessThan(1e-6);
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
