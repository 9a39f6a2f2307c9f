import type { Placed } from './laid';
import type { Holding } from './line';
import { outsideBetween, type Piece } from './piece';

/** Where a section leaves least to carry what lies further out. */
export interface Neck {
  /** Across it there, mm. */
  readonly diameter: number;
  /** The widest of what lies further out, mm. */
  readonly carries: number;
}

/** The narrowest of a section between the jaws and something thicker further out; null where nothing is. */
export function neckOf(
  piece: Piece,
  { grips, toward }: Pick<Holding, 'grips' | 'toward'>,
  section: Placed,
): Neck | null {
  if (!grips) return null;
  const { length } = piece.laid;
  const outward = toward === 'tailstock' ? 1 : -1;
  const free = toward === 'tailstock' ? length : 0;
  const own = outsideBetween(piece, section.z0, section.z1);
  const least = own.reduce((a, b) => (b.r < a.r ? b : a), own[0] ?? { z: free, r: Infinity });
  const beyond = outsideBetween(piece, Math.min(least.z, free), Math.max(least.z, free)).filter(
    ({ z }) => (z - least.z) * outward > 0,
  );
  const carries = 2 * Math.max(0, ...beyond.map(({ r }) => r));
  return carries > 2 * least.r ? { diameter: 2 * least.r, carries } : null;
}
