import type { CurvePoint } from './piece';
import { listLength, positive } from '../basics/check';

/** A spline swings no harder than this many chords between two given points show, however fine they are asked for. */
const MOST_BETWEEN = 2000;

/**
 * A natural cubic spline through points, its parameter the chord length, as points whose chords stay within a tolerance
 * of it; mm. As many as each stretch bends for: points lying close together need none between.
 */
export function smooth(points: readonly CurvePoint[], tolerance: number): CurvePoint[] {
  positive(tolerance, 'tolerance', 'The tolerance');
  if (points.length < 3) return [...points];
  const t = [0];
  points.slice(1).forEach((p, i) => {
    const before = points[i] as CurvePoint;
    t.push((t[i] ?? 0) + Math.max(1e-9, Math.hypot(p.z - before.z, p.r - before.r)));
  });
  const z = natural(
    t,
    points.map((p) => p.z),
  );
  const r = natural(
    t,
    points.map((p) => p.r),
  );
  const out: CurvePoint[] = [{ z: points[0]?.z ?? 0, r: points[0]?.r ?? 0 }];
  for (let i = 0; i < points.length - 1; i++) {
    const span = (t[i + 1] ?? 0) - (t[i] ?? 0);
    // A chord over dt strays from its curve by at most dt²/8 times the most it bends.
    const bends = Math.max(Math.hypot(z.bend(i), r.bend(i)), Math.hypot(z.bend(i + 1), r.bend(i + 1)));
    const count = Math.min(MOST_BETWEEN, Math.max(1, Math.ceil(span * Math.sqrt(bends / (8 * tolerance)))));
    listLength(out.length + count, 'points');
    for (let k = 1; k <= count; k++) {
      const at = (t[i] ?? 0) + (span * k) / count;
      out.push({ z: z.at(i, at), r: r.at(i, at) });
    }
  }
  return out;
}

interface Cubic {
  /** The value in interval i at t. */
  at(i: number, t: number): number;
  /** The second derivative at point i. */
  bend(i: number): number;
}

/** Natural cubic through values at rising parameters. */
function natural(t: readonly number[], y: readonly number[]): Cubic {
  const n = t.length;
  const h = (i: number): number => (t[i + 1] ?? 0) - (t[i] ?? 0);
  const slope = (i: number): number => ((y[i + 1] ?? 0) - (y[i] ?? 0)) / h(i);
  // Second derivatives by the three-term elimination; nothing at both ends.
  const m = new Array<number>(n).fill(0);
  const c = new Array<number>(n).fill(0);
  const d = new Array<number>(n).fill(0);
  for (let i = 1; i < n - 1; i++) {
    const w = 2 * (h(i - 1) + h(i)) - h(i - 1) * (c[i - 1] ?? 0);
    c[i] = h(i) / w;
    d[i] = (6 * (slope(i) - slope(i - 1)) - h(i - 1) * (d[i - 1] ?? 0)) / w;
  }
  for (let i = n - 2; i > 0; i--) m[i] = (d[i] ?? 0) - (c[i] ?? 0) * (m[i + 1] ?? 0);
  const value = (i: number, at: number): number => {
    const [u, v] = [(t[i + 1] ?? 0) - at, at - (t[i] ?? 0)];
    const [mi, mj] = [m[i] ?? 0, m[i + 1] ?? 0];
    return (
      (mi * u ** 3 + mj * v ** 3) / (6 * h(i)) +
      ((y[i] ?? 0) / h(i) - (mi * h(i)) / 6) * u +
      ((y[i + 1] ?? 0) / h(i) - (mj * h(i)) / 6) * v
    );
  };
  return { at: value, bend: (i) => m[i] ?? 0 };
}
