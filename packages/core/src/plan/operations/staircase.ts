import { count, length } from '../../figure/figure';
import { staircase as shoulders, type Shoulder } from '../../cutting/staircase';
import { USUAL_PASSES } from '../../cutting/usual';
import type { Taper } from '../../part/kinds/taper';
import { roughed, standing, shapeAt, type Piece } from '../piece/piece';
import { plannedTaper } from '../piece/ways';
import { HANDLING, MOST_SHOULDERS, STAIRCASE_WORTH, TRAVEL_A_MINUTE } from '../piece/usual';
import type { Laid, Placed } from '../piece/laid';
import type { OutlinePoint } from '../../part/kinds/outline';
import { onFeatures } from './onFeatures';
import { isTaper } from '../../part/kinds/is';

/** How deep each shoulder is cut, on radius, and what is left on the cone, on diameter. */
function depthsOf(laid: Laid, section: Placed, from: number): { depth: number; allowance: number } {
  const { roughDepth, allowance } = laid.part.cut ?? USUAL_PASSES;
  return { depth: Math.max(roughDepth, (from - section.smallest) / MOST_SHOULDERS), allowance };
}

/** The shoulders of a cone as its own card has them, from its small end. */
function shouldersOf(laid: Laid, section: Placed, from = laid.barRadius): readonly Shoulder[] {
  const { solved } = plannedTaper(laid, section);
  const { division, reads } = laid.part.lathe.dial;
  const { depth, allowance } = depthsOf(laid, section, from);
  return shoulders({
    member: 'external',
    largeDiameter: solved.largeDiameter,
    smallDiameter: solved.smallDiameter,
    halfAngle: solved.halfAngle,
    stock: 2 * from,
    allowance,
    depth,
    division,
    reads,
  });
}

/** The cone by its shoulders: each runs from the small end, and the last one taken stands nearest it. */
function stepped(laid: Laid, section: Placed, from: number): OutlinePoint[] {
  const { z0, z1 } = section;
  const long = z1 - z0;
  const steps = [{ diameter: 2 * from, along: long }, ...shouldersOf(laid, section, from)];
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
  isTaper(section) &&
  section.side === 'external' &&
  2 * (laid.barRadius - section.smallest) > STAIRCASE_WORTH &&
  shouldersOf(laid, section).length > 0;

/** Whether as much still stands at its small end that shoulders have not been cut: they leave less than one more there. */
export function stillWantsStaircase(piece: Piece, section: Placed): boolean {
  const shape = shapeAt(piece, section) ?? [];
  const small = (section.feature as Taper).largeEnd === 'tailstock' ? shape[0] : shape.at(-1);
  const over = (small?.r ?? 0) - section.smallest;
  const { depth, allowance } = depthsOf(piece.laid, section, piece.laid.barRadius);
  return wantsStaircase(piece.laid, section) && over > 2 * depth + allowance / 2;
}

export const staircase = onFeatures({
  kind: 'staircase',
  name: 'Staircase',
  works: [{ kind: 'taper', side: 'external' }],
  before: ['Slides square again: these are plain cuts.'],
  rank: () => 100,
  needed: wantsStaircase,
  finishes: () => false,
  after: ({ piece }, section) =>
    stillWantsStaircase(piece, section)
      ? roughed(piece, [[section.id, stepped(piece.laid, section, standing(piece, section))]])
      : piece,
  say(laid, section, { piece }) {
    const { allowance } = laid.part.cut ?? USUAL_PASSES;
    const cuts = shouldersOf(laid, section, standing(piece, section)).length;
    return [
      'Rough the cone by ',
      count(cuts),
      cuts === 1 ? ' shoulder, ' : ' shoulders, ',
      length(allowance, 0.01),
      ' over it',
    ];
  },
  card: (laid, section, { piece }) => ({
    kind: 'stairs',
    steps: shouldersOf(laid, section, standing(piece, section)),
    from: 2 * standing(piece, section),
  }),
  tools: () => [['Turning tool']],
  minutes(laid, section, { piece }) {
    const along = shouldersOf(laid, section, standing(piece, section)).map((one) => one.along);
    return HANDLING + along.reduce((sum, one) => sum + one, 0) / TRAVEL_A_MINUTE;
  },
});
