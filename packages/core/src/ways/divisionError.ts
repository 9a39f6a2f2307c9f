/**
 * What one division of an angle scale is worth on diameter at the far end of a taper, mm:
 * 2 l (tan(a + division) - tan a).
 */
export function divisionError({
  length,
  halfAngle,
  division,
}: {
  length: number;
  halfAngle: number;
  division: number;
}): number {
  return 2 * length * (Math.tan(halfAngle + division) - Math.tan(halfAngle));
}
