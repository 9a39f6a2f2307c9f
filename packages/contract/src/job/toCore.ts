import { AnelloError } from '@anello/core/basics';
import { eccentricsOf, type EccentricPart } from '@anello/core/eccentric';
import type { JobFacts } from '@anello/core/job';
import { layoutPart, taperOfPart, type TaperOfPart } from '@anello/core/part';
import type { Entry } from '../entry/entry';
import { coreFeatures } from './feature/toCore';
import type { JobDocument } from './schema';

const value = (given: Entry | undefined): number | undefined => given?.value;

/** The job's taper as a task, or null when the part has none. Errors while its figures are incomplete. */
export function taperOfJob(document: Pick<JobDocument, 'features' | 'tolerance'>): TaperOfPart | null {
  const { grade, coneZone } = document.tolerance;
  return taperOfPart(coreFeatures(document.features), { grade, coneZone: value(coneZone) });
}

/** The same, null as well while figures are missing or disagree. */
export function taperOfJobIfComplete(
  document: Pick<JobDocument, 'features' | 'tolerance'>,
): TaperOfPart | null {
  try {
    return taperOfJob(document);
  } catch (error) {
    if (error instanceof AnelloError) return null;
    throw error;
  }
}

/** The eccentric a job without a taper is about: the one chosen, or the first. */
export function eccentricOfJob(document: Pick<JobDocument, 'features' | 'eccentric'>): EccentricPart | null {
  const kinds = document.features.map((f) => f.kind);
  if (kinds.includes('taper') || !kinds.includes('eccentric')) return null;
  const all = eccentricsOf(coreFeatures(document.features));
  return all.find((e) => e.id === document.eccentric?.feature) ?? all[0] ?? null;
}

/** A curve or grooves, and neither a taper nor an eccentric. */
export function isCurveJob({ features }: Pick<JobDocument, 'features'>): boolean {
  const has = (...kinds: readonly string[]): boolean => features.some((f) => kinds.includes(f.kind));
  return has('profile', 'groove') && !has('taper', 'eccentric');
}

function eccentricFacts(document: JobDocument): JobFacts['eccentric'] {
  const part = eccentricOfJob(document);
  return (
    part && {
      id: part.id,
      throw: part.throw,
      bored: part.bore !== null,
      way: document.eccentric?.way ?? null,
    }
  );
}

/** What the job's progress depends on. */
export function jobFacts(document: JobDocument): JobFacts {
  const taper = taperOfJobIfComplete(document);
  const { problems, sections } = layoutPart(coreFeatures(document.features));
  return {
    quantity: document.quantity,
    machineId: document.machineId,
    halfAngle: taper?.task.halfAngle ?? null,
    band: taper?.task.tolerance.halfAngle ?? 0,
    partComplete: sections.length > 0 && problems.size === 0,
    hasTaper: document.features.some((f) => f.kind === 'taper'),
    way: document.way,
    eccentric: eccentricFacts(document),
    ...(isCurveJob(document) ? { curveWay: document.curve?.way ?? null } : {}),
  };
}
