import { angle, count, degrees, length, ratio } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { ratioOf } from '../../taper/solve';
import { attachmentBarShift } from '../../ways/attachmentBarShift';
import { attachmentCheck } from '../../ways/attachmentCheck';
import { barReading, SCALE_NAMES } from '../../ways/barScale';
import { compoundInfeed } from '../../ways/compoundInfeed';
import type { Attachment, Compound } from '../../machine/lathe';
import type { SettingContext, SettingDevice, SettingStep } from '../setting';
import { angleWorking } from '../shared';
import { toolHeightStep } from '../toolHeight';
import { USUAL_COMPOUND_DIVISION } from '../../machine/usual';

const DEGREE = Math.PI / 180;

export const attachmentDevice: SettingDevice = {
  nudge(context, from) {
    const bar = context.lathe.attachment as Attachment;
    const { shift } = attachmentBarShift({
      pivotLength: bar.pivotLength,
      fromHalfAngle: from,
      toHalfAngle: context.task.halfAngle,
    });
    const toward = towardOperator(context, bar, shift);
    return {
      move: { device: 'attachment', end: bar.indicatedEnd, toward: toward ? 'operator' : 'back' },
      amount: length(Math.abs(shift), context.lathe.indicator),
      place: `at the bar’s ${bar.indicatedEnd} end`,
      direction: toward ? 'toward you' : 'away from you',
      ...(bar.turnsPerDegree === undefined
        ? {}
        : { also: knob(bar.turnsPerDegree, context.task.halfAngle - from) }),
      working: [
        {
          tex: '#0\\,(\\tan #1 - \\tan #2) = #3',
          figures: [
            length(bar.pivotLength, 1),
            angle(context.task.halfAngle),
            angle(from),
            length(shift, 0.001, { signed: true }),
          ],
          note: ['bar’s end, from the pivot'],
        },
      ],
    };
  },
  byScale: (context) => (context.lathe.attachment ? [scaleStep(context, context.lathe.attachment)] : []),
  after(context) {
    const bar = context.lathe.attachment;
    if (!bar) return [];
    const { compound } = context.lathe;
    const infeed =
      bar.kind === 'telescopic' && compound?.feedAngle !== undefined
        ? [infeedStep(context, compound, compound.feedAngle)]
        : [];
    return [lockStep(context, bar), ...infeed, toolHeightStep(context)];
  },
};

/**
 * The bar lies behind the bed and the tool cuts in front. With the large end at the headstock the tool
 * must come toward the operator on its way there, so steeper means the bar's headstock end toward the
 * operator and its tailstock end away; a bore's tool cuts on the same side and follows the same rule.
 */
function towardOperator({ task }: SettingContext, bar: Attachment, shift: number): boolean {
  const sameEnd = bar.indicatedEnd === task.largeEnd;
  return shift > 0 === sameEnd;
}

function knob(turnsPerDegree: number, change: number): Phrase {
  return [
    'or ',
    count(Math.abs((change / DEGREE) * turnsPerDegree), 0.01),
    ' of a turn of the knob, ',
    change > 0 ? 'steeper' : 'shallower',
  ];
}

function scaleStep(context: SettingContext, bar: Attachment): SettingStep {
  const { task } = context;
  const read = barReading(bar.scale, task.halfAngle);
  const left = task.halfAngle - read.halfAngle;
  const leftOver = 2 * task.length * (Math.tan(task.halfAngle) - Math.tan(read.halfAngle));
  return {
    id: 'scale',
    short: 'bar scale',
    title: ['Set the bar to ', read.nearest, ' on its scale'],
    detail: [
      'The scale only brings it near: the indicator decides. Left over: ',
      angle(left),
      ' (',
      length(leftOver, 0.001, { signed: true }),
      ' on diameter).',
    ],
    figures: [
      {
        label: `Bar scale, ${SCALE_NAMES[bar.scale.unit]}`,
        figure: read.nearest,
        also: ['exactly ', read.exact, ', half angle ', angle(task.halfAngle)],
      },
    ],
    working: [
      angleWorking(context),
      {
        tex: '2\\tan #0 = #1',
        figures: [angle(task.halfAngle), ratio(ratioOf(task.halfAngle))],
        note: [
          'taper on diameter; taken as taper on radius it would cut twice as steep: ',
          length(task.length * ratioOf(task.halfAngle), 0.01),
          ' over this cone',
        ],
        confusion: true,
      },
    ],
  };
}

