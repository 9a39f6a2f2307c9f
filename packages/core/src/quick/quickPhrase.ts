import type { Figure } from '../figure/figure';
import type { DefaultUnit } from '../quantity/units';

export interface QuickLine {
  readonly label: string;
  readonly figure: Figure;
}

/** What a quick sum comes to: the first line is the answer, the rest belong to it. */
export interface QuickAnswer {
  /** What was understood, in words. */
  readonly heading: string;
  readonly lines: readonly QuickLine[];
}

export interface QuickContext {
  /** What a bare length means. */
  readonly lengthUnit: Extract<DefaultUnit, 'mm' | 'in'>;
  /** Gauge blocks to stack from, mm. */
  readonly blocks: readonly number[];
}

/** One phrase of the quick line: a family, one file each under phrases/. */
export interface QuickPhrase {
  readonly id: string;
  /** How it is typed, shown as an example that works as it stands. */
  readonly example: string;
  /** Other ways to begin it, which work as they stand too. */
  readonly also?: readonly string[];
  readonly what: string;
  /** Null when the text is not this phrase; an AnelloError when it is but makes no sense. */
  answer(text: string, context: QuickContext): QuickAnswer | null;
}
