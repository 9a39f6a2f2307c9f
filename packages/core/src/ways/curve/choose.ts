import { AnelloError } from '../../basics/error';
import { count } from '../../figure/figure';
import { CURVE_WAYS } from './registry';
import type { CurveAssessment, CurveContext, CurveWay, CurveWayId } from './way';

/**
 * The ways of making a curve or a set of grooves, and the one to take.
 *
 * @example
 * compareCurveWays({
 *   pieces: CURVE,
 *   plunge: null,
 *   member: 'external',
 *   noseRadius: 0.8,
 *   stylusRadius: 0.8,
 *   ridge: 0.02,
 *   longest: 1,
 *   division: 0.05,
 *   reads: 'diameter',
 *   stickOut: 40,
 * }).recommended
 * // → 'steps'
 */
export function compareCurveWays(context: CurveContext): {
  readonly assessments: readonly CurveAssessment[];
  readonly recommended: CurveWayId | null;
} {
  const what = context.plunge ? 'grooves' : 'curve';
  const assessed = CURVE_WAYS.filter((way) => way.suits(context)).map((way) => ({
    way,
    assessment: weighed(way, context),
  }));
  const [first] = assessed
    .filter(({ assessment }) => assessment.blockers.length === 0)
    .sort((a, b) => a.way.rank[what] - b.way.rank[what]);
  return { assessments: assessed.map((a) => a.assessment), recommended: first?.way.id ?? null };
}

/** A figure that makes no sense rules its way out, in its own sentence. */
function weighed({ id, title, assess }: CurveWay, context: CurveContext): CurveAssessment {
  try {
    return { id, title, ...assess(context) };
  } catch (error) {
    if (!(error instanceof AnelloError)) throw error;
    return { id, title, blockers: [error.phrase], setting: count(0), settingLabel: '', notes: [] };
  }
}
