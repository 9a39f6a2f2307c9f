import type { Outline } from './kinds/outline';
import { featureKind, type Feature } from './kinds/registry';

/** The drawn shape of a feature. Errors: underdetermined, impossible, inconsistent, at the feature's field. */
export const outlineOf = (feature: Feature): Outline => featureKind(feature.kind).outline(feature);
