import { describe, expect, it } from 'vitest';
import type { Feature } from '../part/kinds/registry';
import { taperOfPart } from '../part/taperTask';
import { plainText } from '../figure/phrase';
import { WAYS } from '../ways/taper/registry';
import { badCombinations } from './badCombinations';

const cone: Feature = {
  id: 'cone',
  name: 'Cone',
  kind: 'taper',
  side: 'external',
  largeEnd: 'headstock',
  largeDiameter: 24,
  ratio: 0.05,
  length: 80,
};
const socket: Feature = { ...cone, id: 'socket', side: 'internal', largeEnd: 'tailstock', from: 'tailstock' };
const body: Feature = {
  id: 'body',
  name: 'Body',
  kind: 'cylinder',
  side: 'external',
  diameter: 60,
  length: 90,
};
const HOLE: Feature = {
  id: 'h',
  name: 'Hole',
  kind: 'bore',
  side: 'internal',
  from: 'tailstock',
  diameter: 19,
  length: 20,
};
const cut = { stock: 26, roughDepth: 0.5, lastStock: 0.4, allowance: 0.1 };
const lathe = { compound: { travel: 60, division: 0.01, zero: 'along' } } as never;

const check = (more: Partial<Parameters<typeof badCombinations>[0]>, features: Feature[] = [cone]) =>
  badCombinations({
    features,
    task: taperOfPart(features, { grade: 'AT5' })?.task ?? null,
    lathe,
    way: null,
    cut,
    ...more,
  });

describe('figures that cannot go together', () => {
  it('a job in order has none', () => {
    expect(check({})).toEqual([]);
    expect(check({ cut: { ...cut, stock: 19 } }, [socket, body])).toEqual([]);
    expect(check({}, [body])).toEqual([]);
  });
  it.each([
    ['a bar that does not clean up', { cut: { ...cut, stock: 23 } }, [cone], 'stock'],
    ['a bar under the small end', { cut: { ...cut, stock: 19 } }, [cone], 'stock'],
    ['a hole over the small end', { cut: { ...cut, stock: 21 } }, [socket, body], 'stock'],
    ['a hole over the mouth', { cut: { ...cut, stock: 25 } }, [socket, body], 'stock'],
    ['one cut deeper than all there is', { cut: { ...cut, roughDepth: 4 } }, [cone], 'roughDepth'],
    ['an allowance of everything', { cut: { ...cut, allowance: 7 } }, [cone], 'allowance'],
    ['a cone longer than the compound travels', { way: 'compound' as const }, [cone], 'way'],
    ['a wall of paper', {}, [cone, HOLE], 'h'],
    [
      'a bore that eats the taper',
      { cut: { ...cut, stock: 19 } },
      [
        socket,
        body,
        {
          id: 'b',
          name: 'Through',
          kind: 'bore',
          side: 'internal',
          from: 'tailstock',
          diameter: 21,
          length: 5,
        },
      ],
      'b',
    ],
  ] as const)('%s', (_what, more, features, field) => {
    const found = check(more, features as unknown as Feature[]);
    expect(found.map((f) => f.field)).toContain(field);
    for (const { said } of found) expect(plainText(said)).toMatch(/[.]$/);
  });
  it.each([
    [20, [], 'as wide as the small end: the layout says that it breaks out'],
    [19.9, ['h'], 'a wall of half a tenth'],
    [18.02, ['h'], 'just under a millimetre'],
    [18, [], 'a millimetre'],
    [12, [], 'a good wall'],
  ] as const)('a hole of %d mm from a small end of 20 mm: %o, %s', (diameter, fields, _why) => {
    const hole: Feature = { ...HOLE, diameter };
    expect(check({}, [cone, hole]).map((f) => f.field)).toEqual(fields);
    expect(check({}, [cone, { ...hole, from: 'headstock' } as Feature])).toEqual([]);
  });
  it('a bore at the large end of a cone follows nothing, and one where there is no taper neither', () => {
    const wide: Feature = { ...HOLE, from: 'headstock', diameter: 22, length: 5 };
    expect(check({}, [cone, wide])).toEqual([]);
    expect(check({}, [body, HOLE])).toEqual([]);
  });
  it.each(WAYS.map((way) => [way.id, way] as const))(
    '%s is held against the taper and the lathe once both are known',
    (way, { short }) => {
      const fields = (more: object): string[] => check({ way, ...more }).map((f) => f.field);
      expect(fields({ task: null })).toEqual([]);
      expect(fields({ lathe: null })).toEqual([]);
      // The cone is longer than this slide travels, which only those that feed by the slide are short of.
      expect(fields({})).toEqual(short ? ['way'] : []);
    },
  );
  it('those that feed by the slide are the compound and the master followed by it', () => {
    expect(WAYS.filter(({ short }) => short).map(({ id }) => id)).toEqual(['compound', 'copy-master']);
  });
});
