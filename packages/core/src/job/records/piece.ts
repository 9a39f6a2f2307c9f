import type { KindOfRecord } from './kind';

/** A piece begun. */
export interface Piece {
  readonly kind: 'piece';
  readonly carriedFrom: number | null;
  /** It had been begun before: a batch is worked holding by holding. */
  readonly again?: boolean | undefined;
}

export const piece: KindOfRecord<Piece> = {
  kind: 'piece',
  called: 'Pieces begun',
  beside: true,
  say: ({ carriedFrom, again }, { piece }) => [
    `Piece ${piece} ${again ? 'taken up again' : 'started'}`,
    ...(carriedFrom ? [`, settings carried over from piece ${carriedFrom}`] : []),
  ],
};
