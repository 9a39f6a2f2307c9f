import { seeded } from '../../machine/seeded';
import { FAULT_KINDS, type FaultId } from '../../virtual-lathe/faults/registry';
import { makeVirtualLathe } from '../../virtual-lathe/makeVirtualLathe';
import type { Exercise } from '../exercise';
import { CROSS, SPINDLE } from '../knobs';

/** What it may be: each is there alone, at its worst. */
export const SUSPECTS = [
  'crossLash',
  'crossScale',
  'spindle',
  'crossSine',
] as const satisfies readonly FaultId[];
/** Worse than any level draws it, where that is hardly seen, mm. */
const SEEN: Readonly<Partial<Record<FaultId, number>>> = { spindle: 0.014, crossSine: 0.018 };
const NAMES: Readonly<Record<(typeof SUSPECTS)[number], string>> = {
  crossLash: 'Lash of the cross-slide',
  crossScale: 'Its dial does not tell what the slide moves',
  spindle: 'The spindle swings',
  crossSine: 'The cross-slide swings with its screw',
};

export const find: Exercise = {
  id: 'find',
  title: 'What is wrong with this lathe',
  goal: ['One thing is wrong with it. Say which.'],
  why: 'A wrong figure has a cause, and each cause shows itself in one look only: the order of the looks is the craft.',
  knobs: [CROSS, SPINDLE],
  reads: [{ needle: 'test-bar' }],
  cuts: false,
  answer: { label: 'It is', options: SUSPECTS.map((id) => NAMES[id]) },
  about: SUSPECTS,
  begin(seed) {
    const uniform = seeded(seed);
    const id = SUSPECTS[Math.floor(uniform() * SUSPECTS.length)] as (typeof SUSPECTS)[number];
    const { from, to } = FAULT_KINDS[id];
    const worst = id === 'crossScale' && uniform() < 0.5 ? from : to;
    const lathe = makeVirtualLathe({ seed, level: 0, faults: { [id]: SEEN[id] ?? worst } });
    lathe.act({ do: 'spindle', turns: 0 });
    lathe.act({ do: 'turn', handle: 'cross', by: 2 });
    lathe.act({ do: 'zero', of: 'needle', on: 'test-bar' });
    lathe.act({ do: 'zero', of: 'cross' });
    return lathe;
  },
  judge(lathe, answer) {
    const { faults } = lathe.reveal();
    const is = SUSPECTS.findIndex((id) => faults[id] !== FAULT_KINDS[id].none);
    const inside = answer === is;
    const wanted = SUSPECTS[is] as (typeof SUSPECTS)[number];
    return {
      right: inside,
      lines: [
        {
          what: `It is: ${NAMES[wanted]}`,
          is: null,
          wanted: [
            inside
              ? 'as you said'
              : `you said: ${answer === null ? 'nothing' : NAMES[SUSPECTS[answer] ?? wanted]}`,
          ],
          inside,
        },
      ],
    };
  },
};