function lockStep({ task }: SettingContext, bar: Attachment): SettingStep {
  const flat = bar.lash > 0 ? attachmentCheck({ ...task, carriageTravel: 1, lash: bar.lash }).takeUp : 0;
  const figures: SettingStep['figures'] =
    flat > 0
      ? [{ label: 'A bumped handle leaves a flat of', figure: length(flat, 0.1), after: 'along the cone' }]
      : [];
  const working: SettingStep['working'] =
    flat > 0
      ? [
          {
            tex: '#0 / \\tan #1 = #2',
            figures: [length(bar.lash, 0.001), angle(task.halfAngle), length(flat, 0.1)],
            note: ['lash over the tangent: how far it runs parallel before the taper goes on'],
          },
        ]
      : [];
  return bar.kind === 'telescopic'
    ? {
        id: 'lock',
        short: 'lock screws',
        title: ['Snug the two lock screws'],
        detail: [
          'Finger-tight and no more: the telescopic screw must be able to slide. From here on feed with the compound; the cross-slide handle stays where it is.',
        ],
        figures,
        caution: 'A bumped cross-slide handle makes a flat in the taper: hang a tag on it.',
        working,
      }
    : {
        id: 'lock',
        short: 'free the screw',
        title: ['Free the cross-slide screw and clamp the bar’s link'],
        detail: ['The link carries the slide now. Feed with the compound.'],
        figures,
        caution:
          'With the screw freed the cross-slide can be pulled by the cut: clamp the link before the tool touches.',
        working,
      };
}

/** Infeeds a turner takes, on diameter, mm. */
const INFEEDS = [0.02, 0.05, 0.1, 0.2, 0.5];

/** Feeding with the compound where it stands: its dial is not the cross-slide's. */
function infeedStep(context: SettingContext, compound: Compound, feedAngle: number): SettingStep {
  const { lathe } = context;
  const resolution = compound.dialDivision ?? USUAL_COMPOUND_DIVISION;
  const onDial = (diameter: number): number =>
    compoundInfeed({ radial: diameter / 2, compoundAngle: feedAngle }).slideTravel;
  const example = 0.1;
  const { axial } = compoundInfeed({ radial: example / 2, compoundAngle: feedAngle });
  const square = Math.abs(feedAngle - Math.PI / 2) < 1e-6;
  const shown = (mm: number) => length(mm, resolution, { system: lathe.dial.units });
  return {
    id: 'infeed',
    short: 'infeed',
    title: ['Feed in with the compound, standing at ', degrees(feedAngle), ' to the axis'],
    detail: square
      ? ['Square to the bed it reads straight: its dial moves the tool by what it says, on radius.']
      : [
          'It feeds aslant: the dial moves more than the tool does, and the tool creeps ',
          length(Math.abs(axial), 0.001),
          ' along the bed for each ',
          length(example, 0.01),
          ' on diameter. Touch the shoulder again after a large infeed.',
        ],
    figures: [
      {
        label: 'Turn the compound',
        figure: shown(onDial(example)),
        after: 'on its dial',
        also: ['for each ', length(example, 0.01), ' off the diameter'],
      },
    ],
    table: {
      caption: 'Compound dial for an infeed',
      head: ['Off the diameter', 'Compound dial'],
      rows: INFEEDS.map((d) => [[length(d, 0.01)], [shown(onDial(d))]]),
    },
    working: [
      {
        tex: '\\tfrac{1}{2}\\,#0 / \\sin #1 = #2',
        figures: [length(example, 0.01), angle(feedAngle), length(onDial(example), 0.0001)],
        note: ['slide travel for a radial infeed'],
      },
    ],
  };
}
