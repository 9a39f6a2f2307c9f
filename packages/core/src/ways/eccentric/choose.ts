import { count, length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { offsetCentresWay } from './centres';
import { fourJaw } from './fourJaw';
import { packing } from './packing';
import { ECCENTRIC_WAYS } from './registry';
import type { EccentricAssessment, EccentricContext } from './way';

/** What to expect of it, before anything else is said. */
const expected = ({ travelError, minutes }: EccentricAssessment): Phrase => [
  'Travel likely within ±',
  length(travelError, 0.01),
  ', about ',
  count(minutes),
  ' minutes.',
];

/** This many alike make packing worth its coarseness. */
const RUN = 4;

/**
 * The ways of making an eccentric side by side on this lathe, and the one to take: for several throws the centres, for
 * a run the packing, otherwise the four-jaw, if they work here; else whichever is truest of those that do.
 *
 * @example
 * compareEccentricWays({
 *   part: DISC,
 *   throws: [DISC],
 *   lathe: FOUR_JAW,
 *   quantity: 1,
 *   range: 10,
 *   step: 0.01,
 * }).recommended?.id
 * // → 'four-jaw'
 */
export function compareEccentricWays(context: EccentricContext): {
  readonly assessments: readonly EccentricAssessment[];
  readonly recommended: EccentricAssessment | null;
} {
  const assessments = ECCENTRIC_WAYS.map((way) => {
    const found = { id: way.id, title: way.title, minutes: way.usualMinutes, ...way.assess(context) };
    return { ...found, notes: [expected(found), ...found.notes] };
  });
  const works = assessments.filter((a) => a.blockers.length === 0);
  const first = context.throws.length > 1 ? offsetCentresWay : context.quantity >= RUN ? packing : fourJaw;
  const truest = [...works].sort((a, b) => a.travelError - b.travelError || a.minutes - b.minutes)[0];
  return { assessments, recommended: works.find((a) => a.id === first.id) ?? truest ?? null };
}
