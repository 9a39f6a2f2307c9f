import { AnelloError } from '@anello/core/basics';
import { describe, expect, it } from 'vitest';
import { tried } from './tried';
import { withChanges } from './withChanges';

describe('changes of an object', () => {
  it('are laid over it, and nothing takes a part away', () => {
    const before: { a?: number; b?: number } = { a: 1, b: 2 };
    expect(withChanges(before, { b: 3 })).toEqual({ a: 1, b: 3 });
    const after = withChanges<{ a?: number | undefined; b?: number | undefined }>(before, { b: undefined });
    expect('b' in after).toBe(false);
    expect(withChanges<{ a?: number }>(undefined, { a: 4 })).toEqual({ a: 4 });
    expect(before).toEqual({ a: 1, b: 2 });
  });
});

describe('a computation tried', () => {
  it('gives what it found, or the sentence, its field and its code', () => {
    expect(tried(() => 7, 'mm')).toEqual({ found: 7, said: '', field: null, code: null });
    const refused = tried(() => {
      throw new AnelloError('out-of-range', 'nose', 'Too large.');
    }, 'mm');
    expect(refused).toEqual({ found: null, said: 'Too large.', field: 'nose', code: 'out-of-range' });
  });
  it('lets a fault of the program through', () => {
    expect(() =>
      tried(() => {
        throw new TypeError('no');
      }, 'mm'),
    ).toThrow(TypeError);
  });
});
