import { describe, expect, it } from 'vitest';
import { sameQuestion } from './sameQuestion';

describe('two questions', () => {
  const samples = new Float32Array([1, 2]);
  it('are the same where all of them is, made anew or not, whatever the order', () => {
    expect(sameQuestion({ a: 1, b: { c: [1, 2] } }, { b: { c: [1, 2] }, a: 1 })).toBe(true);
    expect(sameQuestion({ samples, rate: 8 }, { samples, rate: 8 })).toBe(true);
    expect(sameQuestion(null, null)).toBe(true);
  });
  it('are others where anything is', () => {
    expect(sameQuestion({ a: 1 }, { a: 2 })).toBe(false);
    expect(sameQuestion({ a: 1 }, { a: 1, b: 2 })).toBe(false);
    expect(sameQuestion({ a: [1, { b: 2 }] }, { a: [1, { b: 3 }] })).toBe(false);
    expect(sameQuestion(null, { a: 1 })).toBe(false);
    expect(sameQuestion({ a: 1 }, null)).toBe(false);
    expect(sameQuestion({ a: 1 }, undefined)).toBe(false);
  });
  it('with what was recorded anew are others, without looking through it', () => {
    expect(sameQuestion({ samples }, { samples: new Float32Array([1, 2]) })).toBe(false);
  });
});
