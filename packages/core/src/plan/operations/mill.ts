import { count as countFigure, length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import type { Flats } from '../../part/kinds/flats';
import type { Tang } from '../../part/kinds/tang';
import { countedFrom } from '../../part/kinds/detail';
import type { Laid, Placed } from '../piece/laid';
import { SAME } from '../piece/usual';
import { lyingOn, notReady } from './away';
import { figures, shown, type NamedFigure } from './card';
import { lengthMeasure } from './measures';
import type { Moment } from './kind';
import { onFeatures } from './onFeatures';
import { isFlats, isTang } from '../../part/kinds/is';
import { USUAL_FLATS } from '../../part/usual';

const FULL_TURN = 360;

interface Cut {
  readonly count: number;
  readonly across: number;
  readonly long: number;
  /** How deep each is cut, from the outside. */
  readonly deep: number;
  /** From the part's face at its end to the nearer side. */
  readonly from: number;
  readonly end: 'headstock' | 'tailstock';
  /** Cutter's radius where its root is drawn with one. */
  readonly root: number | null;
}

/** A tang is two flats at an end. */
function cutOf({ length: whole }: Laid, section: Placed, moment: Moment): Cut {
  const { feature, z0, z1, largest, at = 'headstock' } = section;
  const end = at;
  return {
    count: isFlats(feature) ? ((feature as Flats).count ?? USUAL_FLATS) : USUAL_FLATS,
    across: 2 * largest,
    long: z1 - z0,
    deep: lyingOn(moment, section) - largest,
    from: Math.min(...[z0, z1].map((z) => countedFrom(end, z, whole))),
    end,
    root: isTang(feature) ? ((feature as Tang).radius ?? null) : null,
  };
}

const say = (laid: Laid, section: Placed, moment: Moment): Phrase => {
  const { count, across, long, deep, from, end } = cutOf(laid, section, moment);
  return [
    'Mill ',
    ...(isTang(section) ? ['the tang '] : [countFigure(count), ' flats ']),
    length(across, 0.01),
    isTang(section) ? ' thick, ' : ' across, ',
    length(long, 0.1),
    ' long, ',
    ...(from > SAME ? [length(from, 0.01), ` from the ${end} face, `] : [`right to the ${end} face, `]),
    length(deep, 0.01),
    ' deep each',
  ];
};

export const mill = onFeatures({
  kind: 'mill',
  name: 'Mill',
  away: true,
  works: [{ kind: 'flats' }, { kind: 'tang' }],
  before: [
    'Clamped on its own diameter in vee blocks, finished tapers clear.',
    'Cutter guarded, and stopped before anything is measured.',
  ],
  rank: () => 140,
  needed: () => true,
  wrong: notReady,
  say,
  card(laid, section, moment) {
    const { count, across, long, deep, from, end, root } = cutOf(laid, section, moment);
    const turned: NamedFigure[] =
      count > 1
        ? [
            {
              label: 'Turned on after each, degrees',
              figure: countFigure(FULL_TURN / count, FULL_TURN % count === 0 ? 1 : 0.1),
            },
          ]
        : [];
    return figures(
      [
        shown('Depth of each, from the outside', deep),
        shown(isTang(section) ? 'Thickness' : 'Across the flats', across),
        shown('Length', long),
        shown(`From the ${end} face`, from),
        ...turned,
        ...(root === null ? [] : [shown('Cutter, radius', root)]),
      ],
      [
        lengthMeasure(`${section.feature.name}, ${isTang(section) ? 'thickness' : 'across'}`, across),
        lengthMeasure(`${section.feature.name}, length`, long),
      ],
      [['Half first, measured, then the rest: what is over on one side is taken off it alone.']],
    );
  },
  setUp: () => 15,
  tools: (_laid, section) => [
    ['Vee blocks and clamps'],
    isTang(section) ? ['Side cutter or end mill for the tang'] : ['End mill or side cutter'],
  ],
  minutes: (_laid, section) => 4 + 2 * ((section.feature as Flats).count ?? USUAL_FLATS),
});
