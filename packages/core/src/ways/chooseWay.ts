import { angle, count, length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import { bedBlockers } from './bedLimits';
import { attachmentWay } from './taper/attachment';
import { compoundWay } from './taper/compound';
import { copyMasterWay } from './taper/copyMaster';
import { formToolWay } from './taper/formTool';
import { reamerWay } from './taper/reamer';
import { tailstockWay } from './taper/tailstock';
import type { Way, WayAssessment, WayContext } from './way';
import type { WayId } from '../taper/wayId';

/** Every way Anello weighs, in the order they are shown. */
export const WAYS: readonly Way[] = [
  compoundWay,
  attachmentWay,
  tailstockWay,
  copyMasterWay,
  reamerWay,
  formToolWay,
];

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
  const common = bedBlockers(context);
  const assessments = WAYS.map((way) => {
    const assessed = way.assess(context);
    return { ...assessed, blockers: [...common, ...assessed.blockers] };
  });
  const can = new Set(assessments.filter((a) => a.blockers.length === 0).map((a) => a.id));
  return { assessments, ...recommend(context, can) };
}

interface Recommendation {
  readonly recommended: WayId | null;
  readonly reason: Phrase;
}

/** One reason that can decide: the first whose way can work here, and that applies, does. */
interface Reason {
  readonly way: WayId;
  applies(context: WayContext, can: ReadonlySet<WayId>): boolean;
  say(context: WayContext): Phrase;
}

const attachmentLeft = ({ stillSet }: WayContext) => stillSet.find((s) => s.device === 'attachment');

const REASONS: readonly Reason[] = [
  {
    way: 'attachment',
    applies: (context) => {
      const left = attachmentLeft(context);
      return (
        left !== undefined &&
        Math.abs(left.halfAngle - context.task.halfAngle) <= context.task.tolerance.halfAngle
      );
    },
    say: (context) => [
      'The bar still stands at ',
      angle(attachmentLeft(context)?.halfAngle ?? 0),
      ', inside this taper’s band: check it and cut.',
    ],
  },
  {
    way: 'copy-master',
    applies: ({ task }) => task.length <= SHORT_CONE,
    say: () => ['A master of this taper is here: copied to stillness, no scale or sum can mislead.'],
  },
  {
    way: 'compound',
    applies: ({ task }) => task.length <= SHORT_CONE,
    say: ({ task }) => [
      'Only ',
      length(task.length, 0.1),
      ' long: a hand feeds that evenly, and nothing else needs moving.',
    ],
  },
  {
    way: 'attachment',
    applies: () => true,
    say: ({ task }) => [
      'Power feed over ',
      length(task.length, 0.1),
      ' and it stays set for the next piece.',
    ],
  },
  {
    way: 'tailstock',
    applies: () => true,
    say: ({ task }) => [
      'Power feed over ',
      length(task.length, 0.1),
      '; by hand the compound would leave its marks.',
    ],
  },
  {
    way: 'compound',
    applies: (_, can) => can.has('reamer'),
    say: () => [
      'Bore it with the compound to its own angle; a reamer follows wherever the bore leads it, so keep that for sizing.',
    ],
  },
  {
    way: 'copy-master',
    applies: () => true,
    say: () => ['It reaches, and copying the master proves the angle in the same setting.'],
  },
  { way: 'compound', applies: () => true, say: () => ['The only way here that generates the cone.'] },
  {
    way: 'form-tool',
    applies: () => true,
    say: () => ['Nothing here generates it, and it is narrow enough to plunge.'],
  },
  { way: 'reamer', applies: () => true, say: () => ['Step-bore it, then ream: nothing here generates it.'] },
];

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
  const decides = REASONS.find((r) => can.has(r.way) && r.applies(context, can));
  return decides
    ? { recommended: decides.way, reason: decides.say(context) }
    : { recommended: [...can][0] ?? null, reason: ['It reaches.'] };
}
