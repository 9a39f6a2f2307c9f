import { makeVirtualLathe } from '../../virtual-lathe/makeVirtualLathe';
import type { Lathe } from '../../machine/lathe';
import { judgeThrow } from '../exercises/inFourJaw';
import { CARRIAGE, CROSS, jaw, SPINDLE } from '../knobs';
import { PLAIN_BENCH } from './barInChuck';
import type { Bench, WorkTried } from './bench';

export type ThrowTried = Extract<WorkTried, { kind: 'throw' }>;
const GRIPPED = 40;
const NOSE = 0.4;
/** The indicator stands so far in from the free end. */
const ON_WORK = 10;
const ZERO = 60;

/** The practice lathe with a bar in its four jaws, to be brought to a throw. */
export function throwBench(work: ThrowTried, lathe: Lathe): Bench {
  const out = work.length + 10;
  return {
    ...PLAIN_BENCH,
    knobs: [SPINDLE, jaw(1), jaw(2), jaw(3), jaw(4), CARRIAGE, CROSS],
    out,
    about: ['jawLash', 'oval', 'lever'],
    begin(seed, level, faults) {
      const made = makeVirtualLathe({ seed, level, lathe, ...(faults ? { faults } : {}) });
      const blank = { diameter: work.diameter, length: out + GRIPPED };
      made.act({ do: 'hold', by: 'four-jaw', blank, out });
      made.act({ do: 'tool', side: 'outside', nose: NOSE });
      made.act({ do: 'spindle', turns: 0 });
      made.act({ do: 'turn', handle: 'carriage', by: out - ON_WORK - ZERO });
      made.act({ do: 'zero', of: 'needle' });
      made.act({ do: 'zero', of: 'cross' });
      return made;
    },
    gone: () => false,
    judge: (made) => judgeThrow(made, { wanted: work.throw, limit: work.limit }),
  };
}
