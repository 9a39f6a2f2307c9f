import { bore, type Bore } from './bore';
import { cylinder, type Cylinder } from './cylinder';
import { eccentric, type Eccentric } from './eccentric';
import { groove, type Groove } from './groove';
import { profile, type Profile } from './profile';
import { taper, type Taper } from './taper';
import { thread, type Thread } from './thread';
import type { KindOfFeature } from './kind';

/** One feature along the axis. The ordered list of these is the part. Lengths mm, angles rad. */
export type Feature = Cylinder | Taper | Bore | Groove | Thread | Profile | Eccentric;
export type FeatureKind = Feature['kind'];

/** Every kind of feature, in the order offered. A new one is a file beside these and its lines here. */
const KINDS: { readonly [K in FeatureKind]: KindOfFeature<Extract<Feature, { kind: K }>> } = {
  cylinder,
  taper,
  bore,
  groove,
  thread,
  profile,
  eccentric,
};
export const FEATURE_KINDS = Object.keys(KINDS) as readonly FeatureKind[];

/**
 * All there is to know of a kind of feature.
 *
 * @example
 * featureKind('bore').name
 * // → 'Drilled hole'
 */
export const featureKind = (kind: FeatureKind): KindOfFeature<Feature> =>
  KINDS[kind] as KindOfFeature<Feature>;

/**
 * Of several features, the one that the part is about: a cone before an eccentric, that before a curve, then the first.
 *
 * @example
 * chiefOf(DISC_PART)?.kind
 * // → 'eccentric'
 */
export function chiefOf<F extends { readonly kind: FeatureKind }>(features: readonly F[]): F | null {
  const weight = ({ kind }: F): number => featureKind(kind).chief ?? 0;
  return [...features].sort((a, b) => weight(b) - weight(a))[0] ?? null;
}
