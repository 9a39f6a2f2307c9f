/** Places along the line that are summed over, evenly: Simpson's rule, good to a part in a million here. */
const PIECES = 40;

/**
 * How far off the height of the centres a point must stand, mm, for a straight line between two radii to come out bowed by
 * so much as a sweep tells it: at radius r a point h off touches, or cuts, h²/2r from where it should. The bow of a sweep is
 * that of the parabola which fits best, so that of 1/2r is taken by its part along the second Legendre polynomial. Null where
 * it does not bend, as along a cylinder.
 */
export function heightOfBow(bow: number, small: number, large: number): number | null {
  const [middle, half] = [(small + large) / 2, (large - small) / 2];
  let part = 0;
  for (let i = 0; i <= PIECES; i++) {
    const x = (2 * i) / PIECES - 1;
    const weight = i === 0 || i === PIECES ? 1 : i % 2 === 1 ? 4 : 2;
    part += (weight * (3 * x * x - 1)) / 2 / (2 * (middle + half * x));
  }
  // f = … + c P₂ with c = 5/2 ∫ f P₂; and 1 − x² = 2/3 − 2/3 P₂.
  const bends = 1.5 * 2.5 * part * (2 / PIECES / 3);
  return bends > 1e-9 ? Math.sqrt(Math.abs(bow) / bends) : null;
}
