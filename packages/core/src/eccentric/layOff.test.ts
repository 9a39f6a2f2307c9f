import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainText } from '../figure/phrase';
import { layOff } from './layOff';
import { offsetCentres } from './offsetCentres';
import { eccentricFaults, endOn } from './part';
import { real } from '../real.testdata';
import { part } from './eccentric.testdata';

describe('the eccentric end-on', () => {
  it('walls and swing against walking round it', () => {
    const walls: number[] = [];
    let swept = 0;
    for (let t = 0; t < 2 * Math.PI; t += 1e-3) {
      const out = Math.hypot(part.throw + 27 * Math.cos(t), 27 * Math.sin(t));
      swept = Math.max(swept, 2 * out);
      walls.push(out - 10);
    }
    const { thinnest, thickest, swing, travel } = endOn(part);
    expect(thinnest).toBeCloseTo(Math.min(...walls), 4);
    expect(thickest).toBeCloseTo(Math.max(...walls), 4);
    expect(swing).toBeCloseTo(swept, 4);
    expect(travel).toBe(9.5);
  });
  it('an undimensioned groove lies in the middle', () => {
    expect(part.grooves).toEqual([{ at: 7, width: 4, depth: 3 }]);
  });
  it.each([
    [{ throw: 18 }, 'throw', true],
    [{ throw: 16.2 }, 'throw', false],
    [{ grooves: [{ at: 7, width: 4, depth: 13 }] }, 'grooves.0', true],
    [{ grooves: [{ at: 16, width: 4, depth: 1 }] }, 'grooves.0', true],
  ])('%j is said at %s', (more, field, grave) => {
    const faults = eccentricFaults({ ...part, ...more });
    expect(faults.map((f) => [f.field, f.grave])).toContainEqual([field, grave]);
    for (const { said } of faults) expect(plainText(said)).toMatch(/[.]$/);
  });
  it('a wide bore wants a tenth of itself for a wall', () => {
    const wide = (by: number) => eccentricFaults({ ...part, bore: 40, throw: by, grooves: [] });
    expect(
      wide(3.5).map(({ field, grave, said }) => [field, grave, plainText(said).replaceAll('\u00a0', ' ')]),
    ).toEqual([
      ['throw', false, 'The wall on the low side is 3.50 mm: under 4.0 mm it springs when it is bored.'],
    ]);
    expect(wide(2.5)).toEqual([]);
  });
  it('a sound one has no faults', () => expect(eccentricFaults(part)).toEqual([]));
});

describe('laid out and marked', () => {
  it('the dial comes back past the mark, and what a division leaves over is said', () => {
    const found = layOff({ throw: 4.75, division: 0.0254, reads: 'radius', lash: 0.2 });
    expect(found.dial + found.leftOver).toBeCloseTo(4.75, 9);
    expect(Math.abs(found.leftOver)).toBeLessThan(0.0127 + 1e-9);
    expect(found.past).toBeGreaterThan(found.dial + 0.2);
    const onDiameter = layOff({ throw: 4.75, division: 0.02, reads: 'diameter', lash: 0 });
    expect(onDiameter.dial).toBeCloseTo(9.5, 9);
  });
  it('centres of several throws stand where they should; holes that merge or miss the end are said', () => {
    const two = offsetCentres({
      throws: [
        { name: 'A', throw: 6, phase: 0 },
        { name: 'B', throw: 6, phase: Math.PI / 2 },
      ],
      barDiameter: 40,
      hole: 4,
    });
    expect(two.chords.find((c) => c.from === 'A')!.distance).toBeCloseTo(6 * Math.SQRT2, 9);
    expect(two.problems).toEqual([]);
    const bad = offsetCentres({
      throws: [
        { name: 'A', throw: 1.5, phase: 0 },
        { name: 'B', throw: 19, phase: 1 },
      ],
      barDiameter: 40,
      hole: 4,
    });
    expect(bad.problems).toHaveLength(2);
    expect(bad.problems.map((p) => plainText(p))).toEqual([
      expect.stringMatching(/^The centre of B lies 19\.00.mm out;/),
      expect.stringMatching(/^The centres of Shaft and A lie 1\.50.mm apart:/),
    ]);
  });
  it('two centres are as far apart as their throws and the angle between them make it', () => {
    fc.assert(
      fc.property(real(1, 15), real(1, 15), real(0, 6.2), real(0, 6.2), (a, b, at, bt) => {
        const { chords } = offsetCentres({
          throws: [
            { name: 'A', throw: a, phase: at },
            { name: 'B', throw: b, phase: bt },
          ],
          barDiameter: 60,
          hole: 3,
        });
        const cosine = Math.sqrt(Math.max(0, a * a + b * b - 2 * a * b * Math.cos(at - bt)));
        expect(chords.map((c) => `${c.from}-${c.to}`)).toEqual(['Shaft-A', 'Shaft-B', 'A-B']);
        expect(chords[0]!.distance).toBeCloseTo(a, 9);
        expect(chords[2]!.distance).toBeCloseTo(cosine, 6);
      }),
      { seed: 7 },
    );
  });
  it('an end is large enough with 1.5 mm round the hole, and two holes with 0.8 mm between them, to the hair', () => {
    const problems = (barDiameter: number, b: number): number =>
      offsetCentres({
        throws: [
          { name: 'A', throw: 6, phase: 0 },
          { name: 'B', throw: b, phase: 0 },
        ],
        barDiameter,
        hole: 4,
      }).problems.length;
    // Twelve out, two for half the hole, one and a half of metal.
    expect([problems(31, 12), problems(30.9, 12)]).toEqual([0, 1]);
    expect([problems(60, 10.8), problems(60, 10.79)]).toEqual([0, 1]);
  });
});
