import { sizeLimits, type SizeLimits } from '../fit/sizeLimits';
import type { Feature } from './kinds/registry';

/**
 * What a feature's diameter may be: by its fit, by the drawing's limits, or by the general rule; null where it has no one
 * diameter, or it is not given yet. Errors as sizeLimits, at the feature's field.
 *
 * @example
 * limitsOf({ id: 'c', name: 'Collar', kind: 'cylinder', side: 'external', diameter: 40, length: 8, fit: 'h6' })
 * // → { least: 39.984, most: 40, by: 'fit' }
 */
export function limitsOf(feature: Feature): SizeLimits | null {
  if (!('diameter' in feature) || feature.diameter === undefined) return null;
  const { diameter, side, fit, plus, minus } = feature;
  return sizeLimits({ size: diameter, side, given: { fit, plus, minus } });
}
