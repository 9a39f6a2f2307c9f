import { describe, expect, it } from 'vitest';
import { TAPER_SERIES, taperSize } from './registry';

describe('the Morse tables', () => {
  const all = TAPER_SERIES.flatMap((s) => s.sizes);
  it.each(all)('$series $size: gauge diameter, ratio and length give the published small end', (size) => {
    expect(Math.abs(size.gaugeDiameter - size.length * size.ratio - size.publishedSmall)).toBeLessThanOrEqual(
      size.publishedRounding,
    );
  });

  it.each(['0', '1', '2', '3', '4', '5', '6'])('No. %s is the same taper in both tables', (size) => {
    const metric = taperSize('morse-iso', size);
    const inch = taperSize('morse-inch', size);
    expect(Math.abs(metric.ratio - inch.ratio) * 100).toBeLessThan(0.0003);
    expect(Math.abs(metric.gaugeDiameter - inch.gaugeDiameter)).toBeLessThan(0.013);
  });

  it('refuses a size that does not exist', () => {
    expect(() => taperSize('morse-iso', '9')).toThrow(expect.objectContaining({ code: 'unknown-size' }));
  });
});
