import { length } from '../../figure/figure';
import { makeVirtualLathe, type VirtualLathe } from '../../virtual-lathe/makeVirtualLathe';
import type { Exercise } from '../exercise';
import { CARRIAGE, CROSS } from '../knobs';

const STOCK = 30;
const OUT = 80;
/** What it may be, mm on diameter, and where along it is measured, from the chuck. */
export const SIZE = { least: 27.97, most: 28, at: 60 } as const;
const MIDDLE = (SIZE.least + SIZE.most) / 2;

const PLACES = [45, 52, SIZE.at, 68, 75];
/** The smallest and the largest it is over the half that counts. */
function worst(lathe: VirtualLathe): { readonly least: number; readonly most: number } {
  const { outline } = lathe.reveal();
  const places = PLACES.map((z) => 2 * outline('outside', z));
  return { least: Math.min(...places), most: Math.max(...places) };
}

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
  gone: (lathe) => worst(lathe).least < SIZE.least,
  judge(lathe) {
    const { least, most } = worst(lathe);
    const inside = least >= SIZE.least && most <= SIZE.most;
    const size = Math.abs(least - MIDDLE) > Math.abs(most - MIDDLE) ? least : most;
    return {
      right: inside,
      lines: [
        {
          what: 'Diameter, cold, at its worst place',
          is: length(size, 0.001),
          wanted: [length(SIZE.least, 0.01), ' to ', length(SIZE.most, 0.01)],
          inside,
        },
      ],
    };
  },
};
