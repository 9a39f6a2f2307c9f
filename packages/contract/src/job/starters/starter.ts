import type { TaperSize } from '@anello/core/taper';
import type { Entry, EntryDimension } from '../../entry/entry';
import type { FeatureDocument } from '../feature/schema';

/** A figure a starter asks for, with what is usual. */
export interface FigureAsk {
  readonly kind: 'figure';
  readonly key: string;
  readonly label: string;
  readonly dimension: EntryDimension;
  readonly usual: string;
}

/** A size of the tables it asks for, as `series/size`, with what is usual. */
export interface TaperAsk {
  readonly kind: 'table-size';
  readonly key: string;
  readonly label: string;
  readonly usual: string;
}

export type Ask = FigureAsk | TaperAsk;

/** What was answered. */
export interface Answers {
  figure(key: string): Entry;
  taper(key: string): TaperSize;
}

/** What a starter makes: the features, what the part is called, and what its first shape is tried in. */
export interface Started {
  readonly title: string;
  readonly mate: string;
  readonly features: readonly FeatureDocument[];
}

/** A kind of part to begin from: a family, one file each. */
export interface Starter {
  readonly id: string;
  readonly name: string;
  readonly asks: readonly Ask[];
  make(given: Answers): Started;
}

export const ask = (
  key: string,
  label: string,
  usual: string,
  dimension: EntryDimension = 'length',
): FigureAsk => ({ kind: 'figure', key, label, dimension, usual });

export const askTaper = (usual: string, label = 'Taper', key = 'taper'): TaperAsk => ({
  kind: 'table-size',
  key,
  label,
  usual,
});
