import { positive } from '../../basics/check';
import { AnelloError } from '../../basics/error';
import type { Outline } from './outline';

/** A feature of one diameter. Errors: underdetermined, out-of-range, at the figure. */
export const straight = (feature: {
  diameter?: number | undefined;
  length?: number | undefined;
}): Outline => {
  const r = positive(known(feature.diameter, 'diameter', 'the diameter'), 'diameter', 'The diameter') / 2;
  const along = positive(known(feature.length, 'length', 'the length'), 'length', 'The length');
  return {
    length: along,
    offset: 0,
    points: [
      { z: 0, r },
      { z: along, r },
    ],
  };
};

function known(value: number | undefined, field: string, what: string): number {
  if (value === undefined) throw new AnelloError('underdetermined', field, `Still missing: ${what}.`);
  return value;
}
