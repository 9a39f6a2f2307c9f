import { length } from '../../figure/figure';
import { makeVirtualLathe } from '../../virtual-lathe/makeVirtualLathe';
import type { Exercise } from '../exercise';
import { CARRIAGE, CROSS } from '../knobs';

const STOCK = 30;
const OUT = 80;
/** What it may be, mm on diameter, and where along it is measured, from the chuck. */
export const SIZE = { least: 27.97, most: 28, at: 60 } as const;
const MIDDLE = (SIZE.least + SIZE.most) / 2;

export const toSize: Exercise = {
  id: 'to-size',
  title: 'Turn a diameter to its limits',
  goal: [
    'Turn the free end to ',
    length(SIZE.least, 0.01),
    ' to ',
    length(SIZE.most, 0.01),
    ', over half of it.',
  ],
  why: 'What a slide is told and what comes off differ by spring, lash and dial: the last cuts show by how much, before they scrap the part.',
  knobs: [CARRIAGE, CROSS],
  reads: [{ micrometer: { at: SIZE.at, side: 'outside' } }],
  cuts: true,
  answer: null,
  about: ['crossScale', 'compliance', 'crossLash', 'warmth', 'leastCut'],
  begin(seed, level) {
    const lathe = makeVirtualLathe({ seed, level, faults: { oval: 0 } });
    lathe.act({ do: 'hold', by: 'three-jaw', blank: { diameter: STOCK, length: 110 }, out: OUT });
    lathe.act({ do: 'tool', side: 'outside', nose: 0.4 });
    lathe.act({ do: 'turn', handle: 'carriage', by: 30 });
    lathe.act({ do: 'turn', handle: 'cross', by: 44 });
    lathe.act({ do: 'zero', of: 'cross' });
    return lathe;
  },
  judge(lathe) {
    const { outline } = lathe.reveal();
    const places = [45, 52, SIZE.at, 68, 75].map((z) => 2 * outline('outside', z));
    const [least, most] = [Math.min(...places), Math.max(...places)];
    const inside = least >= SIZE.least && most <= SIZE.most;
    const worst = Math.abs(least - MIDDLE) > Math.abs(most - MIDDLE) ? least : most;
    return {
      right: inside,
      lines: [
        {
          what: 'Diameter, cold, at its worst place',
          is: length(worst, 0.001),
          wanted: [length(SIZE.least, 0.01), ' to ', length(SIZE.most, 0.01)],
          inside,
        },
      ],
    };
  },
};
