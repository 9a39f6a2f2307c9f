import { describe, expect, it } from 'vitest';
import { entry, entrySchema, valuesOf } from '../index';

describe('a typed figure', () => {
  it('keeps what was typed beside what it was read as', () => {
    expect(entry('1-5/16 in')).toEqual({ typed: '1-5/16 in', value: 33.3375 });
    expect(entry('7/24', 'taper').value).toBeCloseTo(7 / 24, 12);
    expect(entry(`1°26'16"`, 'angle').value).toBeCloseTo(0.025094, 6);
  });
  it('is refused when the two do not agree, or the text cannot be read', () => {
    const schema = entrySchema('length');
    expect(schema.safeParse({ typed: '12.5 mm', value: 12.5 }).success).toBe(true);
    expect(schema.safeParse({ typed: '12.5 mm', value: 12.6 }).success).toBe(false);
    expect(schema.safeParse({ typed: 'twelve', value: 12 }).error?.issues[0]?.message).toMatch(
      /Could not read|not a unit/,
    );
    expect(schema.safeParse({ typed: '1°', value: 1 }).error?.issues[0]?.message).toContain('takes a length');
    expect(schema.safeParse({ typed: '', value: 0 }).success).toBe(false);
    expect(schema.safeParse({ typed: '1 mm', value: Infinity }).success).toBe(false);
  });
  it('becomes a plain number wherever it stands in a document', () => {
    const nested = { a: entry('1 in'), list: [{ b: entry('2 mm') }, { c: 'text' }], none: null, flag: true };
    expect(valuesOf(nested)).toEqual({ a: 25.4, list: [{ b: 2 }, { c: 'text' }], none: null, flag: true });
    expect(nested.a.typed).toBe('1 in');
  });
});
