import type { KindOfRecord } from './kind';

/** Something to remember. */
export interface Note {
  readonly kind: 'note';
  readonly text: string;
}

export const note: KindOfRecord<Note> = { kind: 'note', say: (body) => [body.text] };
