import { all } from '../tails';
import type { Term } from './kind';

/** A bar hollow or high in its middle: no height at the ends, the whole of it half way. */
export const bow: Term = {
  id: 'bow',
  figures: 1,
  possible: () => true,
  columns: () => [all('bow')],
  coarse: () => [],
  fine: () => [],
};
