import type { Feature, FeatureKind } from '../kinds/registry';
import { ofEccentric } from './eccentric';
import type { SuspectFigure } from './suspect';
import { ofTaper } from './taper';

/**
 * The kinds of feature whose figures show a slip by themselves: a new one is a file beside these and its line here. Apart
 * from the kinds, because a part is laid out and drawn on every screen and looked over on one.
 */
const LOOKED_OVER: {
  readonly [K in FeatureKind]?: (feature: Extract<Feature, { kind: K }>) => SuspectFigure[];
} = {
  taper: ofTaper,
  eccentric: ofEccentric,
};

/**
 * What looks like a slip among a feature's figures; nothing while they do not settle it.
 *
 * @example
 * featureMixUps({ id: 'e', name: 'Throw', kind: 'eccentric', side: 'external', throw: 4.7752 }).map(
 *   (one) => one.offer,
 * )
 * // → ['3/16 in']
 */
export function featureMixUps(feature: Feature): SuspectFigure[] {
  const look = LOOKED_OVER[feature.kind] as ((of: Feature) => SuspectFigure[]) | undefined;
  return look?.(feature) ?? [];
}
