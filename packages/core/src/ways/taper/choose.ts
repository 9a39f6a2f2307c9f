import { count } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import type { WayId } from '../../taper/wayId';
import { bedBlockers } from '../bedLimits';
import { WAYS } from './registry';
import type { WayAssessment, WayContext } from './way';

export interface WayChoice {
  readonly assessments: readonly WayAssessment[];
  readonly recommended: WayId | null;
  /** The deciding reason, or why nothing here can make it. */
  readonly reason: Phrase;
}

/**
 * Weighs every way for this part on this lathe and recommends one with the reason that decides.
 *
 * @example
 * compareWays({ task: SHANK, lathe: LONG, stillSet: [] }).recommended
 * // → 'attachment'
 */
export function compareWays(context: WayContext): WayChoice {
  const common = bedBlockers(context);
  const assessments = WAYS.map((way) => {
    const assessed = way.assess(context);
    return { id: way.id, title: way.title, ...assessed, blockers: [...common, ...assessed.blockers] };
  });
  const can = new Set(assessments.filter((a) => a.blockers.length === 0).map((a) => a.id));
  return { assessments, ...recommend(context, can) };
}

type Recommendation = Pick<WayChoice, 'recommended' | 'reason'>;

function recommend(context: WayContext, can: ReadonlySet<WayId>): Recommendation {
  if (can.size === 0) {
    return {
      recommended: null,
      reason: [`None of these can make this taper on the ${context.lathe.name}. Try the other lathe.`],
    };
  }
  const [only] = can;
  if (can.size === 1 && only !== undefined)
    return { recommended: only, reason: ['The only one of ', count(WAYS.length), ' ways that works here.'] };
  const [decides] = WAYS.filter((way) => can.has(way.id))
    .flatMap((way) => way.reasons.map((reason) => ({ way, reason })))
    .filter(({ reason }) => reason.applies(context, can))
    .sort((a, b) => a.reason.rank - b.reason.rank);
  return decides
    ? { recommended: decides.way.id, reason: decides.reason.say(context) }
    : { recommended: only ?? null, reason: ['It reaches.'] };
}
