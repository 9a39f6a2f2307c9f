import { solveTaperFeature } from '@anello/core/part';
import { TAPER_SERIES, taperSize } from '@anello/core/taper';
import { describe, expect, it } from 'vitest';
import { coreFeatures, jobDocumentSchema, taperFigures, type FeatureDocument } from '../../index';
import { job, shank } from '../jobs.testdata';

describe('a size from the tables', () => {
  const complete = TAPER_SERIES.flatMap((s) => s.sizes).filter(
    (s) => s.gaugeDiameter !== null && s.length !== null,
  );
  it.each(complete)('$name ($series) becomes figures that solve to the table’s own', (size) => {
    const feature = { ...shank(), ...taperFigures(size, 'external') } as FeatureDocument;
    expect(jobDocumentSchema.safeParse(job({ features: [feature] })).error).toBeUndefined();
    const solved = solveTaperFeature(coreFeatures([feature])[0] as never);
    expect(solved.gaugeDiameter).toBeCloseTo(size.gaugeDiameter!, 6);
    expect(solved.smallDiameter).toBeCloseTo(size.gaugeDiameter! - size.length! * size.ratio, 5);
    expect(solved.ratio).toBeCloseTo(size.ratio, 9);
  });
  it('stops a socket at its gauge line, and leaves out what the table leaves out', () => {
    const socket = taperFigures(taperSize('morse-iso', '3'), 'internal');
    expect([socket.beyondGauge?.value, socket.length?.value]).toEqual([0, 81]);
    expect(taperFigures(taperSize('general', '1:12'), 'external')).not.toHaveProperty('length');
    expect(taperFigures(taperSize('taper-pin-metric', '6'), 'external').smallDiameter?.value).toBe(6);
  });
  it('is typed in the table’s own unit', () => {
    expect(taperFigures(taperSize('morse-inch', '3'), 'external')).toMatchObject({
      gaugeDiameter: { typed: '0.938 in' },
      ratio: { typed: '0.60235 in/ft' },
    });
  });
});
