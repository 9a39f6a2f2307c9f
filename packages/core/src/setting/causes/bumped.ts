import { length } from '../../figure/figure';
import { FINE, ON_DIAMETER, type Cause } from './kind';

/** A jump that stayed: a handle was touched, or a gib let go. */
export const bumped: Cause = ({ analysis: { step } }) =>
  step && {
    id: 'bumped',
    what: [
      'The needle jumped by ',
      length(step.size, FINE, { signed: true }),
      ' at ',
      length(step.at, 0.1),
      ' and stayed',
    ],
    costs: ON_DIAMETER * Math.abs(step.size),
    todo: ['Lock the handles that do not move, snug the gibs, zero and sweep again'],
    check: [
      'Sweep again without touching a handle: a jump at the same place is a mark on the bar, one elsewhere or none was a handle or a gib',
    ],
  };
