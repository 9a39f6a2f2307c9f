import fc from 'fast-check';
import { expect, it } from 'vitest';
import { fitted } from './shrink';

it('a picture is brought to its longer side, keeps its shape, and is never made larger', () => {
  expect(fitted(4000, 3000)).toEqual([1600, 1200]);
  expect(fitted(600, 400)).toEqual([600, 400]);
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 20_000 }), fc.integer({ min: 1, max: 20_000 }), (w, h) => {
      const [width, height] = fitted(w, h);
      expect(Math.max(width, height)).toBeLessThanOrEqual(Math.min(1600, Math.max(w, h)));
      // Each side is off by no more than a pixel.
      expect(Math.abs(width * h - w * height)).toBeLessThanOrEqual(w + h);
    }),
  );
});
