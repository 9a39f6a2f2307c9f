import { all } from '../tails';
import type { Term } from './kind';

/** Travel must hold so many turns, to be told from a slope. */
export const TURNS = 2.5;

/** A swing with the lead screw: drunken, or not square to its nut. Its period is the series' own. */
export const sine: Term = {
  id: 'sine',
  figures: 2,
  // A period that is known is found again though a turn holds hardly a reading: only one nobody knows wants more.
  possible: ({ period, length }) => period !== null && length >= TURNS * period,
  columns: () => [all('sine'), all('cosine')],
  coarse: () => [],
  fine: () => [],
};
