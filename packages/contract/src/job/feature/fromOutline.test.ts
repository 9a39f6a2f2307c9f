import { layoutPart } from '@anello/core/part';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { coreFeatures, featuresFromOutline, jobDocumentSchema } from '../../index';
import { job } from '../jobs.testdata';

const at = (z: number, diameter: number) => ({ z, diameter });

describe('a part begun from its drawn outline', () => {
  it('has cylinders, tapers and chamfers as they are drawn; faces and steps are lines across', () => {
    const features = featuresFromOutline([
      at(0, 0),
      at(0, 38),
      at(1, 40),
      at(30, 40),
      at(30, 24),
      at(70, 20),
      at(70, 16),
      at(90, 16),
      at(90, 0),
    ]);
    expect(features.map(({ kind }) => kind)).toEqual(['cylinder', 'taper', 'cylinder', 'chamfer']);
    expect(features[0]).toMatchObject({ diameter: { value: 40 }, length: { value: 30 } });
    expect(features[1]).toMatchObject({ largeEnd: 'headstock', largeDiameter: { value: 24 } });
    expect(features[3]).toMatchObject({ on: 'diameter-1', at: 'headstock', size: { value: 1 } });
    expect(features[3]).not.toHaveProperty('angle');
  });
  it('an edge that is broken takes no number of the tapers', () => {
    const features = featuresFromOutline([
      at(0, 28),
      at(1, 30),
      at(20, 30),
      at(20, 24),
      at(60, 20),
      at(80, 24),
    ]);
    expect(features.map(({ id, name }) => [id, name])).toEqual([
      ['diameter-1', 'Diameter'],
      ['taper-1', 'Taper'],
      ['taper-2', 'Taper 2'],
      ['chamfer-1', 'Chamfer'],
    ]);
  });
  it('keeps arcs, with what joins them, as one curve', () => {
    const features = featuresFromOutline([
      at(0, 20),
      { ...at(10, 30), run: 'arc', radius: 12, bulge: 'out' },
      { ...at(20, 20), run: 'arc', radius: 12, bulge: 'in' },
      at(40, 20),
    ]);
    expect(features.map(({ kind }) => kind)).toEqual(['profile', 'cylinder']);
    expect(features[0]).toMatchObject({ points: [{}, { run: 'arc' }, { bulge: 'in' }] });
  });
  it('a chamfer not at 45° says its angle, and a slope too long for one is a taper', () => {
    const steep = featuresFromOutline([at(0, 40), at(20, 40), at(21, 37), at(21, 10), at(40, 10)]);
    expect(steep.find((f) => f.kind === 'chamfer')).toMatchObject({ at: 'tailstock', angle: {} });
    const long = featuresFromOutline([at(0, 40), at(20, 40), at(30, 20), at(40, 20)]);
    expect(long.map(({ kind }) => kind)).toEqual(['cylinder', 'taper', 'cylinder']);
  });
  it('is as long as its outline, whatever that is, and a document the server takes', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            step: fc.integer({ min: 0, max: 40 }).map((n) => n / 2),
            diameter: fc.integer({ min: 10, max: 80 }),
          }),
          { minLength: 2, maxLength: 12 },
        ),
        (steps) => {
          let z = 0;
          const outline = steps.map(({ step, diameter }, i) => at((z += i === 0 ? 0 : step), diameter));
          const features = featuresFromOutline(outline);
          expect(jobDocumentSchema.safeParse(job({ features })).error).toBeUndefined();
          const { length, problems } = layoutPart(coreFeatures(features));
          expect([...problems.values()].map((p) => p.message)).toEqual([]);
          expect(length).toBeCloseTo(z, 6);
        },
      ),
    ));
});
