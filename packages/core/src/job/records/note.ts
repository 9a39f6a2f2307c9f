import type { KindOfRecord } from './kind';

/** Something to remember. */
export interface Note {
  readonly kind: 'note';
  readonly text: string;
  /** The kept row it is about; none where it is of the operation, or of the piece. */
  readonly of?: string | undefined;
}

export const note: KindOfRecord<Note> = {
  kind: 'note',
  called: 'Notes',
  beside: true,
  say: (body) => [body.text],
};
