import { angle, length, ratio } from '../../phrase/figure';
import { snap } from '../../quantity/round';
import { ratioOf } from '../../taper/solve';
import { attachmentBarShift } from '../../way/attachmentBarShift';
import { attachmentCheck } from '../../way/attachmentCheck';
import { compoundCheck } from '../../way/compoundCheck';
import type { Attachment } from '../../lathe/lathe';
import type { SettingContext, SettingSchool, SettingStep, Station } from '../setting';
import { angleWorking, bandNote, toolHeightStep } from '../shared';
import { easyTravel, stationsAlong } from '../stations';

export const attachmentSetting: SettingSchool = {
  way: 'attachment',
  device: 'attachment',
  steps(context) {
    const bar = context.lathe.attachment;
    return bar
      ? [scaleStep(context, bar), sweepStep(context, bar), lockStep(bar), toolHeightStep(context)]
      : [];
  },
  nudge(context, from) {
    const bar = context.lathe.attachment as Attachment;
    const { shift } = attachmentBarShift({
      pivotLength: bar.pivotLength,
      fromHalfAngle: from,
      toHalfAngle: context.task.halfAngle,
    });
    return {
      amount: length(Math.abs(shift), context.lathe.indicator),
      place: `at the bar’s ${bar.indicatedEnd} end`,
      direction: towardOperator(context, bar, shift) ? 'toward you' : 'away from you',
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

function scaleStep(context: SettingContext, bar: Attachment): SettingStep {
  const { task } = context;
  const left = task.halfAngle - snap(task.halfAngle, bar.division);
  return {
    id: 'scale',
    short: 'bar scale',
    title: ['Set the bar to ', angle(task.halfAngle, bar.division), ' on its scale'],
    detail: [
      'The scale only brings it near: the indicator decides. Left over: ',
      angle(left),
      ' (',
      length(2 * task.length * (Math.tan(task.halfAngle) - Math.tan(task.halfAngle - left)), 0.001, {
        signed: true,
      }),
      ' on diameter).',
    ],
    figures: [
      {
        label: 'Bar scale',
        figure: angle(task.halfAngle, bar.division),
        also: ['exactly ', angle(task.halfAngle), ', ratio ', ratio(ratioOf(task.halfAngle))],
      },
    ],
    working: [angleWorking(context)],
  };
}

function sweepStep(context: SettingContext, bar: Attachment): SettingStep {
  const { task, lathe } = context;
  const travel = easyTravel(Math.min(task.length, bar.barTravel), lathe.dial.units);
  const check = attachmentCheck({ halfAngle: task.halfAngle, carriageTravel: travel, lash: bar.lash });
  const stations = stationsAlong(travel, 'axis', task);
  const start = Math.ceil(check.takeUp + 1);
  return {
    id: 'sweep',
    short: 'sweep',
    title: ['Run the carriage ', length(travel, travelShown(lathe)), ' and watch the cross-slide'],
    detail: [
      'Start ',
      length(start, 1),
      ' past the end so the bar’s lash is gone before you zero. Leave the cross-slide handle alone.',
    ],
    figures: [
      {
        label: 'Cross-slide moves',
        figure: length(check.radial, lathe.indicator),
        after: 'on radius',
        also: [length(check.diametral, lathe.indicator), ' if the readout shows diameter'],
      },
    ],
    sweep: { label: 'Carriage', travelAlong: 'axis', stations, onPart: true },
    bandNote: bandNote(context, stations.at(-1) as Station),
    working: [angleWorking(context), ...travelWorking(context, travel, check.radial)],
  };
}

function travelWorking({ task }: SettingContext, travel: number, radial: number): SettingStep['working'] {
  const slide = compoundCheck({ halfAngle: task.halfAngle, slideTravel: travel }).radial;
  return [
    {
      tex: '#0 \\times \\tan #1 = #2',
      figures: [length(travel, 0.1), angle(task.halfAngle), length(radial, 0.0001)],
      note: ['the carriage runs along the bed'],
    },
    {
      tex: '#0 \\times \\sin #1 = #2',
      figures: [length(travel, 0.1), angle(task.halfAngle), length(slide, 0.0001)],
      note: [
        'that is for the slide, not the bed: ',
        length(2 * (radial - slide), 0.0001),
        ' on diameter if confused',
      ],
      confusion: true,
    },
  ];
}

const travelShown = (lathe: SettingContext['lathe']): number => (lathe.dial.units === 'mm' ? 1 : 0.254);

function lockStep(bar: Attachment): SettingStep {
  return bar.kind === 'telescopic'
    ? {
        id: 'lock',
        short: 'lock screws',
        title: ['Snug the two lock screws'],
        detail: [
          'Finger-tight and no more: the telescopic screw must be able to slide. From here on feed with the compound; the cross-slide handle stays where it is.',
        ],
        figures: [],
        caution: 'A bumped cross-slide handle makes a flat in the taper: hang a tag on it.',
        working: [],
      }
    : {
        id: 'lock',
        short: 'free the screw',
        title: ['Free the cross-slide screw and clamp the bar’s link'],
        detail: ['The link carries the slide now. Feed with the compound.'],
        figures: [],
        caution:
          'With the screw freed the cross-slide can be pulled by the cut: clamp the link before the tool touches.',
        working: [],
      };
}
