import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { identifyTaper } from './identifyTaper';
import { selfHolding } from './selfHolding';
import { TAPER_SERIES } from './series/registry';

const sized = TAPER_SERIES.flatMap((s) => s.sizes).filter(
  (s) => s.gaugeDiameter !== null && s.length !== null,
);

describe('an old part’s taper', () => {
  it.each(sized)('$name ($series) is found from two diameters on it', (size) => {
    const length = size.length! * 0.8;
    const largeDiameter = size.gaugeDiameter! - size.length! * 0.1 * size.ratio;
    const { matches } = identifyTaper({
      largeDiameter,
      smallDiameter: largeDiameter - length * size.ratio,
      length,
      uncertainty: 0.002,
    });
    const near = matches.filter((m) => Math.abs(m.size.ratio - size.ratio) < 5e-6 && m.outside === 0);
    expect(near.map((m) => `${m.size.series}/${m.size.size}`)).toContain(`${size.series}/${size.size}`);
    expect(matches[0]!.score).toBeLessThan(0.3);
  });

  it('tells No. 3 from No. 2 Morse with a micrometer over the whole length, not with a rule', () => {
    const shank = { largeDiameter: 23.6, smallDiameter: 23.6 - 70 / 19.922, length: 70 };
    const fine = identifyTaper({ ...shank, uncertainty: 0.001 });
    expect(fine.matches[0]!.size.name).toBe('No. 3 Morse');
    const rough = identifyTaper({ ...shank, uncertainty: 0.05 });
    expect(rough.told).toBe(false);
    expect(rough.lengthToTell!).toBeGreaterThan(70);
    const better = identifyTaper({ ...shank, uncertainty: rough.uncertaintyToTell! * 0.99 });
    expect(better.told).toBe(true);
    expect(fine.lengthToTell!).toBeCloseTo(rough.lengthToTell! / 50, 6);
  });

  it('ranks by distance, and the deviation is the ratio’s over the length', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 8, max: 90, noNaN: true }),
        fc.double({ min: 10, max: 150, noNaN: true }),
        fc.double({ min: 0.01, max: 0.35, noNaN: true }),
        (small, length, ratio) => {
          const { matches } = identifyTaper({
            largeDiameter: small + ratio * length,
            smallDiameter: small,
            length,
            uncertainty: 0.01,
          });
          matches.forEach((m, i) => {
            if (i > 0) expect(m.score).toBeGreaterThanOrEqual(matches[i - 1]!.score);
            expect(m.overLength).toBeCloseTo((ratio - m.size.ratio) * length, 6);
          });
        },
      ),
      { numRuns: 40 },
    );
  });

  it('of two of the same ratio names the one that has that size, before the bare ratio', () => {
    const { matches } = identifyTaper({
      largeDiameter: 79,
      smallDiameter: 74,
      length: 100,
      uncertainty: 0.002,
    });
    const alike = matches.filter(({ size }) => Math.abs(size.ratio - 0.05) < 1e-9);
    const bare = alike.find(({ size }) => size.gaugeDiameter === null && size.small === null)!;
    const named = alike.find(({ size, outside }) => size.gaugeDiameter !== null && outside === 0)!;
    expect(matches[0]!.size).toBe(named.size);
    expect(bare.score - named.score).toBeCloseTo(0.25, 9);
  });

  it('refuses nonsense at its field', () => {
    expect(() =>
      identifyTaper({ largeDiameter: 10, smallDiameter: 12, length: 30, uncertainty: 0.01 }),
    ).toThrow(expect.objectContaining({ code: 'impossible', field: 'smallDiameter' }));
  });
});

it('a Morse holds itself, a 7:24 lets go, and the friction angle is shown', () => {
  expect(selfHolding({ halfAngle: 0.025 }).holds).toBe('self-holding');
  expect(selfHolding({ halfAngle: Math.atan(7 / 48) }).holds).toBe('self-releasing');
  expect(selfHolding({ halfAngle: Math.atan(0.12) }).holds).toBe('borderline');
  expect(selfHolding({ halfAngle: 0.1 }).frictionAngle).toBeCloseTo(Math.atan(0.12), 12);
});
