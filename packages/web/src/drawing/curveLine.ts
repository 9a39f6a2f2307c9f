import { pointOn, sampled, type CurvePoint, type Piece } from '@anello/core/curve';

/** As fine as a curve of a usual size is drawn, along it and off it, mm. */
const STEP = 0.25;
const SAG = 0.002;
/** A larger one has no more places than this from end to end. */
const PLACES = 4000;

/** Points along a curve as close as a drawing shows them, however large the curve is. */
export function curveLine(pieces: readonly Piece[]): CurvePoint[] {
  const ends = pieces.flatMap((piece) => [pointOn(piece, 0), pointOn(piece, 1)]);
  const along = ends.slice(1).reduce((sum, p, i) => {
    const before = ends[i] as CurvePoint;
    return sum + Math.hypot(p.z - before.z, p.r - before.r);
  }, 0);
  const step = Math.max(STEP, along / PLACES);
  return sampled(pieces, step, (SAG * step) / STEP);
}
