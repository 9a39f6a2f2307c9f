import { expect, it } from 'vitest';
import { duration } from './duration';
import { plainText } from './phrase';

it.each([
  [0, '0 min'],
  [59.4, '59 min'],
  [59.6, '1 h'],
  [60, '1 h'],
  [61, '1 h 1 min'],
  [1071, '17 h 51 min'],
])('%s minutes is %s', (minutes, said) => expect(plainText(duration(minutes))).toBe(said));
