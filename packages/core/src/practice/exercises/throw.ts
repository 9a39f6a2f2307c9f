import { length } from '../../figure/figure';
import { makeVirtualLathe } from '../../virtual-lathe/makeVirtualLathe';
import type { Exercise } from '../exercise';
import { jaw, SPINDLE } from '../knobs';

/** The throw, and how far the whole swing may be from twice it, mm. */
export const THROW = { wanted: 3, limit: 0.04, diameter: 50 } as const;
/** Half a step of the needle at either reading is not seen. */
const UNSEEN = 0.002;

export const offAxis: Exercise = {
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
  knobs: [SPINDLE, jaw(1), jaw(2), jaw(3), jaw(4)],
  reads: [{ needle: 'work' }],
  cuts: false,
  answer: null,
  about: ['jawLash', 'oval', 'lever'],
  begin(seed, level) {
    const lathe = makeVirtualLathe({ seed, level });
    lathe.act({ do: 'hold', by: 'four-jaw', blank: { diameter: THROW.diameter, length: 100 }, out: 60 });
    lathe.act({ do: 'spindle', turns: 0 });
    lathe.act({ do: 'turn', handle: 'carriage', by: -20 });
    lathe.act({ do: 'zero', of: 'needle' });
    return lathe;
  },
  judge(lathe) {
    const { x, y } = lathe.reveal().offset;
    const stands = Math.hypot(x, y);
    const inside = 2 * Math.abs(stands - THROW.wanted) <= THROW.limit + UNSEEN;
    return {
      right: inside,
      lines: [
        {
          what: 'Throw as it stands',
          is: length(stands, 0.001),
          wanted: [length(THROW.wanted, 0.01), ', give or take ', length(THROW.limit / 2, 0.01)],
          inside,
        },
      ],
    };
  },
};
