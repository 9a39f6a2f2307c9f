import { AnelloError } from '@anello/core/basics';
import { eccentricsOf, type EccentricPart } from '@anello/core/eccentric';
import type { JobFacts, ShapeFacts } from '@anello/core/job';
import { layoutPart, taperOfPart, type TaperOfPart, isEccentric, isTaper } from '@anello/core/part';
import type { Grade } from '@anello/core/taper';
import { coreFeatures } from './feature/toCore';
import type { JobDocument } from './schema';
import type { WorkKind } from './work/schema';
import { shapesOf, workOf, type Shape } from './work/shapes';

type Shaped = Pick<JobDocument, 'features' | 'work'>;

/** How true a taper of the job is to be. */
export function toleranceOf(
  document: Shaped,
  feature: string,
): { grade: Grade; coneZone: number | undefined } {
  const { grade, coneZone } = workOf(document, feature, 'taper').tolerance;
  return { grade, coneZone: coneZone?.value };
}

/**
 * A taper of the job as a task: the one named, or the first; null when the part has none. Errors while its figures are
 * incomplete.
 */
export function taperOfJob(document: Shaped, feature?: string): TaperOfPart | null {
  const id = feature ?? shapesOf(document).find(isTaper)?.feature;
  if (id === undefined) return null;
  return taperOfPart(coreFeatures(document.features), toleranceOf(document, id), id);
}

/** The same, null as well while figures are missing or disagree. */
export function taperOfJobIfComplete(document: Shaped, feature?: string): TaperOfPart | null {
  try {
    return taperOfJob(document, feature);
  } catch (error) {
    if (error instanceof AnelloError) return null;
    throw error;
  }
}

/** An eccentric of the job: the one named, or the first; null when it has none. */
export function eccentricOfJob(
  { features }: Pick<JobDocument, 'features'>,
  feature?: string,
): EccentricPart | null {
  if (!features.some(isEccentric)) return null;
  const all = eccentricsOf(coreFeatures(features));
  return (feature === undefined ? all[0] : all.find((e) => e.id === feature)) ?? null;
}

/** What a shape's progress depends on, by the kind of work it takes. */
const FACTS: { readonly [K in WorkKind]: (document: JobDocument, shape: Shape) => ShapeFacts } = {
  taper(document, { feature, name }) {
    const task = taperOfJobIfComplete(document, feature)?.task;
    return {
      kind: 'taper',
      feature,
      name,
      machineId: document.machineId,
      halfAngle: task?.halfAngle ?? null,
      band: task?.tolerance.halfAngle ?? 0,
      way: workOf(document, feature, 'taper').way,
    };
  },
  eccentric(document, { feature, name }) {
    const part = eccentricOfJob(document, feature);
    const way = workOf(document, feature, 'eccentric').way ?? null;
    // Its figures are not settled while there is no throw: nothing of it is set, and nothing is stale.
    return {
      kind: 'eccentric',
      feature,
      name,
      way,
      throw: part?.throw ?? 0,
      bored: part ? part.bore !== null : false,
    };
  },
  curve: (document, { feature, name }) => ({
    kind: 'curve',
    feature,
    name,
    way: workOf(document, feature, 'curve').way ?? null,
  }),
};

/** What the job's progress depends on. */
export function jobFacts(document: JobDocument): JobFacts {
  const { problems, sections } = layoutPart(coreFeatures(document.features));
  return {
    quantity: document.quantity,
    order: document.batch,
    partComplete: sections.length > 0 && problems.size === 0,
    shapes: shapesOf(document).map((shape) => FACTS[shape.kind](document, shape)),
  };
}
