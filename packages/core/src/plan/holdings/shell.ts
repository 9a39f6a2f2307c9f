import type { End } from '../../taper/task';
import type { Holding } from '../piece/line';

/** A way of holding the piece that might be next, before it is said what is done in it. */
export type Shell = Pick<Holding, 'by' | 'grips' | 'toward' | 'centre'> & {
  /** What the jaws close on: bar left over, bar that is the part's own, a finished diameter, or one off the axis. */
  readonly on: 'bar' | 'raw' | 'finished' | 'off-axis' | null;
  /** What is risked by holding it so. */
  readonly risks: number;
};

/** A holding with no more than its shell, to be judged by what judges holdings. */
export const asHolding = ({ by, grips, toward, centre }: Shell): Holding => ({
  id: '',
  by,
  grips,
  toward,
  centre,
  operations: [],
});

/** Jaws by how far from the spindle's end of the part they begin and end. */
export const gripsFrom = (
  toward: End,
  whole: number,
  from: number,
  to: number,
): { from: number; to: number } =>
  toward === 'tailstock' ? { from, to } : { from: whole - to, to: whole - from };

/** A place on the outside where jaws could close. */
export interface Spot extends Pick<Shell, 'grips' | 'on'> {
  readonly diameter: number;
}
