import { length } from '../../figure/figure';
import { seeded } from '../../machine/seeded';
import { makeVirtualLathe } from '../../virtual-lathe/makeVirtualLathe';
import type { Exercise } from '../exercise';
import { CROSS } from '../knobs';

/** Found to so much of the dial, or to this part of it, mm. */
const NEAR = 0.02;
const PART = 0.15;
/** There is always some to find. */
const LEAST = 0.06;
const MOST = 0.3;

export const lash: Exercise = {
  id: 'lash',
  title: 'Find the lash of a cross-slide',
  goal: ['Say how far the dial turns before the slide follows it back.'],
  why: 'A dial tells the truth one way only: whoever comes back to a figure without taking up the lash cuts a part of it too little, or scraps the piece.',
  knobs: [CROSS],
  reads: [{ needle: 'test-bar' }],
  cuts: false,
  answer: { label: 'Lash, as the dial shows it' },
  about: ['crossLash'],
  begin(seed, level) {
    const crossLash = LEAST + (MOST - LEAST) * seeded(seed)();
    const lathe = makeVirtualLathe({ seed, level, faults: { crossLash } });
    lathe.act({ do: 'spindle', turns: 0 });
    // An indicator in the post, its needle pressed a little against the bar.
    lathe.act({ do: 'turn', handle: 'cross', by: 2 });
    lathe.act({ do: 'zero', of: 'needle', on: 'test-bar' });
    lathe.act({ do: 'zero', of: 'cross' });
    return lathe;
  },
  found: (answer) => ({ crossLash: answer }),
  judge(lathe, answer) {
    const { crossLash } = lathe.reveal().faults;
    const inside = answer !== null && Math.abs(answer - crossLash) <= Math.max(NEAR, PART * crossLash);
    return {
      right: inside,
      lines: [
        {
          what: 'Lash as it was found',
          is: length(answer ?? 0, 0.01),
          wanted: ['it is ', length(crossLash, 0.01)],
          inside,
        },
      ],
    };
  },
};
