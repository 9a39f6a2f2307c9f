/** As near to nothing as this, mm or a chance, a figure is at nothing. */
const NEAR = 1e-6;

/**
 * The last place, as far as `width` tells, at which a falling figure is not yet under nothing, or one at which it is no
 * further than `near` from it; either end where it does not cross between them. Chandrupatla's method (Advances in Engineering Software 28, 1997): a parabola through the last three
 * places where it can be trusted, halving where not.
 */
export function crossing(
  from: number,
  to: number,
  width: number,
  of: (x: number) => number,
  near = NEAR,
): number {
  let a = { x: to, at: of(to) };
  let b = { x: from, at: of(from) };
  if (b.at < 0) return b.x;
  if (a.at >= 0) return a.x;
  let part = 0.5;
  for (let step = 0; step < MOST_STEPS; step++) {
    const x = a.x + part * (b.x - a.x);
    const next = { x, at: of(x) };
    const same = next.at >= 0 === a.at >= 0;
    const c = same ? a : b;
    if (!same) b = a;
    a = next;
    const span = Math.abs(b.x - a.x);
    if (Math.abs(a.at) <= near) return a.x;
    if (span <= width) break;
    part = Math.min(Math.max(partOf(a, b, c), width / 2 / span), 1 - width / 2 / span);
  }
  return a.at >= 0 ? a.x : b.x;
}

/** Halving alone takes a fifth of these; a figure that is none is not looked for without end. */
const MOST_STEPS = 100;

interface Place {
  readonly x: number;
  readonly at: number;
}

/** How far from a toward b the parabola through all three crosses nothing, as a part; half where it turns between them. */
function partOf(a: Place, b: Place, c: Place): number {
  const xi = (a.x - b.x) / (c.x - b.x);
  const phi = (a.at - b.at) / (c.at - b.at);
  if (!(phi * phi < xi && (1 - phi) ** 2 < 1 - xi)) return 0.5;
  return (
    (a.at / (b.at - a.at)) * (c.at / (b.at - c.at)) +
    (((c.x - a.x) / (b.x - a.x)) * (a.at / (c.at - a.at)) * b.at) / (c.at - b.at)
  );
}
