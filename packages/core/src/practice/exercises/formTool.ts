import { length } from '../../figure/figure';
import { seeded } from '../../machine/seeded';
import { FAULT_KINDS } from '../../virtual-lathe/faults/registry';
import { makeVirtualLathe } from '../../virtual-lathe/makeVirtualLathe';
import type { Exercise } from '../exercise';
import { CROSS } from '../knobs';

/** A vee of so much depth over half its width, as it is drawn; and where its middle stands on the bar, mm. */
export const VEE = { deep: 4, half: 4, at: 50, apart: 3 } as const;
/** Between the two places that are measured the drawing is so deep. */
export const DRAWN = (VEE.deep * VEE.apart) / VEE.half;
const STOCK = 40;
/** Told to so much, mm. */
const NEAR = 0.02;

export const formToolCut: Exercise = {
  id: 'form-tool',
  title: 'A form tool’s test cut',
  goal: [
    'Plunge a vee until both places are cut, measure it at its root and ',
    length(VEE.apart, 1),
    ' beside it, and say how deep the form is cut between them; drawn it is ',
    length(DRAWN, 0.01),
    '.',
  ],
  why: 'Rake and a tool set off centre cut a form shallower than it is ground: a test cut on scrap says by how much before the part does.',
  knobs: [CROSS],
  reads: [
    { micrometer: { at: VEE.at, side: 'outside' } },
    { micrometer: { at: VEE.at + VEE.apart, side: 'outside' } },
  ],
  cuts: true,
  answer: { label: 'Depth between the two, as it is cut' },
  about: ['formDepth', 'compliance', 'micrometer', 'feel'],
  begin(seed, level) {
    const { from, to } = FAULT_KINDS.formDepth;
    const formDepth = from + (to - from) * seeded(seed)();
    const lathe = makeVirtualLathe({ seed, level, faults: { formDepth, oval: 0 } });
    lathe.act({ do: 'hold', by: 'three-jaw', blank: { diameter: STOCK, length: 110 }, out: 70 });
    const form = [
      { z: -VEE.half, back: VEE.deep },
      { z: 0, back: 0 },
      { z: VEE.half, back: VEE.deep },
    ];
    lathe.act({ do: 'tool', side: 'outside', nose: 0.2, form });
    lathe.act({ do: 'turn', handle: 'carriage', by: VEE.at - 60 });
    lathe.act({ do: 'turn', handle: 'cross', by: 36 });
    lathe.act({ do: 'zero', of: 'cross' });
    lathe.act({ do: 'spindle', turns: 0 });
    return lathe;
  },
  found: (answer) => ({ formDepth: answer / DRAWN }),
  judge(lathe, answer) {
    const { outline } = lathe.reveal();
    const cut = outline('outside', VEE.at + VEE.apart) - outline('outside', VEE.at);
    const stock = outline('outside', VEE.at + VEE.apart) >= STOCK / 2 - 1e-6;
    const inside = !stock && answer !== null && Math.abs(answer - cut) <= NEAR;
    return {
      right: inside,
      lines: [
        {
          what: 'Depth as it was told',
          is: length(answer ?? 0, 0.01),
          wanted: stock ? ['both places are not cut yet'] : ['it is ', length(cut, 0.01)],
          inside,
        },
      ],
    };
  },
};
