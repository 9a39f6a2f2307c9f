import { makeVirtualLathe, type VirtualLathe } from '../../virtual-lathe/makeVirtualLathe';
import type { Exercise } from '../exercise';
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

/** How far the bar's axis stands from the spindle's. */
export function standsOff(lathe: VirtualLathe): number {
  const { x, y } = lathe.reveal().offset;
  return Math.hypot(x, y);
}
