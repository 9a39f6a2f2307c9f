import { length } from '../../figure/figure';
import type { Exercise } from '../exercise';
import { BAR, IN_FOUR_JAW, judgeThrow } from './inFourJaw';

/** The throw, and how far the whole swing may be from twice it, mm. */
export const THROW = { wanted: 3, limit: 0.04, diameter: BAR.diameter } as const;

export const offAxis: Exercise = {
  ...IN_FOUR_JAW,
  id: 'throw',
  title: 'Dial in a throw',
  goal: [
    'Set the bar ',
    length(THROW.wanted, 0.01),
    ' off the axis: the needle swings twice that, within ',
    length(THROW.limit, 0.01),
    '.',
  ],
  why: 'An eccentric is only as long in its stroke as the throw it was turned at; the needle shows twice of it, and that is where the mistake is made.',
  about: ['jawLash', 'oval', 'lever'],
  judge: (lathe) => judgeThrow(lathe, THROW),
};
