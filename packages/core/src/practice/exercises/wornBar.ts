import { length } from '../../figure/figure';
import { seeded } from '../../machine/seeded';
import { FAULT_KINDS } from '../../virtual-lathe/faults/registry';
import { makeVirtualLathe } from '../../virtual-lathe/makeVirtualLathe';
import { PRACTICE_LATHE } from '../../virtual-lathe/practiceLathe';
import type { Exercise } from '../exercise';
import { CARRIAGE } from '../knobs';

/** The bar's own travel, mm. */
export const BAR_TRAVEL = PRACTICE_LATHE.attachment.barTravel;
/** There is always some to find: so much of the largest at least. */
const LEAST_PART = 0.4;
const SET_AT = Math.atan(1 / 40);
/** Found to this part of it, or to so much, mm. */
const PART = 0.25;
const NEAR = 0.003;

export const wornBar: Exercise = {
  id: 'worn-bar',
  title: 'Read a worn bar',
  goal: ['Say how far the bar’s middle stands out over its whole travel; hollow is less than nothing.'],
  why: 'A worn bar has no one angle: set at its ends it cuts a barrel or a waist, and no nudge mends that.',
  knobs: [CARRIAGE],
  reads: [{ needle: 'test-bar' }],
  cuts: false,
  answer: { label: 'Its middle stands out by' },
  about: ['barBow', 'barLash', 'stick', 'lever'],
  begin(seed, level) {
    const uniform = seeded(seed);
    const most = FAULT_KINDS.barBow.to;
    const barBow = (uniform() < 0.5 ? -1 : 1) * most * (LEAST_PART + (1 - LEAST_PART) * uniform());
    const lathe = makeVirtualLathe({ seed, level, faults: { barBow, barAngle: 0 } });
    lathe.act({ do: 'spindle', turns: 0 });
    // At an angle the shoe is pressed one way all along; straight, its lash would hide a bow.
    lathe.act({ do: 'set', device: 'attachment', to: SET_AT });
    lathe.act({ do: 'turn', handle: 'carriage', by: BAR_TRAVEL / 2 });
    lathe.act({ do: 'engage', on: true });
    lathe.act({ do: 'zero', of: 'needle', on: 'test-bar' });
    return lathe;
  },
  found: (answer) => ({ barBow: answer }),
  judge(lathe, answer) {
    const { barBow } = lathe.reveal().faults;
    const inside = answer !== null && Math.abs(answer - barBow) <= Math.max(NEAR, PART * Math.abs(barBow));
    return {
      right: inside,
      lines: [
        {
          what: 'Its middle, as it was found',
          is: length(answer ?? 0, 0.001, { signed: true }),
          wanted: ['it is ', length(barBow, 0.001, { signed: true })],
          inside,
        },
      ],
    };
  },
};
