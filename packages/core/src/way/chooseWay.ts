import { angle, length } from '../phrase/figure';
import type { Phrase } from '../phrase/phrase';
import { attachmentWay } from './ways/attachment';
import { compoundWay } from './ways/compound';
import { tailstockWay } from './ways/tailstock';
import type { Way, WayAssessment, WayContext, WayId } from './way';

/** Every way Anello weighs, in the order they are shown. */
export const WAYS: readonly Way[] = [compoundWay, attachmentWay, tailstockWay];

export interface WayChoice {
  readonly assessments: readonly WayAssessment[];
  readonly recommended: WayId | null;
  /** The deciding reason, or why nothing here can make it. */
  readonly reason: Phrase;
}

/** Up to this slope a hand-fed cone is quick and finishes well; the compound beats setting anything up. */
const SHORT_CONE = 35;

/** Weighs every way for this part on this lathe and recommends one with the reason that decides. */
export function compareWays(context: WayContext): WayChoice {
  const assessments = WAYS.map((way) => way.assess(context));
  const can = new Set(assessments.filter((a) => a.blockers.length === 0).map((a) => a.id));
  return { assessments, ...recommend(context, can) };
}

type Recommendation = Pick<WayChoice, 'recommended' | 'reason'>;

function recommend(context: WayContext, can: ReadonlySet<WayId>): Recommendation {
  const { task, lathe } = context;
  const left = context.stillSet.find((s) => s.device === 'attachment');
  if (can.size === 0) {
    return {
      recommended: null,
      reason: [`None of these can make this taper on the ${lathe.name}. Try the other lathe.`],
    };
  }
  if (can.size === 1) return only([...can][0] as WayId);
  if (can.has('attachment') && left && closeEnough(left.halfAngle, context)) {
    return {
      recommended: 'attachment',
      reason: [
        'The bar still stands at ',
        angle(left.halfAngle),
        ', inside this taper’s band: check it and cut.',
      ],
    };
  }
  if (can.has('compound') && task.length <= SHORT_CONE) {
    return {
      recommended: 'compound',
      reason: [
        'Only ',
        length(task.length, 0.1),
        ' long: a hand feeds that evenly, and nothing else needs moving.',
      ],
    };
  }
  if (can.has('attachment')) {
    return {
      recommended: 'attachment',
      reason: ['Power feed over ', length(task.length, 0.1), ' and it stays set for the next piece.'],
    };
  }
  if (can.has('tailstock')) {
    return {
      recommended: 'tailstock',
      reason: ['Power feed over ', length(task.length, 0.1), '; by hand the compound would leave its marks.'],
    };
  }
  return only('compound');
}

function closeEnough(halfAngle: number, { task }: WayContext): boolean {
  return Math.abs(halfAngle - task.halfAngle) <= task.tolerance.halfAngle;
}

function only(id: WayId): Recommendation {
  return { recommended: id, reason: ['The only way here that reaches.'] };
}
