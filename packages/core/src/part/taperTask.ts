import { AnelloError } from '../basics/error';
import type { Grade } from '../taper/grade';
import { taperTolerance } from '../taper/tolerance';
import type { TaperTask } from '../taper/task';
import type { Feature } from './kinds/registry';
import type { Taper } from './kinds/taper';
import { layoutPart, outsideDiameter } from './layout';
import { solveTaperFeature, type PartTaper } from './solveTaperFeature';
import { isTaper } from './kinds/is';

export interface TaperOfPart {
  readonly feature: Taper;
  readonly solved: PartTaper;
  readonly task: TaperTask;
  /** Where the cone lies on the axis. */
  readonly z0: number;
  readonly z1: number;
}

/**
 * A taper of the part as a task for a lathe: the one named, or the first of the list, solved, with the part's whole
 * length. Null when the part has none. Errors as solveTaperFeature.
 *
 * @example
 * taperOfPart(SHANK_PART, { grade: 'AT6' })?.task.length
 * // → 86
 */
export function taperOfPart(
  features: readonly Feature[],
  tolerance: { grade: Grade; coneZone?: number | undefined },
  id?: string,
): TaperOfPart | null {
  const feature = features.find((f): f is Taper => isTaper(f) && (id === undefined || f.id === id));
  if (!feature) return null;
  const solved = solveTaperFeature(feature);
  const layout = layoutPart(features);
  const section = layout.sections.find((s) => s.id === feature.id);
  if (!section) throw new AnelloError('internal', null, 'The taper was lost while laying out the part.');
  return {
    feature,
    solved,
    z0: section.z0,
    z1: section.z1,
    task: {
      member: feature.side,
      largeDiameter: solved.largeDiameter,
      smallDiameter: solved.smallDiameter,
      length: solved.length,
      halfAngle: solved.halfAngle,
      largeEnd: feature.largeEnd,
      workLength: layout.length,
      workDiameter: outsideDiameter(layout) ?? undefined,
      tolerance: taperTolerance({ ...tolerance, length: solved.length }),
    },
  };
}
