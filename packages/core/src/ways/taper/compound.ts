import { angle, length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { boreBlockers, boreNotes } from '../boreLimits';
import { indicatorError } from '../checkError';
import { divisionError } from '../divisionError';
import { handFinish } from '../finish';
import { SHORT_CONE } from './shortCone';
import { setUpMinutes } from '../minutes';
import { stillSetNotes } from '../stillSetNotes';
import { tailstockCollision } from '../tailstockCollision';
import type { WayId } from '../../taper/wayId';
import { CLEARANCE, type Way, type WayContext } from './way';

/** Below this slope length a hand can feed evenly enough for a good finish. */
const EVEN_BY_HAND = 40;
const SHOWN = 0.1;
/** A plain degree scale is set to about a quarter between its marks. */
export const READ_BETWEEN = 1 / 4;

/** What the compound's scale reads for a half angle, by where its zero lies. */
export function compoundScale(halfAngle: number, zero: 'along' | 'across'): number {
  return zero === 'along' ? halfAngle : Math.PI / 2 - halfAngle;
}

/** Travel the slide needs: the slope of the cone, with room before and after. */
export function compoundTravelNeeded(taperLength: number, halfAngle: number): number {
  return taperLength / Math.cos(halfAngle) + 2 * CLEARANCE;
}

/** A figure of the error one angular step makes over the cone. */
export const errorFigure = ({ task }: WayContext, step: number) =>
  length(divisionError({ length: task.length, halfAngle: task.halfAngle, division: step }), 0.001);

/** What an indicator check over the cone's own length leaves. */
export const checkFigure = ({ task, lathe }: WayContext, travel = task.length) =>
  length(indicatorError({ length: task.length, resolution: lathe.indicator, travel }), 0.0001);

/** Both cut the same bore: where a reamer of its taper can be used, the bore is made for it. */
const REAMER: WayId = 'reamer';

/** A slide that is shorter than the cone along its side. */
export function slideShort({ task, lathe }: Pick<WayContext, 'task' | 'lathe'>): Phrase | null {
  const slope = task.length / Math.cos(task.halfAngle);
  const travel = lathe.compound?.travel;
  return travel !== undefined && slope > travel
    ? [
        'The cone is ',
        length(slope, SHOWN),
        ' along its side; the compound travels ',
        length(travel, SHOWN),
        '.',
      ]
    : null;
}

export const compoundWay: Way = {
  id: 'compound',
  title: 'Compound slide',
  name: 'compound',
  device: 'compound',
  adjusts: 'compound',
  schools: ['indicator', 'master', 'scale-trial', 'sine-bar', 'pins'],
  feeds: 'compound',
  betweenCentres: false,
  checkedBy: 'With an indicator',
  usualMinutes: 20,
  order: {
    danger: 'The swung compound stands in the tailstock’s way.',
  },
  reasons: [
    {
      rank: 30,
      applies: ({ task }) => task.length <= SHORT_CONE,
      say: ({ task }) => [
        'Only ',
        length(task.length, 0.1),
        ' long: a hand feeds that evenly, and nothing else needs moving.',
      ],
    },
    {
      rank: 60,
      applies: (_, can) => can.has(REAMER),
      say: () => [
        'Bore it with the compound to its own angle; a reamer follows wherever the bore leads it, so keep that for sizing.',
      ],
    },
    { rank: 80, applies: () => true, say: () => ['The only way here that generates the cone.'] },
  ],
  short: slideShort,
  assess(context) {
    const { task, lathe } = context;
    const needed = compoundTravelNeeded(task.length, task.halfAngle);
    const slide = lathe.compound;
    const left = context.stillSet.some((s) => s.device === 'compound');
    return {
      blockers: blockers(context, needed),
      settingLabel: 'Scale reads',
      setting: angle(compoundScale(task.halfAngle, slide?.zero ?? 'along')),
      needLabel: 'Slide travel',
      needed: length(needed, SHOWN),
      available: slide ? length(slide.travel, SHOWN) : null,
      divisionError: slide ? errorFigure(context, slide.division) : null,
      errorByScale: slide ? errorFigure(context, slide.division * READ_BETWEEN) : null,
      errorByIndicator: slide ? checkFigure(context, Math.min(task.length, slide.travel)) : null,
      feed: slide ? 'hand' : null,
      finish: handFinish(context),
      minutes: setUpMinutes(compoundWay, lathe, left),
      notes: notes(context, needed),
    };
  },
};

function blockers(context: WayContext, needed: number): Phrase[] {
  const { lathe } = context;
  if (!lathe.compound) return [[`${lathe.name} has no compound slide.`]];
  const short = needed - lathe.compound.travel;
  return [
    ...(short > 0 ? [['The slide is ', length(short, SHOWN), ' short of the cone.'] as Phrase] : []),
    ...boreBlockers(context),
  ];
}

function notes(context: WayContext, needed: number): Phrase[] {
  const { task, lathe } = context;
  const found: Phrase[] = [...stillSetNotes(context, 'compound'), ...boreNotes(context)];
  if (needed > EVEN_BY_HAND)
    found.push(['Fed by hand over ', length(needed, SHOWN), ': the finish follows the hand.']);
  if (lathe.compound?.zero === 'across') {
    found.push([
      'Its zero lies across the bed: it reads 90° less the half angle, ',
      angle(task.halfAngle),
      '.',
    ]);
  }
  const collision = collisionNote(context);
  return collision ? [...found, collision] : found;
}

/** Only work on a centre brings the tailstock near: a bore has no centre in it. */
function collisionNote({ task, lathe }: WayContext): Phrase | null {
  if (!lathe.compound || task.member === 'internal') return null;
  switch (tailstockCollision({ task, compound: lathe.compound, tailstock: lathe.tailstock, beyond: 0 })) {
    case 'collides':
      return [
        'With a centre in, its handle meets the tailstock: hold the part by itself, or swing it first.',
      ];
    case 'unknown':
      return ['With a centre in, swing it through by hand first: whether it clears is not on record.'];
    case 'clear':
      return null;
  }
}
