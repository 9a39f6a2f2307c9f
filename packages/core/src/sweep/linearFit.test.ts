import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seriesOf } from './series';
import { fitLinear, leftBeside } from './linearFit';
import { sumsOf } from './sums';
import { all, type Column } from './tails';

const LENGTH = 40;
const anySeries = fc
  .array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: LENGTH, maxLength: LENGTH })
  .map((reading) =>
    seriesOf({ travel: reading.map((_, i) => 2 * i), reading, expectedSlope: 0.05, lead: 11 }),
  );
/** Places apart from one another, so that no two columns say the same. */
const somePlaces = fc.uniqueArray(fc.integer({ min: 2, max: 15 }), { minLength: 1, maxLength: 4 });
const jump = (place: number): Column => [{ of: 'level', times: 1, after: 5 * place - 1 }];
const STAYING = [all('level'), all('travel'), all('bow'), all('sine'), all('cosine')];

describe('columns tried beside some that stay', () => {
  it('leave what the readings are off the joint fit, squared and added up', () => {
    fc.assert(
      fc.property(
        anySeries,
        fc.subarray(STAYING, { minLength: 1 }),
        somePlaces,
        (series, staying, places) => {
          const sums = sumsOf(series);
          const going = places.map(jump);
          const fit = fitLinear(sums, [...staying, ...going])!;
          const squares = fit
            .residuals()
            .reduce((sum, one, i) => sum + (series.w[i] as number) * one ** 2, 0);
          expect(leftBeside(sums, staying)(going)).toBeCloseTo(squares, 9);
          expect(leftBeside(sums, [...going, ...staying])([])).toBeCloseTo(squares, 9);
          expect(fit.squares).toBeCloseTo(squares, 9);
        },
      ),
    );
  });
  it('that say nothing of their own tell no term from another, whichever of them stay', () => {
    const bow = all('bow');
    fc.assert(
      fc.property(
        anySeries,
        fc.integer({ min: 2, max: 15 }),
        fc.double({ min: 0.1, max: 3, noNaN: true }),
        (series, place, times) => {
          const sums = sumsOf(series);
          // A jump and some of the bow: nothing beside both, but for what rounding leaves.
          const both = [{ of: 'bow', times, after: -Infinity } as const, ...jump(place)];
          const left = leftBeside(sums, [all('level'), bow, jump(place)]);
          expect(left([])).toBeLessThan(Infinity);
          expect(left([both])).toBe(Infinity);
          expect(left([all('travel'), both])).toBe(Infinity);
          expect(left([all('travel')])).toBeLessThanOrEqual(left([]) + 1e-12);
          expect(leftBeside(sums, [bow, jump(place), both])([all('travel')])).toBe(Infinity);
        },
      ),
    );
  });
});
