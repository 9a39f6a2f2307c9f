import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainText } from '../figure/index';
import { barMap, type KeptSweep } from './index';

const AT = Array.from({ length: 241 }, (_, i) => i / 2);
/** Straight but for a hollow round one place, at whatever angle it was set. */
const swept = (hollowAt: number, deep: number, more: Partial<KeptSweep> = {}, slope = 0.025): KeptSweep => ({
  travel: AT,
  reading: AT.map(
    (z) => slope * z - deep * Math.exp(-(((z - hollowAt) / 18) ** 2)) + 0.0003 * Math.sin(97 * z),
  ),
  ...more,
});
const said = (map: ReturnType<typeof barMap>): string => plainText(map!.said, 'mm').replaceAll('\u00a0', ' ');

describe('the map of a bar', () => {
  it('sends a part to where the bar is straight, wherever it is worn and at whatever angle it stood', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(15, 105),
        fc.double({ min: 0.01, max: 0.05, noNaN: true }),
        fc.double({ min: -0.2, max: 0.2, noNaN: true }),
        (hollowAt, deep, slope) => {
          const map = barMap([swept(hollowAt, deep, {}, slope)], 50)!;
          const clear = hollowAt < 60 ? map.best!.from - hollowAt : hollowAt - map.best!.to;
          expect(clear).toBeGreaterThan(18);
          expect(map.best!.to - map.best!.from).toBeCloseTo(50, 9);
          expect(map.costs).toBeLessThan(deep / 4);
          expect(map.off).toBeGreaterThan(deep / 4);
        },
      ),
    );
  });
  it('says places on the bar where the sweep said where it began', () => {
    const map = barMap([swept(15, 0.03, { beginsAt: 120 })], 50)!;
    expect([map.from, map.to]).toEqual([120, 240]);
    expect(map.best!.from).toBeGreaterThan(150);
    expect(said(map)).toMatch(
      /^120 to 240 mm of it stray by 0\.0\d\d mm\. Use 1\d\d to 2\d\d mm: that leaves (less than )?0\.00\d mm on diameter$/,
    );
  });
  it('a newer sweep of the same stretch stands; one of another is added', () => {
    const [worn, dressed] = [swept(60, 0.04), swept(60, 0)];
    expect(said(barMap([dressed, worn], 100))).toContain('are straight within');
    expect(barMap([worn, dressed], 100)!.costs).toBeGreaterThan(0.01);
    // Four fifths of the older one: a little more, and it is as if it had not been.
    expect(barMap([{ ...dressed, beginsAt: 23 }, worn], 50)!.from).toBe(23);
    expect(barMap([{ ...dressed, beginsAt: 25 }, worn], 50)!.from).toBe(0);
    expect(barMap([{ ...dressed, beginsAt: 24 }, worn], 50)!.from).toBe(0);
    const beyond = barMap([worn, { ...dressed, beginsAt: 130 }], 100)!;
    expect([beyond.from, beyond.to]).toEqual([0, 250]);
    expect(beyond.best!.from).toBeGreaterThanOrEqual(130);
  });
  it('of two stretches the straighter is told, whichever was swept last', () => {
    const [worn, good] = [swept(60, 0.04), swept(60, 0, { beginsAt: 130 })];
    for (const sweeps of [
      [worn, good],
      [good, worn],
    ]) {
      const map = barMap(sweeps, 110)!;
      expect(map.best!.from).toBeGreaterThanOrEqual(130);
      expect(said(map)).toContain('that leaves less than 0.001 mm on diameter');
    }
    expect(said(barMap([worn], 110))).toMatch(/that leaves 0\.0[1-9]\d mm on diameter/);
  });
  it('a part longer than was swept asks for more of it; nothing swept has no map', () => {
    const map = barMap([swept(60, 0.04)], 200)!;
    expect(map.best).toBeNull();
    expect(said(map)).toContain('sweep 200 mm of it');
    expect(barMap([], 50)).toBeNull();
  });
});
