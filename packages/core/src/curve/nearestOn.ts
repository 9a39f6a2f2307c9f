import { AnelloError } from '../basics/error';
import { onArc, pointOn, type CurvePoint, type Piece } from './piece';

/**
 * Nearest place of a profile to a point, with how far off it lies: outward is more than nothing.
 *
 * @example
 * nearestOn(CURVE, { z: 2, r: 9.5 }).off
 * // → 0.5
 */
export function nearestOn(
  pieces: readonly Piece[],
  p: CurvePoint,
): { foot: CurvePoint; off: number; normal: CurvePoint } {
  let best: { foot: CurvePoint; normal: CurvePoint; distance: number } | null = null;
  for (const piece of pieces) {
    const found = footOn(piece, p);
    const distance = Math.hypot(p.z - found.foot.z, p.r - found.foot.r);
    if (!best || distance < best.distance) best = { ...found, distance };
  }
  if (!best) throw new AnelloError('underdetermined', 'points', 'There is no profile yet.');
  const off = (p.z - best.foot.z) * best.normal.z + (p.r - best.foot.r) * best.normal.r;
  // Past an end of the profile the distance is no longer square to it, but it is still the distance.
  return {
    foot: best.foot,
    normal: best.normal,
    off: Math.abs(off) < best.distance / 2 ? best.distance * Math.sign(off || 1) : off,
  };
}

const outward = (z: number, r: number): CurvePoint =>
  r < 0 || (r === 0 && z < 0) ? { z: -z, r: -r } : { z, r };

function footOn(piece: Piece, p: CurvePoint): { foot: CurvePoint; normal: CurvePoint } {
  if (piece.kind === 'line') {
    const { a, b } = piece;
    const [dz, dr] = [b.z - a.z, b.r - a.r];
    const whole = dz * dz + dr * dr || 1;
    const part = Math.min(1, Math.max(0, ((p.z - a.z) * dz + (p.r - a.r) * dr) / whole));
    const size = Math.sqrt(whole);
    return { foot: pointOn(piece, part), normal: outward(-dr / size, dz / size) };
  }
  const angle = Math.atan2(p.r - piece.c.r, p.z - piece.c.z);
  const ends = [piece.from, piece.from + piece.sweep];
  const nearEnd = ends.sort((a, b) => Math.cos(b - angle) - Math.cos(a - angle))[0] as number;
  const at = onArc(piece, angle) ? angle : nearEnd;
  const foot = { z: piece.c.z + piece.radius * Math.cos(at), r: piece.c.r + piece.radius * Math.sin(at) };
  return { foot, normal: outward(Math.cos(at), Math.sin(at)) };
}
