import { describe, expect, it } from 'vitest';
import * as questions from './is';
import { FEATURE_KINDS } from './registry';

describe('what a feature is asked', () => {
  it.each(FEATURE_KINDS)('%s is answered yes by one question, its own', (kind) => {
    const yes = Object.entries(questions).filter(([, is]) => is({ kind }));
    expect(yes).toHaveLength(1);
  });
  it('nothing is of no kind', () => {
    for (const is of Object.values(questions)) {
      expect(is(null)).toBe(false);
      expect(is(undefined)).toBe(false);
    }
  });
});
