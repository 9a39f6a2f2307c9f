import { describe, expect, it } from 'vitest';
import { fieldName, shown } from './clashWords';

const job = {
  features: [
    { id: 'a', name: 'Seat', largeDiameter: { typed: '20 mm', value: 20 } },
    { id: 'b', name: 'Body' },
  ],
};

describe('what two people changed, in words', () => {
  it('a field is said in words: parts of a list and what is kept by a feature go by the feature’s name', () => {
    const worked = { ...job, work: { b: { limit: 1 }, gone: {} } };
    const said = (...path: string[]) => fieldName(path, worked);
    expect(said('title')).toBe('what it is');
    expect(said('features', 'b', 'largeDiameter')).toBe('part, Body, large diameter');
    expect(said('features', 'a')).toBe('part, Seat');
    expect(['due', 'who', 'tags'].map((key) => said(key))).toEqual([
      'wanted by',
      'whose job',
      'words to find it by',
    ]);
    expect(said('work', 'b', 'limit')).toBe('how it is made, Body, limit');
    expect(said('work', 'gone')).toBe('how it is made, gone');
    const nameless = { features: [{ id: 'a', name: 7 }], work: {} };
    expect(fieldName(['work', 'a'], nameless as never)).toBe('how it is made, a');
    expect(fieldName(['work', 'a'], {} as never)).toBe('how it is made, a');
  });
  it('what stands there is said in words: a list by what is in it, what goes by an id by its name', () => {
    expect(shown(['boring bar', 'spare'])).toBe('boring bar, spare');
    expect(shown([24, 30])).toBe('24, 30');
    expect(shown({ id: 'a', name: 'Seat' })).toBe('Seat');
    expect(shown({ id: 'a', name: 7 })).toBe('{"id":"a","name":7}');
    expect(shown([])).toBe('nothing');
    expect(shown([{ a: 1 }])).toBe('[{"a":1}]');
    const nameOf = (id: string) => (id === 'l-1' ? 'Long lathe' : undefined);
    expect([shown('l-1', nameOf), shown('brass', nameOf)]).toEqual(['Long lathe', 'brass']);
  });
});
