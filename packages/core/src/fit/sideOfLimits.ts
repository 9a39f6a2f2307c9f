/** Nothing here measures as fine as this, mm: a figure off by less is the same figure, turned from inches or added up. */
const HAIR = 1e-6;

/**
 * Where a figure lies of what it may be, mm; on a limit is inside.
 *
 * @example
 * sideOfLimits(38.1 + 0.254, { least: 38.1, most: 1.51 * 25.4 })
 * // → 'inside'
 */
export function sideOfLimits(
  seen: number,
  { least, most }: { readonly least: number; readonly most: number },
): 'under' | 'inside' | 'over' {
  if (seen > most + HAIR) return 'over';
  return seen < least - HAIR ? 'under' : 'inside';
}
