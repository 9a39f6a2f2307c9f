import { length } from '../../figure/figure';
import { FINE, ON_DIAMETER, type Cause } from './kind';

/** A bar or a slide worn hollow, or standing high, between the ends of the sweep. */
export const bar: Cause = ({ analysis: { bow }, task, length: swept }) => {
  if (!bow) return null;
  // A shorter piece of an arc bows by the square of its share.
  const share = Math.min(1, task.length / swept) ** 2;
  const side = bow.value > 0 ? 'high' : 'hollow';
  return {
    id: 'bar',
    what: [
      'The needle bows: ',
      length(Math.abs(bow.value), FINE),
      ` ${side} in the middle of `,
      length(swept, 1),
    ],
    costs: ON_DIAMETER * Math.abs(bow.value) * share,
    todo:
      share < 1
        ? [
            'Work on its straightest stretch: this part needs ',
            length(task.length, 1),
            ' of it, where the bow is ',
            length(Math.abs(bow.value) * share, FINE),
          ]
        : ['Use another stretch of it, or dress the bar; a nudge of the angle only shares it out'],
    check: [
      'Set the contact to centre height and sweep again: a bow that goes was the contact’s, one that stays is the bar’s',
    ],
  };
};
