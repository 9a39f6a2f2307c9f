import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { solveTaper, type TaperGivens } from './solve';

const truth = fc.record({
  largeDiameter: fc.double({ min: 5, max: 200, noNaN: true }),
  length: fc.double({ min: 5, max: 400, noNaN: true }),
  share: fc.double({ min: 0.05, max: 0.95, noNaN: true }),
});

describe('any sufficient figures give all five', () => {
  const subsets: (keyof TaperGivens)[][] = [
    ['largeDiameter', 'smallDiameter', 'length'],
    ['largeDiameter', 'length', 'ratio'],
    ['smallDiameter', 'length', 'ratio'],
    ['largeDiameter', 'smallDiameter', 'ratio'],
    ['largeDiameter', 'length', 'halfAngle'],
    ['smallDiameter', 'length', 'halfAngle'],
    ['largeDiameter', 'smallDiameter', 'halfAngle'],
  ];
  it.each(subsets)('%s, %s and %s', (...names) => {
    fc.assert(
      fc.property(truth, ({ largeDiameter, length, share }) => {
        const smallDiameter = largeDiameter * share;
        const whole = solveTaper({ largeDiameter, smallDiameter, length });
        const again = solveTaper(Object.fromEntries(names.map((n) => [n, whole[n]])));
        for (const key of ['largeDiameter', 'smallDiameter', 'length', 'ratio', 'halfAngle'] as const) {
          expect(Math.abs(again[key] - whole[key])).toBeLessThan(1e-7 * Math.max(1, whole[key]));
        }
      }),
    );
  });

  it('solves a No. 3 Morse shank from its table', () => {
    expect(solveTaper({ largeDiameter: 23.825, length: 81, ratio: 1 / 19.922 }).smallDiameter).toBeCloseTo(
      19.7591,
      4,
    );
  });
});

describe('what is missing or disagrees is said, at the field', () => {
  it.each([
    [{}, 'underdetermined', 'ratio'],
    [{ largeDiameter: 20 }, 'underdetermined', 'ratio'],
    [{ largeDiameter: 20, length: 50 }, 'underdetermined', 'ratio'],
    [{ ratio: 0.05 }, 'underdetermined', 'largeDiameter'],
    [{ largeDiameter: 20, smallDiameter: 18 }, 'underdetermined', 'length'],
    [{ largeDiameter: 20, ratio: 0.05 }, 'underdetermined', 'length'],
    [{ largeDiameter: 18, smallDiameter: 20, length: 40 }, 'impossible', 'smallDiameter'],
    [{ largeDiameter: 20, length: 500, ratio: 0.05 }, 'impossible', 'length'],
    [{ largeDiameter: 200, smallDiameter: 1, length: 0.5 }, 'impossible', 'length'],
    [{ largeDiameter: -20 }, 'out-of-range', 'largeDiameter'],
    [{ largeDiameter: NaN }, 'not-finite', 'largeDiameter'],
  ] as [TaperGivens, string, string][])('%o → %s at %s', (givens, code, field) => {
    expect(() => solveTaper(givens)).toThrow(expect.objectContaining({ code, field }));
  });

  it('gives the size of a disagreement on diameter', () => {
    const call = () =>
      solveTaper({ largeDiameter: 23.825, smallDiameter: 19.8, length: 81, ratio: 1 / 19.922 });
    expect(call).toThrow(expect.objectContaining({ code: 'inconsistent', field: 'smallDiameter' }));
    expect(call).toThrow(/0\.0409\u00a0mm.*19\.7591/);
  });

  it('gives the size of a disagreement between ratio and angle over the length', () => {
    expect(() => solveTaper({ largeDiameter: 24, length: 80, ratio: 0.05, halfAngle: 0.03 })).toThrow(
      /0\.80\d+\u00a0mm on diameter/,
    );
  });

  it('takes a ratio and an angle that say the same, alone or with every other figure', () => {
    const halfAngle = Math.atan(0.025);
    expect(solveTaper({ largeDiameter: 20, length: 80, ratio: 0.05, halfAngle }).smallDiameter).toBeCloseTo(
      16,
      9,
    );
    expect(
      solveTaper({ largeDiameter: 20, smallDiameter: 16, length: 80, ratio: 0.05, halfAngle }).halfAngle,
    ).toBeCloseTo(halfAngle, 12);
  });
  it('lets rounding below half a micrometre pass', () => {
    expect(() =>
      solveTaper({ largeDiameter: 20, smallDiameter: 16.0004, length: 80, ratio: 0.05 }),
    ).not.toThrow();
  });
});
