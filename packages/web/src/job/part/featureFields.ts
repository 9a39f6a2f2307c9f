import type { FeatureDocument } from '@anello/contract';
import { HOLE_FITS, SHAFT_FITS } from '@anello/core/fit';
import { featureKind, type FeatureKind } from '@anello/core/part';
import { choice, figure, type FormField } from '../../ui/formField';

const FITS: Readonly<Record<FeatureDocument['side'], readonly string[]>> = {
  internal: HOLE_FITS,
  external: SHAFT_FITS,
};

/** The boxes of a kind of feature, in the order a drawing gives its figures. */
export const fieldsOf = (kind: FeatureKind): readonly FormField[] =>
  featureKind(kind).figures.map(({ key, label, dimension }) => figure(key, label, dimension));

/** What a drawing says of how good a feature is to be: of one diameter its limits, of any its finish. */
export const limitFieldsOf = ({
  kind,
  side,
}: Pick<FeatureDocument, 'kind' | 'side'>): readonly FormField[] => {
  const { detail, figures } = featureKind(kind);
  if (detail) return [];
  return [
    ...(figures.some(({ key }) => key === 'diameter')
      ? [
          choice('fit', 'Fit', Object.fromEntries(FITS[side].map((fit) => [fit, fit])), { clearable: true }),
          figure('plus', 'Or over by'),
          figure('minus', 'and under by'),
        ]
      : []),
    figure('finish', 'Finish, Ra in µm', 'number'),
  ];
};

/** A new feature of a kind, with nothing known of it yet; a detail lies on the one that is looked at. */
export function newFeature(
  kind: FeatureKind,
  id: string,
  name: string,
  looked: FeatureDocument | null = null,
): FeatureDocument {
  const of = featureKind(kind);
  const [side] = of.sides;
  const from = side === 'internal' ? { from: 'tailstock' } : {};
  const on = of.detail?.onFeature && looked && !featureKind(looked.kind).detail ? { on: looked.id } : {};
  const lies = of.detail ? { at: 'tailstock', ...on } : {};
  return { ...of.begins, id, name, side, ...from, ...lies, kind } as FeatureDocument;
}
