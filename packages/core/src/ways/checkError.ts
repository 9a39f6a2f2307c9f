/**
 * Diameter error over a taper that an indicator check leaves: one step of the indicator over the travel it was
 * read on, carried over the taper's length: 2 l r / s. All mm.
 */
export function indicatorError({
  length,
  resolution,
  travel,
}: {
  length: number;
  resolution: number;
  travel: number;
}): number {
  return travel > 0 ? (2 * length * resolution) / travel : 0;
}
