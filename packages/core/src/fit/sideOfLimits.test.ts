import fc from 'fast-check';
import { expect, it } from 'vitest';
import { sideOfLimits, sizeLimits } from './index';

const IN = 25.4;

it('a figure read on a limit is inside, in inches as in mm', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 100, max: 5000 }),
      fc.integer({ min: 1, max: 200 }),
      fc.constantFrom(1, IN),
      fc.boolean(),
      (thousandths, off, unit, over) => {
        const [size, by] = [thousandths / 1000, off / 10000];
        const limits = sizeLimits({
          size: size * unit,
          side: 'external',
          given: { plus: by * unit, minus: by * unit },
        });
        const typed = Number((over ? size + by : size - by).toFixed(4)) * unit;
        expect(sideOfLimits(typed, limits)).toBe('inside');
        const past = typed + (over ? 0.0001 : -0.0001) * unit;
        expect(sideOfLimits(past, limits)).toBe(over ? 'over' : 'under');
      },
    ),
  );
});
