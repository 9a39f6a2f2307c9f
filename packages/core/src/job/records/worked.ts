import type { KindOfRecord } from './kind';

/** A plain operation done on this piece; the row says which. */
export interface Worked {
  readonly kind: 'worked';
  /** What was done, as the plan had it then. */
  readonly said: string;
  /** What it is found again by in other jobs; left out by an older Anello. */
  readonly alike?: string | undefined;
  /** What the plan gave it, minutes. */
  readonly minutes?: number | undefined;
}

export const worked: KindOfRecord<Worked> = {
  kind: 'worked',
  called: 'Operations done',
  say: (body) => [`Done: ${body.said}`],
};
