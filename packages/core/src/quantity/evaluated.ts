import type { Kind, UnitMeaning } from './units';

/** A value on its way up the tree: how much, of what kind, and the first unit that was written. */
export interface Evaluated {
  readonly value: number;
  readonly kind: Kind;
  readonly unit: UnitMeaning | null;
  /** A plain a/b, which a taper box reads as a ratio. */
  readonly fraction?: boolean;
}

const KIND_NAME: Record<Kind, string> = {
  bare: 'a plain number',
  length: 'a length',
  angle: 'an angle',
  taper: 'a taper',
  speed: 'a speed',
  inverse: 'one over a length',
};

export const kindName = (kind: Kind): string => KIND_NAME[kind];
