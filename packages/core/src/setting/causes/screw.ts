import { length } from '../../figure/figure';
import { turnsWith } from '../../sweep/turnsWith';
import { FINE, ON_DIAMETER, type Cause } from './kind';

/** A swing that comes again with each turn of something. */
export const screw: Cause = ({ analysis: { sine }, lead }) =>
  sine && {
    id: 'screw',
    what: [
      'The needle swings by ',
      length(sine.amplitude, FINE),
      ' either way, once in every ',
      length(sine.period, 0.1),
    ],
    costs: ON_DIAMETER * sine.amplitude,
    todo: [
      'Feed by hand with an even pull and read at whole turns: places ',
      length(sine.period, 0.1),
      ' apart are free of it. It is left on the work as fine waves',
    ],
    check:
      lead !== undefined && !turnsWith(sine.period, lead)
        ? [
            'The screw turns once in ',
            length(lead, 0.01),
            ': it is not the screw. Look for what turns once in ',
            length(sine.period, 0.1),
            ', the apron’s pinion or a gear of the feed; what stays where it was in another sweep is on what is swept',
          ]
        : [
            'Engage the feed half a turn later: waves that move along with it are the screw’s, waves that stay are on what is swept',
          ],
  };
