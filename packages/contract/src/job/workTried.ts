import { AnelloError } from '@anello/core/basics';
import { sampled, USUAL_CURVE } from '@anello/core/curve';
import { usualThrowLimit } from '@anello/core/eccentric';
import { isGroove, isProfile, layoutPart, plungeOf, profileCurve } from '@anello/core/part';
import type { WorkTried } from '@anello/core/practice';
import { PRACTICE_LATHE } from '@anello/core/virtual-lathe';
import { DEVICES, type Device } from '@anello/core/machine';
import { coreFeatures } from './feature/toCore';
import { eccentricOfJob, taperOfJobIfComplete } from './toCore';
import type { JobDocument } from './schema';
import type { WorkKind } from './work/schema';
import { shapesOf, workOf } from './work/shapes';

type Worked = Pick<JobDocument, 'features' | 'work'>;
interface Tried {
  readonly until: 'set' | 'made';
  readonly way?: Device | undefined;
}

/** What of each kind of work is tried. */
const TRIED: Readonly<Record<WorkKind, (document: Worked, feature: string, how: Tried) => WorkTried | null>> =
  { taper: coneOf, eccentric: throwOf, curve: curveOf };

/**
 * A shape of a job as it is worked at the practice lathe, by the way that is chosen for it or the one named; null where the
 * practice lathe has no such work, or figures are missing.
 */
export function workTried(document: Worked, feature: string, how: Tried): WorkTried | null {
  const shape = shapesOf(document).find((one) => one.feature === feature);
  return shape ? TRIED[shape.kind](document, feature, how) : null;
}

function throwOf(document: Worked, feature: string): WorkTried | null {
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

function curveOf(document: Worked, feature: string): WorkTried | null {
  const features = coreFeatures(document.features);
  const drawn = features.find(({ id }) => id === feature);
  if (isGroove(drawn)) return plungeTried(document, features, feature);
  if (!isProfile(drawn) || drawn.side !== 'external') return null;
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
  document: Worked,
  features: Parameters<typeof plungeOf>[0],
  feature: string,
): WorkTried | null {
  const { problems } = layoutPart(features);
  const plunge = plungeOf(features);
  if (!plunge || features.some((one) => isGroove(one) && problems.has(one.id))) return null;
  const { bottomBand } = workOf(document, feature, 'curve');
  return {
    kind: 'plunge',
    points: plunge.work,
    width: plunge.width,
    grooves: plunge.grooves,
    band: bottomBand?.value ?? USUAL_CURVE.bottomBand,
  };
}

function coneOf(document: Worked, feature: string, { until, way: named }: Tried): WorkTried | null {
  const taper = taperOfJobIfComplete(document, feature);
  const work = workOf(document, feature, 'taper');
  const way = named ?? DEVICES.find((device) => device === work.way?.id);
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
