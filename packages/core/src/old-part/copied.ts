import { halfAngleOf } from '../taper/solve';
import { propagate, type Measured } from '../uncertainty/propagate';
import type { CopiedTaper } from './copyMethod';

/** A formula over the inputs of one method. */
export type Formula<K extends string> = (values: Readonly<Record<K, number>>) => number;

/** Puts ratio, half angle and the two diameters of a method together, each with its own propagated uncertainty. */
export function copied<K extends string>(
  inputs: Readonly<Record<K, Measured>>,
  given: {
    readonly ratio: Formula<K>;
    readonly large?: Formula<K>;
    readonly small?: Formula<K>;
    readonly length: number;
  },
): CopiedTaper {
  const ratio = propagate(inputs, given.ratio);
  return {
    ratio,
    halfAngle: propagate(inputs, (v) => halfAngleOf(given.ratio(v))),
    large: given.large ? propagate(inputs, given.large) : null,
    small: given.small ? propagate(inputs, given.small) : null,
    length: given.length,
    weakest: ratio.shares[0]?.input ?? '',
  };
}
