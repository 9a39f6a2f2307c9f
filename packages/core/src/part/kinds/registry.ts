import { bore, type Bore } from './bore';
import { centreHole, type CentreHole } from './centreHole';
import { chamfer, type Chamfer } from './chamfer';
import { cornerRadius, type CornerRadius } from './cornerRadius';
import { crossHole, type CrossHole } from './crossHole';
import { cylinder, type Cylinder } from './cylinder';
import { eccentric, type Eccentric } from './eccentric';
import { flats, type Flats } from './flats';
import { groove, type Groove } from './groove';
import { profile, type Profile } from './profile';
import { tang, type Tang } from './tang';
import { taper, type Taper } from './taper';
import { thread, type Thread } from './thread';
import type { Phrase } from '../../figure/phrase';
import type { DetailKind, KindOfFeature, LengthKind } from './kind';

/** A feature with a length of the axis to itself. */
export type LengthFeature = Cylinder | Taper | Bore | Groove | Thread | Profile | Eccentric;
/** A feature that lies on those: on a corner, a face, a length. */
export type DetailFeature = Chamfer | CornerRadius | Flats | Tang | CrossHole | CentreHole;
/** One feature. The ordered list of these is the part. Lengths mm, angles rad. */
export type Feature = LengthFeature | DetailFeature;
export type FeatureKind = Feature['kind'];

/** Every kind of feature, in the order offered. A new one is a file beside these and its lines here. */
const KINDS: { readonly [K in LengthFeature['kind']]: LengthKind<Extract<Feature, { kind: K }>> } & {
  readonly [K in DetailFeature['kind']]: DetailKind<Extract<Feature, { kind: K }>>;
} = {
  cylinder,
  taper,
  bore,
  groove,
  thread,
  profile,
  eccentric,
  chamfer,
  'corner-radius': cornerRadius,
  flats,
  tang,
  'cross-hole': crossHole,
  centre: centreHole,
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
 * Whether a feature lies on others instead of following them along the axis.
 *
 * @example
 * isDetail({ id: 't', name: 'Tang', kind: 'tang', side: 'external', at: 'headstock' })
 * // → true
 */
export const isDetail = (feature: Feature): feature is DetailFeature =>
  featureKind(feature.kind).detail !== undefined;

/** The shape of a feature that takes its length of the axis. Errors: as its kind's. */
export const kindAlong = (kind: LengthFeature['kind']): LengthKind<LengthFeature> =>
  KINDS[kind] as LengthKind<LengthFeature>;
export const kindOfDetail = (kind: DetailFeature['kind']): DetailKind<DetailFeature> =>
  KINDS[kind] as DetailKind<DetailFeature>;

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

/**
 * A detail's size in a few characters; nothing for what takes its length of the axis, or while a figure is missing.
 *
 * @example
 * detailSummary({ id: 'x', name: 'Oil', kind: 'cross-hole', side: 'external', at: 'headstock', designation: 'M6' })
 * // → ['M6']
 */
export const detailSummary = (feature: Feature): Phrase =>
  isDetail(feature) ? kindOfDetail(feature.kind).summary(feature) : [];
