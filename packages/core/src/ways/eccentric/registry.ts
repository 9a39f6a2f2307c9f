import { count, length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { indicatorPlan } from '../../eccentric/dialIn';
import { offsetCentres } from '../../eccentric/offsetCentres';
import { packingPlan } from '../../eccentric/packingPlan';
import { endOn } from '../../eccentric/part';
import { chuckOf, type EccentricAssessment, type EccentricContext, type EccentricWay } from './way';

/** Nothing turned in a chuck repeats better, mm of travel. */
const CHUCK_REPEATS = 0.05;
/** A swing is told to this, whatever the indicator. */
const MICRON = 0.001;
/** A throw beyond this part of the radius leaves two jaws holding by their corners. */
const POOR_GRIP = 0.35;

/** Whatever way it is held, the high side has to go round over the bed and over the slide. */
function swingBlockers({ part, lathe }: EccentricContext): Phrase[] {
  const { swing } = endOn(part);
  if (lathe.swing !== undefined && swing > lathe.swing)
    return [['It sweeps ', length(swing, 0.1), '; the lathe swings ', length(lathe.swing, 0.1), '.']];
  return [];
}

function swingNotes({ part, lathe }: EccentricContext): Phrase[] {
  const { swing } = endOn(part);
  return lathe.swingOverSlide !== undefined && swing > lathe.swingOverSlide
    ? [
        [
          'It sweeps ',
          length(swing, 0.1),
          ', more than the ',
          length(lathe.swingOverSlide, 0.1),
          ' over the cross-slide: keep the slide clear of it.',
        ],
      ]
    : [];
}

/** A chuck must open round a circle whose far side lies this far from the axis. */
function chuckBlockers(kind: string, name: string, opens: number, { lathe }: EccentricContext): Phrase[] {
  const chuck = chuckOf(lathe, kind);
  if (!chuck) return [[`No ${name} is on this lathe’s record.`]];
  return chuck.capacity !== undefined && 2 * opens > chuck.capacity
    ? [
        [
          `The ${chuck.name} opens to `,
          length(chuck.capacity, 1),
          '; held off-centre this wants ',
          length(2 * opens, 1),
          '.',
        ],
      ]
    : [];
}

const fourJaw: EccentricWay = {
  id: 'four-jaw',
  assess(context) {
    const { part, lathe, range } = context;
    const plan = indicatorPlan({ throw: part.throw, range });
    return {
      id: 'four-jaw',
      title: 'Four-jaw, dialled in',
      blockers: [
        ...swingBlockers(context),
        ...chuckBlockers('four-jaw', 'four-jaw chuck', part.diameter / 2 + part.throw, context),
      ],
      setting: length(plan.swing, MICRON),
      settingLabel: 'Needle swings, whole travel',
      travelError: Math.max(4 * lathe.indicator, 0.01),
      minutes: 25,
      notes: [
        plan.direct
          ? ['The indicator follows the whole swing.']
          : [
              'The swing is more than the indicator’s stroke: read the low side over a block of ',
              length(plan.block, 0.001),
              '.',
            ],
        ...swingNotes(context),
      ],
    };
  },
};

const packing: EccentricWay = {
  id: 'packing',
  assess(context) {
    const { part, step, quantity } = context;
    const plan = packingPlan({ diameter: part.diameter, throw: part.throw, jaws: 'narrow', step });
    const poor = part.throw > POOR_GRIP * (part.diameter / 2);
    return {
      id: 'packing',
      title: 'Three-jaw, one jaw packed',
      blockers: [
        ...swingBlockers(context),
        ...chuckBlockers('three-jaw', 'three-jaw chuck', plan.jawsAt, context),
      ],
      setting: length(plan.made, step),
      settingLabel: 'Packing, narrow jaws',
      travelError: Math.abs(plan.travelError) + CHUCK_REPEATS,
      minutes: 12,
      notes: [
        [
          'Not the throw: the two plain jaws let the work in. Wide jaw faces want ',
          length(plan.otherFace, step),
          '.',
        ],
        ...(quantity > 3 ? [['Every piece comes to the same place, near enough.'] as Phrase] : []),
        ...(poor
          ? [['With so much throw two jaws hold by their corners: light cuts, and a stop behind.'] as Phrase]
          : []),
        ...swingNotes(context),
      ],
    };
  },
};

/** Mouth of a small centre hole, mm. */
const CENTRE_HOLE = 3.4;

const centres: EccentricWay = {
  id: 'offset-centres',
  assess(context) {
    const { part, throws } = context;
    const end = part.hub?.diameter ?? part.diameter;
    const plan = offsetCentres({ throws, barDiameter: Math.max(end, part.diameter), hole: CENTRE_HOLE });
    const bored =
      part.bore !== null
        ? [
            [
              'It is bored through: there is no metal for centres. Use a mandrel with offset centres instead.',
            ] as Phrase,
          ]
        : [];
    return {
      id: 'offset-centres',
      title: 'Between offset centres',
      blockers: [...swingBlockers(context), ...bored, ...plan.problems.slice(0, 1)],
      setting: length(part.throw, 0.01),
      settingLabel: 'Centre off the axis',
      travelError: 0.04,
      minutes: 35,
      notes: [
        throws.length > 1
          ? [`All ${throws.length} throws from one pair of marked-out ends, true to one another.`]
          : ['Worth it for long shafts and for several throws.'],
        ['Both ends drilled in one jig, or the throw winds round along its length.'],
        ...swingNotes(context),
      ],
    };
  },
};

const fixture: EccentricWay = {
  id: 'fixture',
  assess(context) {
    const { part, quantity } = context;
    return {
      id: 'fixture',
      title: part.bore === null ? 'Offset fixture' : 'Offset mandrel',
      blockers: swingBlockers(context),
      setting: length(part.throw, 0.01),
      settingLabel: 'Mandrel off the axis',
      travelError: 0.03,
      minutes: 90,
      notes: [
        part.bore === null
          ? ['A plate on the faceplate with the work’s seat bored off the axis.']
          : ['Bore first, then turn the outside on a mandrel with two pairs of centres.'],
        quantity > 4 ? ['Made once, it pays for itself on this many.'] : ['Hardly worth making for so few.'],
      ],
    };
  },
};

const ownStub: EccentricWay = {
  id: 'own-stub',
  assess(context) {
    const { part, lathe } = context;
    return {
      id: 'own-stub',
      title: 'On its own stub',
      blockers: [
        ...swingBlockers(context),
        ...chuckBlockers(
          'four-jaw',
          'four-jaw chuck',
          (part.hub?.diameter ?? part.diameter) / 2 + part.throw,
          context,
        ),
      ],
      setting: length(2 * part.throw, MICRON),
      settingLabel: 'Needle swings on the stub',
      travelError: Math.max(4 * lathe.indicator, 0.01),
      minutes: 30,
      notes: [
        [
          'Leave a stub on the bar, hold by it and dial the stub in; the eccentric is turned in the open and parted off last.',
        ],
        ...swingNotes(context),
      ],
    };
  },
};

export const ECCENTRIC_WAYS: readonly EccentricWay[] = [fourJaw, packing, centres, fixture, ownStub];

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
 */
export function compareEccentricWays(context: EccentricContext): {
  readonly assessments: readonly EccentricAssessment[];
  readonly recommended: EccentricAssessment | null;
} {
  const assessments = ECCENTRIC_WAYS.map((way) => {
    const found = way.assess(context);
    return { ...found, notes: [expected(found), ...found.notes] };
  });
  const works = assessments.filter((a) => a.blockers.length === 0);
  const first =
    context.throws.length > 1 ? 'offset-centres' : context.quantity >= RUN ? 'packing' : 'four-jaw';
  const truest = [...works].sort((a, b) => a.travelError - b.travelError || a.minutes - b.minutes)[0];
  return { assessments, recommended: works.find((a) => a.id === first) ?? truest ?? null };
}
