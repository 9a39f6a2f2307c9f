import { outsideRadii, shapeAt, type Piece } from './piece';
import { SAME } from './usual';

/** The thinnest wall between two places and what is across it there, mm; null where no hole has been made under them. */
export function wallBetween(
  piece: Piece,
  from: number,
  to: number,
): { readonly wall: number; readonly across: number } | null {
  const walls = piece.laid.inside.flatMap((hole) => {
    const [a, b] = [Math.max(from, hole.z0), Math.min(to, hole.z1)];
    const shape = shapeAt(piece, hole);
    if (!shape || b - a <= SAME) return [];
    const { smallest } = outsideRadii(piece, a, b);
    const widest = Math.max(...shape.filter(({ z }) => z >= hole.z0 && z <= hole.z1).map(({ r }) => r));
    return [{ wall: smallest - widest, across: 2 * smallest }];
  });
  return walls.reduce<(typeof walls)[number] | null>(
    (thin, one) => (thin && thin.wall <= one.wall ? thin : one),
    null,
  );
}
