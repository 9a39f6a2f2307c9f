import { describe, expect, it } from 'vitest';
import { TAPER_SERIES, taperSize } from './registry';

/** Their diameters are the drawing's. */
const DRAWN = ['general', 'by-the-foot'];

describe('the taper tables', () => {
  const all = TAPER_SERIES.flatMap((s) => s.sizes);
  const complete = all.filter((s) => s.gaugeDiameter !== null && s.length !== null && s.small !== null);

  it.each(complete)(
    '$name ($series): gauge diameter, ratio and length give the published small end',
    (size) => {
      const off = Math.abs(size.gaugeDiameter! - size.length! * size.ratio - size.small!.value);
      expect(off).toBeLessThanOrEqual(size.small!.rounding + 1e-9);
    },
  );

  it('every size has a ratio, its own place, and at least the figures that tell it from its neighbours', () => {
    expect(all.length).toBeGreaterThan(120);
    expect(new Set(all.map((s) => `${s.series}/${s.size}`)).size).toBe(all.length);
    for (const size of all) {
      expect(size.ratio).toBeGreaterThan(0);
      if (!DRAWN.includes(size.series)) expect(size.gaugeDiameter ?? size.small?.value).toBeGreaterThan(0);
      if (size.length !== null) expect(size.gaugeDiameter! - size.length * size.ratio).toBeGreaterThan(0);
    }
  });

  it.each(['0', '1', '2', '3', '4', '5', '6'])('Morse No. %s is the same taper in both tables', (size) => {
    const metric = taperSize('morse-iso', size);
    const inch = taperSize('morse-inch', size);
    expect(Math.abs(metric.ratio - inch.ratio) * 100).toBeLessThan(0.0003);
    expect(Math.abs(metric.gaugeDiameter! - inch.gaugeDiameter!)).toBeLessThan(0.013);
  });

  it('knows noses, hollow shanks and collets by their published figures', () => {
    const half = (series: string, size: string) =>
      (Math.atan(taperSize(series, size).ratio / 2) * 180) / Math.PI;
    expect(half('short-nose', '6')).toBeCloseTo(7 + 7 / 60 + 30 / 3600, 4);
    expect(half('draw-in', 'R8')).toBeCloseTo(8 + 25.5 / 60, 9);
    expect(half('draw-in', '5C')).toBeCloseTo(10, 9);
    // 3 1/2 in a foot is 7:24, and 2 3/4 in the steep No. 50: one cone under two names.
    const [nose, steep] = [taperSize('long-nose', 'L00'), taperSize('steep', '50')];
    expect([nose.ratio, nose.gaugeDiameter]).toEqual([steep.ratio, expect.closeTo(steep.gaugeDiameter!, 9)]);
    expect(taperSize('hollow-shank', '63').gaugeDiameter).toBe(48.01);
    expect(taperSize('pipe-thread', '1/2').gaugeDiameter).toBe(20.955);
  });

  it.each([
    ['B10', 9.4],
    ['B12', 11.1],
    ['B16', 14.5],
    ['B18', 16.2],
    ['B22', 19.8],
    ['B24', 21.3],
  ])('chuck taper %s comes down to the small end its table prints', (size, printed) => {
    const { gaugeDiameter, length, ratio } = taperSize('chuck-metric', size);
    expect(gaugeDiameter! - length! * ratio).toBeCloseTo(printed, 1);
  });

  it('knows the steep taper’s half angle, and that 8° is per side', () => {
    const degrees = (ratio: number) => (Math.atan(ratio / 2) * 180) / Math.PI;
    expect(Math.abs(degrees(taperSize('steep', '30').ratio) - (8 + 17 / 60 + 50 / 3600))).toBeLessThan(
      0.5 / 3600,
    );
    expect(degrees(taperSize('collet-seat', '25').ratio)).toBeCloseTo(8, 9);
  });

  it('refuses a size that does not exist', () => {
    expect(() => taperSize('morse-iso', '9')).toThrow(expect.objectContaining({ code: 'unknown-size' }));
    expect(() => taperSize('none', '1')).toThrow(expect.objectContaining({ field: 'series' }));
  });
});
