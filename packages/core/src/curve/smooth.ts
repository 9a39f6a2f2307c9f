import type { CurvePoint } from './piece';

/** Chords between two given points of a spline. */
const BETWEEN = 160;

/** A natural cubic spline through points, its parameter the chord length, as closely spaced points. */
export function smooth(points: readonly CurvePoint[]): CurvePoint[] {
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
  for (let i = 0; i < points.length - 1; i++)
    for (let k = 1; k <= BETWEEN; k++) {
      const at = (t[i] ?? 0) + (((t[i + 1] ?? 0) - (t[i] ?? 0)) * k) / BETWEEN;
      out.push({ z: z(i, at), r: r(i, at) });
    }
  return out;
}

/** Natural cubic through values at rising parameters: the value in interval i at t. */
function natural(t: readonly number[], y: readonly number[]): (i: number, at: number) => number {
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
  return (i, at) => {
    const [u, v] = [(t[i + 1] ?? 0) - at, at - (t[i] ?? 0)];
    const [mi, mj] = [m[i] ?? 0, m[i + 1] ?? 0];
    return (
      (mi * u ** 3 + mj * v ** 3) / (6 * h(i)) +
      ((y[i] ?? 0) / h(i) - (mi * h(i)) / 6) * u +
      ((y[i + 1] ?? 0) / h(i) - (mj * h(i)) / 6) * v
    );
  };
}
