import type { Column } from '../tails';
import { spread, type Term } from './kind';

/** Reaches so much of the travel at the most: beyond it there is nothing left to be a slope. */
const MOST = 0.7;
const COARSE = 48;

/** The travel from a place on, counted from there. */
const ramp = (place: number): Column => [
  { of: 'travel', times: 1, after: place },
  { of: 'level', times: -place, after: place },
];
const slide = (place: number, [, slope = 0]: readonly number[]): Column => [
  { of: 'level', times: -slope, after: place },
];

/** Lash at the start: nothing follows until it is taken up. Only where the reading should climb at all. */
export const flat: Term = {
  id: 'flat',
  figures: 1,
  possible: ({ expectedSlope }) => expectedSlope !== 0,
  columns: () => [],
  travel: ramp,
  coarse: ({ length, gap }) => spread(1.5 * gap, MOST * length, COARSE),
  fine: ({ length, gap }, near) => {
    const each = (MOST * length) / COARSE;
    return spread(near - each, near + each, COARSE).filter((at) => at > gap);
  },
  /** Newton's steps: what is left leans on where the flat ends. */
  nearest({ series, near, fit, leanOn }) {
    const by = leanOn(slide(near, fit.coefficients));
    return Math.abs(by) < series.length / 32 ? Math.max(0, near + by) : near;
  },
  slide,
};
