/**
 * How near the axis the edge of a round nose has come at one place while its tip went along a straight line: the envelope
 * of a circle. For a tip at x over z, the edge stands at x + ρ − √(ρ² − (z′ − z)²) over z′; on a line of slope m it comes
 * nearest from where z′ − z = ρ m/√(1 + m²) (the line's own normal). Null where the nose never stood over the place.
 */
export function edgeAlong(
  at: number,
  from: { readonly z: number; readonly x: number },
  to: { readonly z: number; readonly x: number },
  nose: number,
): number | null {
  const [left, right] = from.z <= to.z ? [from, to] : [to, from];
  const low = Math.max(left.z, at - nose);
  const high = Math.min(right.z, at + nose);
  if (low > high) return null;
  const run = right.z - left.z;
  if (run < 1e-9) return Math.min(left.x, right.x) + rise(at - left.z, nose);
  const slope = (right.x - left.x) / run;
  const best = at - (nose * slope) / Math.hypot(1, slope);
  const z = Math.min(high, Math.max(low, best));
  return left.x + slope * (z - left.z) + rise(at - z, nose);
}

/** A circle over its lowest point. */
const rise = (off: number, nose: number): number => nose - Math.sqrt(Math.max(0, nose * nose - off * off));
