import { describe, expect, it } from 'vitest';
import { TAPER_SERIES, taperSize } from './registry';

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
      if (size.series !== 'general') expect(size.gaugeDiameter ?? size.small?.value).toBeGreaterThan(0);
      if (size.length !== null) expect(size.gaugeDiameter! - size.length * size.ratio).toBeGreaterThan(0);
    }
  });

  it.each(['0', '1', '2', '3', '4', '5', '6'])('Morse No. %s is the same taper in both tables', (size) => {
    const metric = taperSize('morse-iso', size);
    const inch = taperSize('morse-inch', size);
    expect(Math.abs(metric.ratio - inch.ratio) * 100).toBeLessThan(0.0003);
    expect(Math.abs(metric.gaugeDiameter! - inch.gaugeDiameter!)).toBeLessThan(0.013);
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
