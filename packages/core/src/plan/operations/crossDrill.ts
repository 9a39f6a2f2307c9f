import { drillMark } from '../../quantity/drillMarks';
import { drillSaid } from '../../kit/drillSaid';
import { angle, length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { countedFrom } from '../../part/kinds/detail';
import type { CrossHole } from '../../part/kinds/crossHole';
import { threadNamed } from '../../thread/designation';
import type { Laid, Placed } from '../piece/laid';
import { attempted } from './attempted';
import { lyingOn, notReady } from './away';
import { figures, shown, type NamedFigure } from './card';
import { diameterMeasure, lengthMeasure } from './measures';
import { tappingDrill } from './sizes';
import { saySpeed } from './speed';
import type { Moment } from './kind';
import { onFeatures } from './onFeatures';

/** The drill of a cross hole: its own diameter, or the tapping drill of its thread. */
function drillOf(laid: Laid, { designation, diameter = 0 }: CrossHole): number {
  const thread = designation?.trim() ? attempted(() => threadNamed(designation)) : null;
  return thread ? tappingDrill(laid, thread) : diameter;
}

/** How far from its face its middle lies. */
const placeOf = ({ length: whole }: Laid, { z0, z1, at = 'headstock' }: Placed): number =>
  countedFrom(at, (z0 + z1) / 2, whole);

function say(laid: Laid, section: Placed): Phrase {
  const hole = section.feature as CrossHole;
  const drill = drillOf(laid, hole);
  return [
    'Drill across ⌀',
    ...drillSaid(drill),
    ...(hole.depth === undefined ? [' through'] : [', ', length(hole.depth, 0.1), ' deep']),
    ', ',
    length(placeOf(laid, section), 0.01),
    ` from the ${section.at ?? ''} face, `,
    ...saySpeed(laid, drill, { finishing: false }),
    ...(hole.designation?.trim() ? [`, and tap ${hole.designation.trim()}`] : []),
  ];
}

function drillLabel(laid: Laid, hole: CrossHole): string {
  const mark = drillMark(drillOf(laid, hole));
  const tapped = hole.designation?.trim();
  return `Drill${mark === null ? '' : ` ${mark}`}${tapped ? `, for ${tapped}` : ''}`;
}

/** Holes square to the axis: work away from the lathe. */
export const crossDrill = onFeatures({
  kind: 'cross-drill',
  name: 'Cross-drill',
  away: true,
  works: [{ kind: 'cross-hole' }],
  before: [
    'Centre punched, and clamped in a vee block: never held by hand.',
    'Its middle found over the axis with a rule across the drill, before the drill bites.',
  ],
  rank: () => 141,
  needed: () => true,
  wrong: notReady,
  say,
  card(laid, section, moment: Moment) {
    const hole = section.feature as CrossHole;
    const place = placeOf(laid, section);
    const round: NamedFigure[] =
      hole.phase === undefined ? [] : [{ label: 'Round the axis at', figure: angle(hole.phase) }];
    return figures(
      [
        shown(drillLabel(laid, hole), drillOf(laid, hole)),
        shown(`Middle, from the ${section.at ?? ''} face`, place),
        hole.depth === undefined
          ? shown('Through', 2 * lyingOn(moment, section))
          : shown('Depth', hole.depth),
        ...round,
      ],
      [
        ...(hole.designation?.trim() ? [] : [diameterMeasure(section)]),
        lengthMeasure(`${section.feature.name}, middle from the face`, place),
      ],
      [['Its burr comes off inside and out.']],
    );
  },
  setUp: () => 8,
  tools: (laid, section) => [
    ['Centre punch, vee block, clamp'],
    ['Drill ', ...drillSaid(drillOf(laid, section.feature as CrossHole), 0.1)],
  ],
  minutes: () => 8,
});
