import { featureKind, type Feature } from './kinds/registry';
import type { Outline } from './kinds/outline';
import { limitsOf } from './limitsOf';

/** The shape of any feature, once its limits make sense. Errors as each kind's, and as limitsOf. */
export function outlineOf(feature: Feature): Outline {
  const outline = featureKind(feature.kind).outline(feature);
  limitsOf(feature);
  return outline;
}
