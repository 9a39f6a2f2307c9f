import { AnelloError } from '../basics/error';
import { positive } from '../basics/check';
import { snap } from '../figure/round';
import { threeJawPacking } from './threeJawPacking';

export type JawFace = 'narrow' | 'wide';

export interface PackingPlan {
  /** Worked out, and as it can be made and measured, mm. */
  readonly exact: number;
  readonly made: number;
  /** The throw that packing gives, and what it is out by in the whole travel. */
  readonly throw: number;
  readonly travelError: number;
  /** What the other jaw face would want. */
  readonly otherFace: number;
  /** From the axis to the faces of the two plain jaws. */
  readonly jawsAt: number;
  /** Change of packing for a change of throw, here: 1.5 for wide faces, a little less for narrow ones. */
  readonly perThrow: number;
}

/**
 * Packing as made and measured to a step (mm), the throw it really gives, and what the other jaw face would want.
 *
 * @example
 * packingPlan({ diameter: 54, throw: 4.75, jaws: 'narrow', step: 0.01 }).made
 * // → 6.81
 */
export function packingPlan({
  diameter,
  throw: e,
  jaws,
  step,
}: {
  diameter: number;
  throw: number;
  jaws: JawFace;
  step: number;
}): PackingPlan {
  const at = (face: JawFace): number => threeJawPacking({ diameter, throw: e, jaws: face }).packing;
  const exact = at(jaws);
  const made = snap(exact, positive(step, 'step', 'What the packing can be measured to'));
  const given = throwFromPacking({ diameter, packing: made, jaws });
  return {
    exact,
    made,
    throw: given,
    travelError: 2 * (given - e),
    otherFace: at(jaws === 'narrow' ? 'wide' : 'narrow'),
    jawsAt: diameter / 2 - e + exact,
    perThrow: perThrow(diameter, e, jaws),
  };
}

const perThrow = (diameter: number, e: number, jaws: JawFace): number =>
  jaws === 'wide' ? 1.5 : 1.5 - (0.75 * e) / Math.sqrt((diameter / 2) ** 2 - 0.75 * e * e);

/**
 * The throw a packing gives: the packing formula solved the other way by Newton's steps. Errors: impossible.
 *
 * @example
 * throwFromPacking({ diameter: 54, packing: 7, jaws: 'narrow' })
 * // → 4.8894
 */
export function throwFromPacking({
  diameter,
  packing,
  jaws,
}: {
  diameter: number;
  packing: number;
  jaws: JawFace;
}): number {
  const r = positive(diameter, 'diameter', 'The diameter') / 2;
  let e = positive(packing, 'packing', 'The packing') / 1.5;
  for (let i = 0; i < 40 && e < r; i++) {
    const off = threeJawPacking({ diameter, throw: e, jaws }).packing - packing;
    if (Math.abs(off) < 1e-12) return e;
    e -= off / perThrow(diameter, e, jaws);
  }
  if (!(e < r))
    throw new AnelloError('impossible', 'packing', 'So thick a packing throws the work out of the jaws.');
  return e;
}

/**
 * The next packing from the first reading: the whole swing seen is twice the throw it has, and the packing changes by
 * 1.5 times the throw still wanted, since the two plain jaws let the work come in half as far again. mm.
 *
 * @example
 * nextPacking({ packing: 7, wanted: 4.75, swing: 9.4 })
 * // → { throwNow: 4.7, packing: 7.075, change: 0.075 }
 */
export function nextPacking({ packing, wanted, swing }: { packing: number; wanted: number; swing: number }): {
  throwNow: number;
  packing: number;
  change: number;
} {
  const throwNow = positive(swing, 'swing', 'The swing') / 2;
  const change = 1.5 * (positive(wanted, 'throw', 'The throw') - throwNow);
  const next = positive(packing, 'packing', 'The packing') + change;
  if (next <= 0)
    throw new AnelloError(
      'impossible',
      'swing',
      'That swing asks for no packing at all: was the needle’s whole swing read?',
    );
  return { throwNow, packing: next, change };
}
