import type { EvidenceFit } from './fitEvidence';

export interface AngleEstimate {
  /** What the cone's half angle is now, as far as the evidence goes, rad. */
  readonly halfAngle: number;
  /** Measured, or only a trial step because nothing was; none when the angle is not what is wrong. */
  readonly basis: 'measured' | 'trial-step' | 'none';
}

/**
 * What the part's half angle stands at by the cause most believed: as measured where it was, and otherwise out by one
 * good-enough band, the least that can matter. A cause that is no angle says nothing of it.
 *
 * @example
 * angleNow(FITTED, { halfAngle: SHANK.halfAngle, band: 1e-4 }).halfAngle
 * // → 0.0251926
 */
export function angleNow(
  fit: Pick<EvidenceFit, 'causes' | 'halfAngle'>,
  wanted: { readonly halfAngle: number; readonly band: number },
): AngleEstimate {
  const cause = fit.causes[0]?.cause;
  if (cause !== 'too-steep' && cause !== 'too-shallow') return { halfAngle: wanted.halfAngle, basis: 'none' };
  if (fit.halfAngle) return { halfAngle: fit.halfAngle.value, basis: 'measured' };
  const step = cause === 'too-steep' ? wanted.band : -wanted.band;
  return { halfAngle: wanted.halfAngle + step, basis: 'trial-step' };
}
