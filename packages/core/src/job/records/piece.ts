import type { KindOfRecord } from './kind';

/** A piece begun. */
export interface Piece {
  readonly kind: 'piece';
  readonly carriedFrom: number | null;
}

export const piece: KindOfRecord<Piece> = {
  kind: 'piece',
  say: ({ carriedFrom }, { piece }) => [
    `Piece ${piece} started`,
    ...(carriedFrom ? [`, settings carried over from piece ${carriedFrom}`] : []),
  ],
};
