import type { FeatureDocument } from '@anello/contract';
import { HOLE_FITS } from '@anello/core/fit';
import { featureKind, type FeatureKind } from '@anello/core/part';
import { choice, figure, type FormField } from '../../ui/formField';

/** What a kind of feature is asked besides its figures. */
const ASKED: Readonly<Partial<Record<FeatureKind, readonly FormField[]>>> = {
  bore: [
    choice('fit', 'Fit on its shaft', Object.fromEntries(HOLE_FITS.map((fit) => [fit, fit])), {
      clearable: true,
    }),
  ],
};

/** The boxes of a kind of feature, in the order a drawing gives its figures. */
export const fieldsOf = (kind: FeatureKind): readonly FormField[] => [
  ...featureKind(kind).figures.map(({ key, label, dimension }) => figure(key, label, dimension)),
  ...(ASKED[kind] ?? []),
];

/** A new feature of a kind, with nothing known of it yet. */
export function newFeature(kind: FeatureKind, id: string, name: string): FeatureDocument {
  const { sides, begins } = featureKind(kind);
  const [side] = sides;
  const from = side === 'internal' ? { from: 'tailstock' } : {};
  return { ...begins, id, name, side, ...from, kind } as FeatureDocument;
}
