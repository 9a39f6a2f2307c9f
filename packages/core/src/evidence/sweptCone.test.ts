import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainText } from '../figure/index';
import { drawsOf } from '../sweep/sweeps.testdata';
import { sweptCone } from './index';

const AT = Array.from({ length: 240 }, (_, i) => i / 3);
const LENGTH = 80;
const CONE = { smallDiameter: 16, length: LENGTH, resolution: 0.001 };
/** A cone's radius read all along, from its small end or its large one, with the scatter of a good needle. */
function read(radius: (z: number) => number, { seed = 1, fromLarge = false, scatter = 0.0006 } = {}) {
  const draw = drawsOf(seed);
  return {
    ...CONE,
    travel: AT,
    reading: AT.map(
      (z) => radius(fromLarge ? LENGTH - z : z) - radius(0) + scatter * (2 * (draw() + draw() + draw()) - 3),
    ),
  };
}
const text = (cone: ReturnType<typeof sweptCone>): string[] =>
  cone.shows.map(({ what, from }) => plainText([...what, ' | ', ...from], 'mm').replaceAll('\u00a0', ' '));

describe('a finished cone, run along with an indicator', () => {
  it('gives its ratio with a plus or minus that holds it, from either end', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 0.3, noNaN: true }),
        fc.double({ min: -0.002, max: 0.002, noNaN: true }),
        fc.boolean(),
        fc.integer({ min: 1, max: 500 }),
        (tan, off, fromLarge, seed) => {
          const cone = sweptCone({
            ...read((z) => 8 + (tan + off) * z, { seed, fromLarge }),
            halfAngle: Math.atan(tan),
          });
          expect(Math.abs(cone.ratio - 2 * (tan + off))).toBeLessThan(2.5 * cone.uncertainty);
          expect(cone.off).toBeCloseTo(2 * LENGTH * off, 2);
          // Twice the standard deviation of a slope on radius, told on diameter.
          expect(cone.uncertainty).toBeCloseTo(4 * cone.analysis.slope.u, 12);
          expect(cone.shows).toEqual([]);
        },
      ),
      { numRuns: 40 },
    );
  });
  it.each([false, true])(
    'cut with the tool off height it is hollow, and by how much it was off; from the large end: %s',
    (fromLarge) => {
      const tan = 3.5 / 24;
      const h = 1.2;
      const cone = sweptCone({
        ...read((z) => Math.hypot(8 + tan * z, h), { fromLarge }),
        halfAngle: Math.atan(tan),
      });
      expect(text(cone)[0]).toMatch(
        /^0\.0\d\d mm hollow in its middle \| A tool 1\.[12] mm off centre height cuts it so/,
      );
    },
  );
  it.each([false, true])('high in the middle is no tool; from the large end: %s', (fromLarge) => {
    const high = (z: number): number => 8 + 0.05 * z + (4 * 0.02 * z * (LENGTH - z)) / LENGTH ** 2;
    const [first] = text(sweptCone({ ...read(high, { fromLarge }), halfAngle: Math.atan(0.05) }));
    expect(first).toMatch(/^0\.0(19|20) mm high in its middle \| A bar worn high/);
  });
  it('a slender cone as hollow was cut by a worn bar: no tool stands so far off', () => {
    const hollow = (z: number): number => 8 + 0.025 * z - (4 * 0.03 * z * (LENGTH - z)) / LENGTH ** 2;
    expect(text(sweptCone({ ...read(hollow), halfAngle: Math.atan(0.025) }))[0]).toContain(
      'no tool stands so far off',
    );
  });
  it('a step, lash at the start and a rough face are each told, what costs most first', () => {
    const step = (z: number): number => 8 + 0.05 * z + (z > 50 ? 0.02 : 0);
    expect(text(sweptCone({ ...read(step), halfAngle: Math.atan(0.05) }))).toEqual([
      expect.stringMatching(/^A step of 0\.0(19|20|21) mm at (49|50)\.\d mm \| A handle was touched/),
    ]);
    const lash = (z: number): number => 8 + 0.05 * Math.max(0, z - 6);
    expect(text(sweptCone({ ...read(lash), halfAngle: Math.atan(0.05) }))[0]).toMatch(
      /^Its first (5|6)\.\d mm are parallel/,
    );
    // The cone lacks over its first 6 mm what it should have gained there, on both sides.
    const [first] = sweptCone({ ...read(lash), halfAngle: Math.atan(0.05) }).shows;
    expect(first!.costs / (2 * 6 * 0.05)).toBeCloseTo(1, 0);
    const rough = sweptCone({ ...read((z) => 8 + 0.05 * z, { scatter: 0.006 }), halfAngle: Math.atan(0.05) });
    expect(text(rough)).toEqual([expect.stringContaining('Chatter or torn metal')]);
  });
  it('swinging with the screw that fed it', () => {
    const swings = (z: number): number => 8 + 0.05 * z + 0.006 * Math.sin((2 * Math.PI * z) / 3);
    const cone = sweptCone({ ...read(swings), halfAngle: Math.atan(0.05), lead: 3 });
    expect(text(cone)[0]).toMatch(/^It swings by 0\.012 mm every 3\.00 mm \| The screw that fed it/);
    expect(cone.shows[0]!.costs).toBeCloseTo(0.024, 3);
  });
  it('no cone, or too few readings, are refused', () => {
    expect(() => sweptCone({ ...read(() => 8), halfAngle: 0 })).toThrow(
      expect.objectContaining({ field: 'halfAngle' }),
    );
    expect(() => sweptCone({ ...CONE, travel: [0, 1], reading: [0, 1], halfAngle: 0.05 })).toThrow();
  });
});
