import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fieldName, shown } from './clashWords';
import { merge, same, withTheirs, withValue } from './merge';

const part = () => ({
  title: 'Shank',
  cut: { last: { typed: '0.6 mm', value: 0.6 }, rough: { typed: '1 mm', value: 1 } },
  features: [
    { id: 'a', name: 'Seat', length: { typed: '20 mm', value: 20 } },
    { id: 'b', name: 'Body', length: { typed: '40 mm', value: 40 } },
  ] as { id: string; name: string; length: { typed: string; value: number } }[],
});

describe('two edits of one document', () => {
  it('of different fields are joined, down to a part of a list', () => {
    const [mine, theirs] = [part(), part()];
    mine.title = 'Long shank';
    mine.features[0]!.length = { typed: '21 mm', value: 21 };
    theirs.cut.last = { typed: '0.5 mm', value: 0.5 };
    theirs.features[1]!.name = 'Barrel';
    theirs.features.push({ id: 'c', name: 'Nose', length: { typed: '5 mm', value: 5 } });
    const { merged, clashes } = merge(part(), mine, theirs);
    expect(clashes).toEqual([]);
    expect(merged).toMatchObject({ title: 'Long shank', cut: { last: { typed: '0.5 mm' } } });
    expect(merged.features.map((f) => [f.id, f.name, f.length.value])).toEqual([
      ['a', 'Seat', 21],
      ['b', 'Barrel', 40],
      ['c', 'Nose', 5],
    ]);
  });
  it('of the same field are told, mine standing meanwhile; a figure is one field with its text', () => {
    const [mine, theirs] = [part(), part()];
    mine.features[0]!.length = { typed: '21 mm', value: 21 };
    theirs.features[0]!.length = { typed: '22 mm', value: 22 };
    const { merged, clashes } = merge(part(), mine, theirs);
    expect(clashes).toHaveLength(1);
    const [clash] = clashes as [(typeof clashes)[number]];
    expect([fieldName(clash.path, merged), shown(clash.mine), shown(clash.theirs)]).toEqual([
      'part, Seat, length',
      '21 mm',
      '22 mm',
    ]);
    expect(withValue(merged, clash.path, clash.theirs).features[0]!.length.value).toBe(22);
  });
  it('where one takes a part out that the other left alone, it goes; that the other changed, it is asked', () => {
    const [mine, theirs] = [part(), part()];
    mine.features.splice(1, 1);
    expect(merge(part(), mine, theirs).merged.features.map((f) => f.id)).toEqual(['a']);
    theirs.features[1]!.name = 'Barrel';
    const { clashes, merged } = merge(part(), mine, theirs);
    expect(clashes.map((c) => c.path)).toEqual([['features', 'b']]);
    expect(withValue(merged, ['features', 'b'], clashes[0]!.theirs).features.map((f) => f.name)).toEqual([
      'Seat',
      'Barrel',
    ]);
    expect(withValue(theirs, ['features', 'b'], undefined).features).toHaveLength(1);
  });
  const ids = ({ features }: ReturnType<typeof part>): string => features.map(({ id }) => id).join('');
  const rows = (...names: string[]) => ({
    ...part(),
    features: names.map((id) => ({ id, name: id, length: { typed: '5 mm', value: 5 } })),
  });
  it.each([
    ['theirs put one between, I changed a figure', 'ab', 'ab', 'axb', 'axb'],
    ['theirs put one first', 'ab', 'ab', 'xab', 'xab'],
    ['both put one in', 'ab', 'ayb', 'axb', 'ayxb'],
    ['theirs moved one', 'abc', 'abc', 'cab', 'cab'],
    ['theirs moved one, I put one in', 'abc', 'abyc', 'cab', 'caby'],
    ['I moved one, theirs put one in', 'abc', 'cab', 'axbc', 'caxb'],
    ['theirs took one out, I put one behind it', 'abc', 'abyc', 'ac', 'ayc'],
    ['both moved: mine stands', 'abc', 'bca', 'cba', 'bca'],
  ])('%s: of %s, mine %s, theirs %s comes %s', (_, base, mine, theirs, joined) => {
    const own = rows(...mine);
    // Something of it is mine in any case, so that the list is joined and not taken whole.
    own.features.find(({ id }) => id === 'a')!.length = { typed: '6 mm', value: 6 };
    const { merged, clashes } = merge(rows(...base), own, rows(...theirs));
    expect([ids(merged), clashes]).toEqual([joined, []]);
    expect(merged.features.find(({ id }) => id === 'a')!.length.value).toBe(6);
  });
  it('a part that I took out and have back as they changed it goes to its place', () => {
    const theirs = rows('a', 'b', 'c', 'd');
    theirs.features[2]!.name = 'Barrel';
    for (const [mine, joined] of [
      ['abd', 'abcd'],
      ['ad', 'acd'],
      ['d', 'cd'],
    ] as const) {
      const { merged, clashes } = merge(rows('a', 'b', 'c', 'd'), rows(...mine), theirs);
      expect(ids(merged)).toBe(mine);
      expect(ids(clashes.reduce(withTheirs, merged))).toBe(joined);
    }
  });
  it('either alone is taken whole, both the same clash in nothing, and no change of one is lost', () => {
    const leaf = fc.oneof(fc.integer(), fc.string(), fc.boolean());
    const shape = fc.record({ a: leaf, b: fc.record({ c: leaf, d: leaf }), e: fc.array(leaf) });
    fc.assert(
      fc.property(shape, shape, shape, (base, mine, theirs) => {
        expect(same(merge(base, mine, base).merged, mine)).toBe(true);
        expect(same(merge(base, base, theirs).merged, theirs)).toBe(true);
        expect(merge(base, mine, mine).clashes).toEqual([]);
        const { merged, clashes } = merge(base, mine, theirs);
        const settled = clashes.reduce((d, c) => withValue(d, c.path, c.theirs), merged);
        for (const key of ['c', 'd'] as const) {
          if (!same(base.b[key], theirs.b[key])) expect(same(settled.b[key], theirs.b[key])).toBe(true);
          else expect(same(settled.b[key], mine.b[key])).toBe(true);
        }
      }),
      { seed: 11, numRuns: 200 },
    );
  });
});
