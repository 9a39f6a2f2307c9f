import { kindAlong, type LengthFeature } from './kinds/registry';
import type { Outline } from './kinds/outline';
import { limitsOf } from './limitsOf';

/** The shape of any feature along the axis, once its limits make sense. Errors as each kind's, and as limitsOf. */
export function outlineOf(feature: LengthFeature): Outline {
  const outline = kindAlong(feature.kind).outline(feature);
  limitsOf(feature);
  return outline;
}
