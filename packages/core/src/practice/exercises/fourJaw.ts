import { length } from '../../figure/figure';
import type { Exercise } from '../exercise';
import { IN_FOUR_JAW, standsOff, UNSEEN } from './inFourJaw';

/** Whole swing of the needle that is good enough, mm. */
export const TRUE_WITHIN = 0.02;

export const fourJaw: Exercise = {
  ...IN_FOUR_JAW,
  id: 'four-jaw',
  title: 'True a bar in four jaws',
  goal: ['Bring the whole swing of the needle to ', length(TRUE_WITHIN, 0.01), ' or less.'],
  why: 'Everything that is turned afterwards is only as true to what was there before as this.',
  about: ['jawLash', 'oval'],
  judge(lathe) {
    const swing = 2 * standsOff(lathe);
    const inside = swing <= TRUE_WITHIN + UNSEEN;
    return {
      right: inside,
      lines: [
        {
          what: 'Whole swing of the bar’s axis',
          is: length(swing, 0.001),
          wanted: ['at most ', length(TRUE_WITHIN, 0.01)],
          inside,
        },
      ],
    };
  },
};
