import { length } from '../../figure/figure';
import { makeVirtualLathe } from '../../virtual-lathe/makeVirtualLathe';
import type { Exercise, Knob } from '../exercise';
import { SPINDLE } from '../knobs';
import { standsOff } from './inFourJaw';

/** The throw that is wanted by packing one jaw, and how far it may be off, mm. */
export const PACKED = { wanted: 3, limit: 0.05, diameter: 40 } as const;

const PACKING: Knob = {
  id: 'packing',
  title: 'Packing under jaw 1, thicker',
  coarse: 1,
  fine: 0.05,
  shows: 'length',
  handle: null,
  turn: (by) => ({ do: 'pack', by }),
};

export const packing: Exercise = {
  id: 'packing',
  title: 'Pack one jaw of three',
  goal: [
    'Pack jaw 1 until the bar stands ',
    length(PACKED.wanted, 0.01),
    ' off the axis, within ',
    length(PACKED.limit, 0.01),
    '.',
  ],
  why: 'Packing is not the throw, nor one and a half times it: the two plain jaws let the work come in as well, and narrow jaws by less than wide ones.',
  knobs: [SPINDLE, PACKING],
  reads: [{ needle: 'work' }],
  cuts: false,
  answer: null,
  about: ['rehold', 'oval', 'lever'],
  begin(seed, level) {
    const lathe = makeVirtualLathe({ seed, level });
    const blank = { diameter: PACKED.diameter, length: 100 };
    lathe.act({ do: 'hold', by: 'three-jaw', blank, out: 60 });
    lathe.act({ do: 'spindle', turns: 0 });
    lathe.act({ do: 'turn', handle: 'carriage', by: -20 });
    lathe.act({ do: 'zero', of: 'needle' });
    return lathe;
  },
  judge(lathe) {
    const stands = standsOff(lathe);
    const inside = Math.abs(stands - PACKED.wanted) <= PACKED.limit;
    return {
      right: inside,
      lines: [
        {
          what: 'Throw as it stands',
          is: length(stands, 0.001),
          wanted: [length(PACKED.wanted, 0.01), ', give or take ', length(PACKED.limit, 0.01)],
          inside,
        },
      ],
    };
  },
};
