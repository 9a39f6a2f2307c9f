import { AnelloError } from '../basics/error';
import { finite } from '../basics/check';
import { normalEquations, solveLinear } from '../basics/linear';
import { onArc, pointOn, type CurvePoint, type Piece } from './piece';

/** A place on the work as measured: mm, radius. */
export type Measured = CurvePoint;

export interface Deviation {
  readonly at: Measured;
  /** The nearest place of the profile, after the shift. */
  readonly foot: CurvePoint;
  /** Square to the profile, mm: more than nothing is metal too much outside. */
  readonly off: number;
}

export interface BestFit {
  /** What the measured points were moved by to lie best, mm. */
  readonly shift: CurvePoint;
  /** What they were multiplied by, where that was asked for. */
  readonly scale: number;
  readonly deviations: readonly Deviation[];
  readonly worst: Deviation;
  readonly rms: number;
}

const ROUNDS = 30;
const STILL = 1e-9;

/** Nearest place of a profile to a point, with how far off it lies: outward is more than nothing. */
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

/**
 * Measured places laid on a profile as well as they go: moved along and out, and scaled if wanted, until the sum of the
 * squared distances is least. What the places cannot tell (a plain cylinder's place along the axis) is left alone.
 * Errors: underdetermined with fewer than three; not-finite at `measured.i`.
 */
export function bestFit({
  pieces,
  measured,
  withScale = false,
}: {
  pieces: readonly Piece[];
  measured: readonly Measured[];
  withScale?: boolean;
}): BestFit {
  if (measured.length < 3)
    throw new AnelloError('underdetermined', 'measured', 'Measure at three places at least.');
  measured.forEach((p, i) => {
    finite(p.z, `measured.${i}`);
    finite(p.r, `measured.${i}`);
  });
  let [dz, dr, scale] = [0, 0, 1];
  for (let round = 0; round < ROUNDS; round++) {
    const rows = measured.map((p) => {
      const moved = { z: scale * p.z + dz, r: scale * p.r + dr };
      const { off, normal } = nearestOn(pieces, moved);
      return { terms: [normal.z, normal.r, withScale ? normal.z * p.z + normal.r * p.r : 0], off };
    });
    const step = leastSquares(rows);
    dz += step[0];
    dr += step[1];
    scale += step[2];
    if (Math.hypot(...step) < STILL) break;
  }
  const deviations = measured.map((p): Deviation => {
    const { foot, off } = nearestOn(pieces, { z: scale * p.z + dz, r: scale * p.r + dr });
    return { at: p, foot, off };
  });
  const worst = deviations.reduce((a, b) => (Math.abs(b.off) > Math.abs(a.off) ? b : a));
  return {
    shift: { z: dz, r: dr },
    scale,
    deviations,
    worst,
    rms: Math.sqrt(deviations.reduce((sum, d) => sum + d.off * d.off, 0) / deviations.length),
  };
}

/** Singular directions are held still by a touch of weight on standing where it is. */
const HOLD = 1e-9;

function leastSquares(rows: readonly { terms: readonly number[]; off: number }[]): [number, number, number] {
  const equations = normalEquations(
    rows.map(({ terms, off }) => ({ terms, value: -off })),
    3,
  ).map((row, i) => row.map((value, j) => (i === j ? value + HOLD : value)));
  return (solveLinear(equations, 0) ?? [0, 0, 0]) as [number, number, number];
}

/** The gap along the joint of a plug and its socket, both measured: socket less plug at the same places, mm. */
export function pairGap({
  plug,
  socket,
  places,
}: {
  plug: readonly Piece[];
  socket: readonly Piece[];
  places: readonly number[];
}): { z: number; gap: number }[] {
  return places.map((z) => ({ z, gap: heightAt(socket, z) - heightAt(plug, z) }));
}

function heightAt(pieces: readonly Piece[], z: number): number {
  const surfaceHeights = pieces.flatMap((piece) => {
    if (piece.kind === 'line') {
      const { a, b } = piece;
      const [low, high] = [Math.min(a.z, b.z), Math.max(a.z, b.z)];
      if (z < low - 1e-9 || z > high + 1e-9) return [];
      return [high - low < 1e-12 ? Math.max(a.r, b.r) : a.r + ((b.r - a.r) * (z - a.z)) / (b.z - a.z)];
    }
    const part = (z - piece.c.z) / piece.radius;
    if (Math.abs(part) > 1) return [];
    const angle = Math.acos(part);
    return [angle, -angle].filter((t) => onArc(piece, t)).map((t) => piece.c.r + piece.radius * Math.sin(t));
  });
  return surfaceHeights.length > 0 ? Math.max(...surfaceHeights) : Number.NaN;
}
