import type { Kit } from '@anello/core/kit';
import type { Lathe } from '@anello/core/machine';
import { isGroove, isProfile, isTaper, layoutPart } from '@anello/core/part';
import { usualStock, type PlanPart, type Stock } from '@anello/core/plan';
import { wayOf } from '@anello/core/ways';
import { coreFeatures } from './feature/toCore';
import { materialOfJob } from './material';
import type { StockDocument } from './plan';
import type { JobDocument } from './schema';
import { toleranceOf } from './toCore';
import { newWork } from './work/new';
import { shapesOf, workOf, type Shape } from './work/shapes';

const coreStock = ({ shape, across, length, bore }: StockDocument): Stock => ({
  shape,
  across: across.value,
  length: length.value,
  ...(bore ? { bore: bore.value } : {}),
});

/** The bar of a job: as said, or the usual one for its part. Errors: underdetermined while there is no outside. */
export const stockOfJob = ({ stock, features }: Pick<JobDocument, 'stock' | 'features'>): Stock =>
  stock ? coreStock(stock) : usualStock(layoutPart(coreFeatures(features)));

/** A job as its line of work is worked out from. Errors: as stockOfJob. */
export function planPartOf(document: JobDocument, lathe: Lathe, kit: Kit): PlanPart {
  const shapes = shapesOf(document);
  const chosen = shapes.flatMap(({ feature, kind }) => {
    const { way } = workOf(document, feature, kind);
    const id = typeof way === 'string' ? way : way?.id;
    return id === undefined ? [] : [[feature, id] as const];
  });
  return {
    features: coreFeatures(document.features),
    stock: stockOfJob(document),
    quantity: document.quantity,
    lathe,
    kit,
    ways: Object.fromEntries([...withGrooves(document, chosen), ...chosen]),
    tolerances: Object.fromEntries(
      shapes.filter(isTaper).map(({ feature }) => [feature, toleranceOf(document, feature)]),
    ),
    material: materialOfJob(document, kit.materials) ?? undefined,
    tool: document.cut.tool,
    matched: shapes.filter((shape) => onItsMate(document, shape)).map(({ feature }) => feature),
    ...(document.harden ? { harden: document.harden.value } : {}),
    cut: { roughDepth: document.cut.roughDepth.value, allowance: allowanceOf(document) },
  };
}

/** Whether a taper is cut on its mate's own setting of the compound, which is for a cone that opens the other way. */
function onItsMate(document: JobDocument, shape: Shape): boolean {
  const { feature } = shape;
  const taper = document.features.find((f) => f.id === feature);
  if (!isTaper(shape) || !isTaper(taper)) return false;
  const { mateJob, way } = workOf(document, feature, 'taper');
  if (!mateJob || !way) return false;
  return wayOf(way.id).device === 'compound' && mateJob.largeEnd !== taper.largeEnd;
}

/** Grooves beside a curve are plunged where it is: one form tool cuts them all. */
const withGrooves = (
  { features }: JobDocument,
  chosen: readonly (readonly [string, string])[],
): (readonly [string, string])[] => {
  const curve = chosen.find(([id]) => features.some((f) => f.id === id && (isProfile(f) || isGroove(f))));
  return curve ? features.filter(isGroove).map((f) => [f.id, curve[1]] as const) : [];
};

/** What is left on the first cone, on diameter, mm. */
function allowanceOf(document: JobDocument): number {
  const taper = shapesOf(document).find(isTaper);
  const work = taper ? workOf(document, taper.feature, 'taper') : newWork('taper');
  return work.cut.allowance.value;
}
