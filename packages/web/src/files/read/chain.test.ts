import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { chained, type End, type Stretch } from './chain';

const line = fc
  .array(
    fc.record({
      dz: fc.double({ min: 0.5, max: 5, noNaN: true }),
      r: fc.double({ min: 1, max: 40, noNaN: true }),
    }),
    {
      minLength: 3,
      maxLength: 40,
    },
  )
  .map((steps) => {
    let z = 0;
    return steps.map(({ dz, r }): End => ({ z: (z += dz), r }));
  });
const stretchesOf = (places: readonly End[]): Stretch[] =>
  places.slice(1).map((to, i) => ({ from: places[i]!, to }));

describe('stretches put end to end', () => {
  it('come out in order from the headstock, however they are shuffled and turned', () => {
    fc.assert(
      fc.property(line, fc.infiniteStream(fc.double({ min: 0, max: 1, noNaN: true })), (places, chance) => {
        const draw = (): number => chance.next().value as number;
        const given = stretchesOf(places)
          .map((s) => (draw() < 0.5 ? s : { from: s.to, to: s.from }))
          .map((s) => ({ s, key: draw() }))
          .sort((a, b) => a.key - b.key)
          .map(({ s }) => s);
        const { chain, gaps } = chained(given);
        expect(gaps).toEqual([]);
        expect([chain[0]!.from, ...chain.map((s) => s.to)]).toEqual(places);
      }),
      { seed: 7, numRuns: 60 },
    );
  });
  it('a closed outline begins at its headstock end and runs the way its file does', () => {
    const square = [
      { z: 5, r: 1 },
      { z: 0, r: 1 },
      { z: 0, r: 4 },
      { z: 5, r: 4 },
      { z: 5, r: 1 },
    ];
    const { chain, gaps } = chained(stretchesOf(square));
    expect(gaps).toEqual([]);
    expect(chain[0]!.from.z).toBe(0);
    expect(chain.at(-1)!.to).toEqual(chain[0]!.from);
  });
  it('where none touches a bridge runs to the nearest, and is told', () => {
    const { chain, gaps } = chained([
      { from: { z: 20, r: 6 }, to: { z: 12, r: 6 } },
      { from: { z: 0, r: 5 }, to: { z: 10, r: 5 } },
    ]);
    expect(gaps).toEqual([{ z: 12, r: 6 }]);
    expect(chain.map((s) => [s.from.z, s.to.z])).toEqual([
      [0, 10],
      [10, 12],
      [12, 20],
    ]);
  });
});
