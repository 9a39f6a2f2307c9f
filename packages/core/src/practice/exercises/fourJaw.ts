import { length } from '../../figure/figure';
import { makeVirtualLathe } from '../../virtual-lathe/makeVirtualLathe';
import type { Exercise } from '../exercise';
import { jaw, SPINDLE } from '../knobs';

/** Whole swing of the needle that is good enough, mm. */
const LIMIT = 0.02;
/** Half a step of the needle at either reading is not seen. */
const UNSEEN = 0.002;

export const fourJaw: Exercise = {
  id: 'four-jaw',
  title: 'True a bar in four jaws',
  goal: ['Bring the whole swing of the needle to ', length(LIMIT, 0.01), ' or less.'],
  why: 'Everything that is turned afterwards is only as true to what was there before as this.',
  knobs: [SPINDLE, jaw(1), jaw(2), jaw(3), jaw(4)],
  reads: [{ needle: 'work' }],
  cuts: false,
  answer: null,
  about: ['jawLash', 'oval'],
  begin(seed, level) {
    const lathe = makeVirtualLathe({ seed, level });
    lathe.act({ do: 'hold', by: 'four-jaw', blank: { diameter: 50, length: 100 }, out: 60 });
    lathe.act({ do: 'spindle', turns: 0 });
    lathe.act({ do: 'turn', handle: 'carriage', by: -20 });
    lathe.act({ do: 'zero', of: 'needle' });
    return lathe;
  },
  judge(lathe) {
    const { x, y } = lathe.reveal().offset;
    const swing = 2 * Math.hypot(x, y);
    const inside = swing <= LIMIT + UNSEEN;
    return {
      right: inside,
      lines: [
        {
          what: 'Whole swing of the bar’s axis',
          is: length(swing, 0.001),
          wanted: ['at most ', length(LIMIT, 0.01)],
          inside,
        },
      ],
    };
  },
};
