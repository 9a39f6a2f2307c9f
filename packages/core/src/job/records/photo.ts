import type { KindOfRecord } from './kind';

/** A picture of the piece, of how it is held, or of what was read. */
export interface Photo {
  readonly kind: 'photo';
  /** The id under which the picture itself is kept. */
  readonly photo: string;
  /** What it shows; nothing where it says enough itself. */
  readonly text: string;
  /** The kept row it belongs to; none where it is of the operation, or of the piece. */
  readonly of?: string | undefined;
}

export const photo: KindOfRecord<Photo> = {
  kind: 'photo',
  called: 'Photos',
  beside: true,
  say: ({ text }) => [text === '' ? 'A photo' : `A photo: ${text}`],
};
