/** What a line of work keeps clear of. */
export interface Care {
  /** Every risk of holding, and an axis that is lost. */
  readonly strict: boolean;
  /** What hangs by too many of its diameters has a centre. */
  readonly carried: boolean;
}

/** From the most careful to what can be done at all. */
export const CARES: readonly Care[] = [
  { strict: true, carried: true },
  { strict: true, carried: false },
  { strict: false, carried: false },
];
