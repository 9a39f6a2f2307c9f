import type { Feature } from '@anello/core/part';
import { valuesOf, type ValuesOf } from '../../entry/entry';
import type { FeatureDocument } from './schema';

/** The features as the core computes with them: figures only. */
export function coreFeatures(features: readonly FeatureDocument[]): readonly Feature[] {
  const plain: readonly ValuesOf<FeatureDocument>[] = valuesOf(features);
  return plain;
}
