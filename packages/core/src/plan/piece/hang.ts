import type { Placed } from './laid';
import type { Holding } from './line';
import { outsideBetween, type Piece } from './piece';

/** Where a piece is weakest for what is worked further out. */
export interface Hang {
  /** Across it there, mm. */
  readonly diameter: number;
  /** From there to the far side of what is worked, mm. */
  readonly out: number;
}

/**
 * Where, from the jaws to the far side of a section, most of the diameters that stand there stand out; null where a
 * centre carries it, or nothing grips it.
 */
export function hangs(
  piece: Piece,
  { grips, toward, centre }: Pick<Holding, 'grips' | 'toward' | 'centre'>,
  section: Placed,
  /** Only what is thinner than this counts, mm. */
  below = Infinity,
): Hang | null {
  if (!grips || centre) return null;
  const stretch = toward === 'tailstock' ? [grips.to, section.z1] : [section.z0, grips.from];
  const [from = 0, to = 0] = stretch;
  const far = toward === 'tailstock' ? to : from;
  return outsideBetween(piece, from, to)
    .map(({ z, r }) => ({ diameter: 2 * r, out: Math.abs(far - z) }))
    .filter(({ diameter }) => diameter < below)
    .reduce<Hang | null>((most, one) => (most && isLess(one, most) ? most : one), null);
}

const isLess = (a: Hang, b: Hang): boolean => a.out * b.diameter <= b.out * a.diameter;
