import { describe, expect, it } from 'vitest';
import { scallopHeight } from './scallopHeight';

describe('the ridge between two steps', () => {
  it('is as high as the nose where the step is as wide as it, and a wider step is refused', () => {
    expect(scallopHeight({ step: 2, noseRadius: 1 }).height).toBe(1);
    expect(() => scallopHeight({ step: 2.01, noseRadius: 1 })).toThrow(
      expect.objectContaining({ code: 'impossible', field: 'step' }),
    );
  });
  it('keeps its figures where the step is small beside the nose', () => {
    // s²/8r, to the order of s⁴.
    expect(scallopHeight({ step: 1e-6, noseRadius: 1 }).height).toBeCloseTo(1.25e-13, 20);
  });
});
