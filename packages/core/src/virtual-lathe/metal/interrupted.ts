/** What an edge takes of metal that runs out, over a turn: on the mean, and how much more on the high side than that. */
export interface OverATurn {
  readonly mean: number;
  readonly swing: number;
  /** Part of the turn in which it cuts. */
  readonly share: number;
}

/**
 * The depth of a cut over one turn, d(θ) = depth + runsOut · cos θ where that is more than nothing: its mean and its first
 * harmonic. Where the edge is clear for part of the turn, α = arccos(−d/e) is half the angle it cuts through, and
 * mean = (d α + e sin α)/π, swing = (2 d sin α + e (α + sin α cos α))/π (Fourier coefficients of a rectified cosine).
 */
export function overATurn(depth: number, runsOut: number): OverATurn {
  if (depth >= runsOut) return { mean: Math.max(0, depth), swing: runsOut, share: 1 };
  if (depth <= -runsOut) return { mean: 0, swing: 0, share: 0 };
  const half = Math.acos(-depth / runsOut);
  const sine = Math.sin(half);
  return {
    mean: (depth * half + runsOut * sine) / Math.PI,
    swing: (2 * depth * sine + runsOut * (half + sine * Math.cos(half))) / Math.PI,
    share: half / Math.PI,
  };
}
