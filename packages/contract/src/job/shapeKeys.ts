import type { WorkKind } from './work/schema';
import type { JobDocument } from './schema';
import { jobFacts } from './toCore';

/** What a shape is known by from one job to another. */
export interface ShapeKey {
  readonly feature: string;
  readonly kind: WorkKind;
  /** A taper's half angle, rad; an eccentric's throw, mm; null of a curve, and while it is not settled. */
  readonly figure: number | null;
  /** The row of the tables it was taken from; null where it was not. */
  readonly series: string | null;
  readonly size: string | null;
  /** As chosen. */
  readonly way: string | null;
}

/** What the shapes of a job are found again by. */
export function shapeKeys(document: JobDocument): ShapeKey[] {
  return jobFacts(document).shapes.map((shape): ShapeKey => {
    const feature = document.features.find((f) => f.id === shape.feature);
    const row = feature?.kind === 'taper' ? feature.series : undefined;
    const { way } = shape;
    return {
      feature: shape.feature,
      kind: shape.kind,
      figure: figureOf(shape),
      series: row?.series ?? null,
      size: row?.size ?? null,
      way: typeof way === 'object' ? (way?.id ?? null) : way,
    };
  });
}

function figureOf(shape: ReturnType<typeof jobFacts>['shapes'][number]): number | null {
  if (shape.kind === 'taper') return shape.halfAngle;
  return shape.kind === 'eccentric' && shape.throw > 0 ? shape.throw : null;
}
