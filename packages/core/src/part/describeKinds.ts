import type { FeatureKind } from './feature';

/** What each kind of feature is called on screen. */
export const FEATURE_NAMES: Readonly<Record<FeatureKind, string>> = {
  cylinder: 'Cylinder',
  taper: 'Taper',
  bore: 'Drilled hole',
  groove: 'Groove',
  thread: 'Thread',
  profile: 'Profile',
  eccentric: 'Eccentric',
};
