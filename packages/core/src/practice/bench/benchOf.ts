import { AnelloError } from '../../basics/error';
import type { Phrase } from '../../figure/phrase';
import type { Lathe } from '../../machine/lathe';
import { PRACTICE_LATHE } from '../../virtual-lathe/practiceLathe';
import type { Bench, WorkTried } from './bench';
import { coneBench, whyNotCone } from './coneBench';
import { curveBench, whyNotCurve } from './curveBench';
import { plungeBench, whyNotPlunge } from './plungeBench';
import { throwBench } from './throwBench';

/**
 * Why a piece of work cannot be tried at the practice lathe; null where it can.
 *
 * @example
 * whyNotTried({ kind: 'throw', throw: 3, limit: 0.04, diameter: 50, length: 40 })
 * // → null
 */
export const whyNotTried = (work: WorkTried, lathe: Lathe = PRACTICE_LATHE): Phrase | null =>
  BENCHES[work.kind].why(work as never, lathe);

/**
 * The practice lathe made ready for a piece of work, as a lathe its owner describes or as the one that stands in the practice
 * corner. Errors: out-of-range, with why it cannot be tried.
 *
 * @example
 * benchOf({ kind: 'throw', throw: 3, limit: 0.04, diameter: 50, length: 40 }).needleOn
 * // → ['work']
 */
export function benchOf(work: WorkTried, lathe: Lathe = PRACTICE_LATHE): Bench {
  const why = whyNotTried(work, lathe);
  if (why) throw new AnelloError('out-of-range', 'work', why);
  return BENCHES[work.kind].make(work as never, lathe);
}

type Kind = WorkTried['kind'];
/** Every sort of work that can be tried. A new one is a line here. */
const BENCHES: {
  readonly [K in Kind]: {
    why(work: Extract<WorkTried, { kind: K }>, lathe: Lathe): Phrase | null;
    make(work: Extract<WorkTried, { kind: K }>, lathe: Lathe): Bench;
  };
} = {
  cone: { why: whyNotCone, make: coneBench },
  throw: { why: () => null, make: throwBench },
  curve: { why: whyNotCurve, make: curveBench },
  plunge: { why: whyNotPlunge, make: plungeBench },
};
