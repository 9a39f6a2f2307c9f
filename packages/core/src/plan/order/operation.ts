import type { Phrase } from '../../figure/phrase';

export const OPERATION_IDS = [
  'face',
  'reference',
  'rough',
  'holes',
  'drawbar',
  'grooves',
  'eccentric-bore',
  'staircase',
  'set',
  'taper',
  'try',
  'thread',
  'home',
  'own-taper',
  'profile',
  'part-off',
  'deburr',
] as const;
export type OperationId = (typeof OPERATION_IDS)[number];

/** One operation of the plan, with the reason it stands where it does. */
export interface Operation {
  readonly id: OperationId;
  readonly title: Phrase;
  readonly why: Phrase;
  /** What has to be done before it, and what is endangered if it is not. */
  readonly after: readonly { readonly id: OperationId; readonly danger: string }[];
  readonly caution?: string;
}

/** An operation that stands before one it should follow. */
export interface Endangered {
  readonly id: OperationId;
  readonly before: OperationId;
  readonly danger: string;
}
