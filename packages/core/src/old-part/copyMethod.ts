import type { Measured } from '../uncertainty/propagate';
import type { InstrumentType } from '../kit/instrument';

export const COPY_IDS = ['diameters', 'rollers', 'balls', 'sweep'] as const;
export type CopyId = (typeof COPY_IDS)[number];
/** What was done, as a kept row begins; with the ids, because a row is read without working any method. */
export const MEASURED_SO: Readonly<Record<CopyId, string>> = {
  diameters: 'Measured at two diameters',
  rollers: 'Measured over rollers',
  balls: 'Measured on two balls',
  sweep: 'Swept by indicator',
};

/** One figure a method asks for, and what it is usually measured with. */
export interface CopyInput {
  readonly key: string;
  readonly label: string;
  readonly hint?: string;
  readonly instrument: InstrumentType;
  /** Known to better than any measurement here: a roller, a ball. */
  readonly exact?: boolean;
}

export interface Propagation {
  readonly value: number;
  readonly uncertainty: number;
}

/** What an old part's taper comes to, with plus or minus (k = 2); one diameter and where it lies, where the method gives it. */
export interface CopiedTaper {
  readonly ratio: Propagation;
  readonly halfAngle: Propagation;
  /** A diameter of the cone, and the same some way along toward the small end, mm; for finding its size. */
  readonly large: Propagation | null;
  readonly small: Propagation | null;
  /** Between those two, or the travel of the sweep. */
  readonly length: number;
  /** The input that costs most, to measure better first. */
  readonly weakest: string;
}

/** A way of measuring an old taper: a family, one file each under methods/. */
export interface CopyMethod {
  readonly id: CopyId;
  readonly title: string;
  readonly how: string;
  readonly inputs: readonly CopyInput[];
  /** Errors: as the formula's, at the input's key. */
  work(measured: Readonly<Record<string, Measured>>): CopiedTaper;
}

/** A measured input that the form has already made sure of. */
export function need(measured: Readonly<Record<string, Measured>>, key: string): Measured {
  return measured[key] ?? { value: Number.NaN, uncertainty: 0 };
}
