import { length } from '../../figure/figure';
import { FINE, ON_DIAMETER, type Cause } from './kind';

/** Room to spare past what was lost, mm. */
const PAST = 1;

/** Travel at the start in which nothing follows. */
export const lash: Cause = ({ analysis: { flat, slope } }) =>
  flat && {
    id: 'lash',
    what: ['Nothing moved for the first ', length(flat.length, 0.1), ': lash'],
    costs: ON_DIAMETER * Math.abs(slope.value) * flat.length,
    todo: [
      'Start every pass and every sweep ',
      length(flat.length + PAST, 0.1),
      ' before the work, always from the same side',
    ],
    check: [
      'Push the slide by hand against the lash: a needle that moves by ',
      length(Math.abs(slope.value) * flat.length, FINE),
      ' is lash, one that stays is a needle that sticks',
    ],
  };
