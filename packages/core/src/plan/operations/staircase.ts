import { count, length } from '../../figure/figure';
import { staircase as shoulders, type Shoulder } from '../../cutting/staircase';
import { USUAL_PASSES } from '../../cutting/usual';
import type { Taper } from '../../part/kinds/taper';
import { isRaw, roughed } from '../piece/piece';
import { plannedTaper } from '../piece/ways';
import { MOST_SHOULDERS, STAIRCASE_WORTH } from '../piece/usual';
import type { Laid, Placed } from '../piece/laid';
import type { OutlinePoint } from '../../part/kinds/outline';
import { cuttingMinutes } from './speed';
import { figures } from './card';
import { PLAIN, type KindOfOperation } from './kind';

/** The shoulders of a cone as its own card has them, from its small end. */
function shouldersOf(laid: Laid, section: Placed): readonly Shoulder[] {
  const { solved } = plannedTaper(laid, section);
  const { roughDepth, allowance } = laid.part.cut ?? USUAL_PASSES;
  const { division, reads } = laid.part.lathe.dial;
  const total = laid.barRadius - solved.smallDiameter / 2;
  return shoulders({
    member: 'external',
    largeDiameter: solved.largeDiameter,
    smallDiameter: solved.smallDiameter,
    halfAngle: solved.halfAngle,
    stock: 2 * laid.barRadius,
    allowance,
    depth: Math.max(roughDepth, total / MOST_SHOULDERS),
    division,
    reads,
  });
}

/** The cone by its shoulders: each runs from the small end, and the last one taken stands nearest it. */
function stepped(laid: Laid, section: Placed): OutlinePoint[] {
  const { z0, z1 } = section;
  const long = z1 - z0;
  const steps = [{ diameter: 2 * laid.barRadius, along: long }, ...shouldersOf(laid, section)];
  const fromSmall = steps.flatMap(({ diameter, along }, i): OutlinePoint[] => [
    { z: Math.min(along, long), r: diameter / 2 },
    { z: Math.min(steps[i + 1]?.along ?? 0, long), r: diameter / 2 },
  ]);
  const smallAtStart = (section.feature as Taper).largeEnd === 'tailstock';
  return smallAtStart
    ? fromSmall.map((p) => ({ z: z0 + p.z, r: p.r })).reverse()
    : fromSmall.map((p) => ({ z: z1 - p.z, r: p.r }));
}

/** Whether a cone has enough on it to be worth shoulders. */
export const wantsStaircase = (laid: Laid, section: Placed): boolean =>
  section.kind === 'taper' &&
  section.side === 'external' &&
  2 * (laid.barRadius - section.smallest) > STAIRCASE_WORTH &&
  shouldersOf(laid, section).length > 0;

export const staircase: KindOfOperation = {
  ...PLAIN,
  kind: 'staircase',
  name: 'Staircase',
  on: 'features',
  works: [{ kind: 'taper', side: 'external' }],
  before: ['Slides square again: these are plain cuts.'],
  rank: () => 100,
  needed: wantsStaircase,
  wrong: () => [],
  after: ({ piece }, section) =>
    section && isRaw(piece, section) ? roughed(piece, [[section.id, stepped(piece.laid, section)]]) : piece,
  say(laid, section) {
    if (!section) return ['Rough by shoulders'];
    const { allowance } = laid.part.cut ?? USUAL_PASSES;
    const cuts = shouldersOf(laid, section).length;
    return [
      'Rough the cone by ',
      count(cuts),
      cuts === 1 ? ' shoulder, ' : ' shoulders, ',
      length(allowance, 0.01),
      ' over it',
    ];
  },
  card: (laid, section) =>
    section ? { kind: 'stairs', steps: shouldersOf(laid, section), from: 2 * laid.barRadius } : figures([]),
  minutes: (laid, section) =>
    section ? cuttingMinutes((section.z1 - section.z0) / 2, laid.barRadius - section.smallest) : 5,
};
