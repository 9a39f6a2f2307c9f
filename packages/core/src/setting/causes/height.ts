import { length } from '../../figure/figure';
import { heightOfBow } from '../../sweep/contactHeight';
import { ON_DIAMETER, type Cause } from './kind';

/** Further off centre than this part of the radius nobody sets a contact. */
const MOST = 0.25;

/**
 * A contact off the height of the centres, run along a round master: at radius r it touches lower on the curve, and reads
 * h²/2r less, which bows high in the middle and leans. Told where so low a contact as a hand may set would bow so much.
 */
export const height: Cause = ({ analysis: { bow }, sweep, task, length: run }) => {
  if (sweep.reads !== 'still' || task.member !== 'external' || !bow || bow.value <= 0) return null;
  const small = task.smallDiameter / 2;
  const large = small + run * Math.tan(task.halfAngle);
  const off = heightOfBow(bow.value, small, large);
  if (off === null || off > MOST * small) return null;
  // Set by such a needle the slide leans by what the ends differ.
  const leans = (off ** 2 / 2) * (1 / small - 1 / large);
  return {
    id: 'height',
    what: ['A contact ', length(off, 0.1), ' off centre height would bow it so'],
    costs: ON_DIAMETER * leans * Math.min(1, task.length / run),
    todo: ['Set the contact to the height of a centre’s point, and sweep again'],
    check: [
      'Raise the contact by a half of that: a bow that changes is the contact’s, one that stays is the bar’s',
    ],
  };
};
