import { AnelloError } from '@anello/core/basics';
import { sampled, USUAL_CURVE } from '@anello/core/curve';
import { usualThrowLimit } from '@anello/core/eccentric';
import { layoutPart, plungeOf, profileCurve } from '@anello/core/part';
import type { WorkTried } from '@anello/core/practice';
import { PRACTICE_LATHE } from '@anello/core/virtual-lathe';
import { DEVICES, type Device } from '@anello/core/machine';
import { coreFeatures } from './feature/toCore';
import { eccentricOfJob, taperOfJobIfComplete } from './toCore';
import type { JobDocument } from './schema';
import { shapesOf, workOf } from './work/shapes';

/**
 * A shape of a job as it is worked at the practice lathe, by the way that is chosen for it or the one named; null where the
 * practice lathe has no such work, or figures are missing.
 */
export function workTried(
  document: Pick<JobDocument, 'features' | 'work'>,
  feature: string,
  { until, way }: { until: 'set' | 'made'; way?: Device | undefined },
): WorkTried | null {
  const shape = shapesOf(document).find((one) => one.feature === feature);
  if (shape?.kind === 'taper') return coneOf(document, feature, until, way);
  if (shape?.kind === 'curve') return curveOf(document, feature);
  if (shape?.kind !== 'eccentric') return null;
  const part = eccentricOfJob(document, feature);
  if (!part || part.throw <= 0) return null;
  const { limit } = workOf(document, feature, 'eccentric');
  return {
    kind: 'throw',
    throw: part.throw,
    limit: limit?.value ?? usualThrowLimit(PRACTICE_LATHE.indicator),
    diameter: part.diameter,
    length: part.width,
  };
}

/** How close the points of a curve lie, mm, and how far its arcs bulge between them. */
const STEP = 0.5;
const SAG = 0.005;

function curveOf(document: Pick<JobDocument, 'features' | 'work'>, feature: string): WorkTried | null {
  const features = coreFeatures(document.features);
  const drawn = features.find(({ id }) => id === feature);
  if (drawn?.kind === 'groove') return plungeTried(document, features, feature);
  if (drawn?.kind !== 'profile' || drawn.side !== 'external') return null;
  const { nose, limit } = workOf(document, feature, 'curve');
  try {
    return {
      kind: 'curve',
      points: sampled(profileCurve(drawn), STEP, SAG),
      nose: nose?.value ?? USUAL_CURVE.nose,
      limit: limit?.value ?? USUAL_CURVE.limit,
    };
  } catch (error) {
    if (error instanceof AnelloError) return null;
    throw error;
  }
}

/** Everything from the first groove to the last is one plunge of a form tool. */
function plungeTried(
  document: Pick<JobDocument, 'features' | 'work'>,
  features: Parameters<typeof plungeOf>[0],
  feature: string,
): WorkTried | null {
  const { problems } = layoutPart(features);
  const plunge = plungeOf(features);
  if (!plunge || features.some(({ id, kind }) => kind === 'groove' && problems.has(id))) return null;
  const { bottomBand } = workOf(document, feature, 'curve');
  return {
    kind: 'plunge',
    points: plunge.work,
    width: plunge.width,
    grooves: plunge.grooves,
    band: bottomBand?.value ?? USUAL_CURVE.bottomBand,
  };
}

function coneOf(
  document: Pick<JobDocument, 'features' | 'work'>,
  feature: string,
  until: 'set' | 'made',
  given?: Device,
): WorkTried | null {
  const taper = taperOfJobIfComplete(document, feature);
  const work = workOf(document, feature, 'taper');
  const way = given ?? DEVICES.find((device) => device === work.way?.id);
  if (!taper || !way) return null;
  const { gaugeDiameter, beyondGauge } = taper.solved;
  return {
    kind: 'cone',
    way,
    task: taper.task,
    standOff: work.tolerance.standOff.value,
    gauge: { diameter: gaugeDiameter, beyond: beyondGauge },
    until,
  };
}
