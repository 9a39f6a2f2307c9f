import type { FeatureKind } from '@anello/core/part';
import type { WorkKind } from './work/schema';
import type { JobDocument } from './schema';
import { jobFacts } from './toCore';
import { isEccentric, isTaper } from '@anello/core/part';

/** What a shape or a plain feature is known by from one job to another. */
export interface ShapeKey {
  readonly feature: string;
  readonly kind: WorkKind | FeatureKind;
  /** Which of the part's shapes it is, from 0; -1 of a plain feature. */
  readonly place: number;
  /** A taper's half angle, rad; an eccentric's throw, mm; null of a curve, and while it is not settled. */
  readonly figure: number | null;
  /** The row of the tables it was taken from; null where it was not. */
  readonly series: string | null;
  readonly size: string | null;
  /** As chosen. */
  readonly way: string | null;
}

const PLAIN = { place: -1, figure: null, series: null, size: null, way: null } as const;

/** What the shapes of a job are found again by, and after them what its plain features are: by their kind. */
export function shapeKeys(document: JobDocument): ShapeKey[] {
  const shapes = jobFacts(document).shapes.map((shape, place): ShapeKey => {
    const feature = document.features.find((f) => f.id === shape.feature);
    const row = isTaper(feature) ? feature.series : undefined;
    const { way } = shape;
    return {
      feature: shape.feature,
      kind: shape.kind,
      place,
      figure: figureOf(shape),
      series: row?.series ?? null,
      size: row?.size ?? null,
      way: typeof way === 'object' ? (way?.id ?? null) : way,
    };
  });
  const own = new Set(shapes.map(({ feature }) => feature));
  const plain = document.features.filter(({ id }) => !own.has(id));
  return [...shapes, ...plain.map(({ id, kind }): ShapeKey => ({ ...PLAIN, feature: id, kind }))];
}

function figureOf(shape: ReturnType<typeof jobFacts>['shapes'][number]): number | null {
  if (isTaper(shape)) return shape.halfAngle;
  return isEccentric(shape) && shape.throw > 0 ? shape.throw : null;
}
