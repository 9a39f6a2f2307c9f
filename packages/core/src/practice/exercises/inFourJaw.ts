import { makeVirtualLathe, type VirtualLathe } from '../../virtual-lathe/makeVirtualLathe';
import { length } from '../../figure/figure';
import type { Exercise, Outcome } from '../exercise';
import { jaw, SPINDLE } from '../knobs';

/** The bar that is held, mm. */
export const BAR = { diameter: 50, length: 100 } as const;
/** Half a step of the needle at either of two readings is not seen. */
export const UNSEEN = 0.002;

/** What every exercise in four jaws shares: a bar set by eye, an indicator on it, the spindle turned by hand. */
export const IN_FOUR_JAW: Pick<Exercise, 'knobs' | 'reads' | 'cuts' | 'answer' | 'begin'> = {
  knobs: [SPINDLE, jaw(1), jaw(2), jaw(3), jaw(4)],
  reads: [{ needle: 'work' }],
  cuts: false,
  answer: null,
  begin(seed, level) {
    const lathe = makeVirtualLathe({ seed, level });
    lathe.act({ do: 'hold', by: 'four-jaw', blank: BAR, out: 60 });
    lathe.act({ do: 'spindle', turns: 0 });
    lathe.act({ do: 'turn', handle: 'carriage', by: -20 });
    lathe.act({ do: 'zero', of: 'needle' });
    return lathe;
  },
};

/** Whether a bar stands at its throw: the needle's whole swing is twice what it is off by. */
export function judgeThrow(
  lathe: VirtualLathe,
  { wanted, limit }: { readonly wanted: number; readonly limit: number },
): Outcome {
  const stands = standsOff(lathe);
  const inside = 2 * Math.abs(stands - wanted) <= limit + UNSEEN;
  return {
    right: inside,
    lines: [
      {
        what: 'Throw as it stands',
        is: length(stands, 0.001),
        wanted: [length(wanted, 0.01), ', give or take ', length(limit / 2, 0.01)],
        inside,
      },
    ],
  };
}

/** How far the bar's axis stands from the spindle's. */
export function standsOff(lathe: VirtualLathe): number {
  const { x, y } = lathe.reveal().offset;
  return Math.hypot(x, y);
}
