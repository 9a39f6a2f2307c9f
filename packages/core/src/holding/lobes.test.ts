import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainText } from '../figure/index';
import { readRound } from './index';

interface Made {
  readonly times: number;
  readonly height: number;
  readonly high: number;
}
/** Readings of work so made, evenly round, with an unrest of the needle that comes of no lobe. */
const round = (lobes: readonly Made[], { count = 12, unrest = 0, seed = 1 } = {}) =>
  Array.from({ length: count }, (_, i) => {
    const direction = (2 * Math.PI * i) / count;
    const turned = lobes.map(({ times, height, high }) => height * Math.cos(times * (direction - high)));
    const noise = unrest * Math.sin(seed * (i + 1) ** 2 * 12.9898);
    return { direction, reading: 1.25 + turned.reduce((a, b) => a + b, 0) + noise };
  });
const RESOLUTION = 0.001;

describe('a needle read right round', () => {
  const made = fc.record({
    height: fc.double({ min: 0.01, max: 0.4, noNaN: true }),
    high: fc.double({ min: -0.7, max: 0.7, noNaN: true }),
  });
  it('gives back what the work was made with, and nothing else', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 1, max: 4 }), { maxLength: 4 }),
        fc.array(made, { minLength: 4, maxLength: 4 }),
        fc.integer({ min: 1, max: 99 }),
        (times, figures, seed) => {
          const lobes = times
            .sort()
            .map((t, i) => ({ times: t, ...figures[i]!, high: figures[i]!.high / t }));
          const found = readRound({
            readings: round(lobes, { unrest: 0.001, seed }),
            resolution: RESOLUTION,
          });
          expect(found.lobes.map((lobe) => lobe.times)).toEqual(times);
          found.lobes.forEach((lobe, i) => {
            expect(Math.abs(lobe.height - lobes[i]!.height)).toBeLessThan(5 * lobe.u);
            expect(Math.abs(lobe.high - lobes[i]!.high) * lobe.height).toBeLessThan(5 * lobe.u);
          });
        },
      ),
    );
  });
  it('its uncertainty is that of the scatter, shared out over the readings; of a needle that does not tremble its step', () => {
    // Up and down by 0.004 in turn comes too often for any lobe that is fitted.
    const readings = round([], { count: 32 }).map((one, i) => ({ ...one, reading: i % 2 ? 0.004 : -0.004 }));
    const { lobes, hash } = readRound({
      readings: readings.map((one) => ({ ...one, reading: one.reading + Math.cos(one.direction) })),
      resolution: RESOLUTION,
    });
    expect(hash).toBeCloseTo(0.004 * Math.sqrt(32 / 23), 6);
    expect(lobes[0]!.u).toBeCloseTo(0.004 * Math.sqrt(32 / 25) * Math.sqrt(2 / 32), 4);
    const still = readRound({ readings: round([{ times: 1, height: 1, high: 0 }]), resolution: 0.01 });
    expect(still.lobes[0]!.u).toBeCloseTo(0.01 * Math.sqrt(2 / 5) * Math.sqrt(2 / 12), 6);
  });
  it('the offset is toward the jaws it lies between, whatever else is there', () => {
    const off = { times: 1, height: 0.1, high: Math.PI / 2 };
    const { offset, swing } = readRound({
      readings: round([off, { times: 3, height: 0.02, high: 0 }]),
      resolution: RESOLUTION,
    });
    expect(offset.x).toBeCloseTo(0, 9);
    expect(offset.y).toBeCloseTo(0.1, 9);
    expect(swing).toBeGreaterThan(0.2);
  });
  it.each([
    [{ times: 1, height: 0.05, high: 0 }, 'Once a turn: off its axis by 0.050 mm toward jaw 1.'],
    [{ times: 2, height: 0.05, high: 0 }, 'Twice a turn: oval, its diameters differ by 0.200 mm.'],
    [{ times: 3, height: 0.05, high: 0 }, 'Three times a turn: three-lobed by 0.100 mm,'],
    [{ times: 4, height: 0.05, high: 0 }, 'Four times a turn: by 0.100 mm.'],
  ])('%j is said', (lobe, said) => {
    const found = readRound({ readings: round([lobe]), resolution: RESOLUTION });
    expect(found.said.map((phrase) => plainText(phrase, 'mm').replaceAll('\u00a0', ' '))).toEqual([
      expect.stringContaining(said),
    ]);
  });
  it('what no jaw makes is hash; what is true is said to be', () => {
    const said = (unrest: number): string =>
      readRound({ readings: round([], { unrest, count: 24 }), resolution: RESOLUTION })
        .said.map((phrase) => plainText(phrase, 'mm'))
        .join();
    expect(said(0.01)).toContain('comes of no jaw');
    expect(said(0.0005)).toContain('runs true and round');
  });
  it('too few readings, or all on one side, say so', () => {
    const code = (readings: ReturnType<typeof round>) => () =>
      readRound({ readings, resolution: RESOLUTION });
    expect(code(round([], { count: 7 }))).toThrow(expect.objectContaining({ code: 'underdetermined' }));
    const aside = round([], { count: 8 }).map((one) => ({ ...one, direction: 0.5 }));
    expect(code(aside)).toThrow(expect.objectContaining({ code: 'underdetermined' }));
  });
  it('eight readings tell three times a turn, and not four', () => {
    const lobes = [{ times: 3, height: 0.1, high: 0 }];
    const found = readRound({ readings: round(lobes, { count: 8 }), resolution: RESOLUTION });
    expect(found.lobes.map(({ times }) => times)).toEqual([3]);
  });
});
