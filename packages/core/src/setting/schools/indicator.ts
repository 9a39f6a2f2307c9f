import { angle, length } from '../../figure/figure';
import { attachmentCheck } from '../../ways/attachmentCheck';
import { compoundCheck } from '../../ways/compoundCheck';
import type { Attachment } from '../../machine/lathe';
import type { Way } from '../../ways/taper/way';
import { checkTravel } from '../devices/compound';
import type { SettingContext, SettingSchool, SettingStep, Station } from '../setting';
import { angleWorking, bandNote, climb, dialled } from '../shared';
import { easyTravel, stationsAlong } from '../stations';

/** Over a measured travel an indicator sees the angle itself. */
export const indicatorSchool: SettingSchool = {
  id: 'indicator',
  title: 'Indicator over a travel',
  what: 'run a measured travel and read the climb at stations',
  provedBy: 'by indicator, every station in band',
  blocked: () => null,
  steps: (way, context) => [sweepFor(way, context)],
};

/** The sweep that proves a way's setting by the climb it makes. */
export function sweepFor(way: Way, context: SettingContext): SettingStep {
  if (way.device === 'attachment') return barSweep(context, context.lathe.attachment as Attachment);
  return way.device === 'tailstock' ? blankSweep(context) : slideSweep(context);
}

function barSweep(context: SettingContext, bar: Attachment): SettingStep {
  const { task, lathe } = context;
  const travel = easyTravel(Math.min(task.length, bar.barTravel), lathe.dial.units);
  const check = attachmentCheck({ halfAngle: task.halfAngle, carriageTravel: travel, lash: bar.lash });
  const stations = stationsAlong(travel, 'axis', task);
  const start = Math.ceil(check.takeUp + 1);
  return {
    id: 'sweep',
    short: 'sweep',
    title: ['Run the carriage ', dialled(context, travel), ' and watch the cross-slide'],
    detail: [
      'Start ',
      dialled(context, start),
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
    sweep: climb(context, { label: 'Carriage', travelAlong: 'axis', stations }),
    proves: true,
    bandNote: bandNote(context, stations.at(-1) as Station),
    working: [angleWorking(context), ...carriageWorking(context, travel)],
  };
}

function carriageWorking({ task }: SettingContext, travel: number): SettingStep['working'] {
  const onBed = travel * Math.tan(task.halfAngle);
  const onSlide = compoundCheck({ halfAngle: task.halfAngle, slideTravel: travel }).radial;
  return [
    {
      tex: '#0 \\times \\tan #1 = #2',
      figures: [length(travel, 0.1), angle(task.halfAngle), length(onBed, 0.0001)],
      note: ['the carriage runs along the bed'],
    },
    {
      tex: '#0 \\times \\sin #1 = #2',
      figures: [length(travel, 0.1), angle(task.halfAngle), length(onSlide, 0.0001)],
      note: [
        'that is for the slide, not the bed: ',
        length(2 * (onBed - onSlide), 0.0001),
        ' on diameter if confused',
      ],
      confusion: true,
    },
  ];
}

/** The slide is what moves; its travel is read on its own dial, or along the bed by readout or rule. */
function slideSweep(context: SettingContext): SettingStep {
  const { task, lathe, measuredAlong = 'slide' } = context;
  const travel = checkTravel(context);
  const stations = stationsAlong(travel, measuredAlong, task);
  const last = stations.at(-1) as Station;
  const bySlide = travel * Math.sin(task.halfAngle);
  const byBed = travel * Math.tan(task.halfAngle);
  const onSlide = measuredAlong === 'slide';
  return {
    id: onSlide ? 'sweep' : 'sweep.bed',
    short: 'sweep',
    title: [
      'Run the slide ',
      dialled(context, travel),
      onSlide
        ? ' by its own dial and watch the indicator'
        : ' as measured along the bed, and watch the indicator',
    ],
    detail: [
      'Indicator against a bar or the tailstock barrel, proved parallel to the bed. Move the compound’s handle only, always the same way.',
    ],
    figures: [
      { label: 'Indicator moves', figure: length(last.expected, lathe.indicator), after: 'across the bed' },
    ],
    sweep: {
      ...climb(context, { label: onSlide ? 'Slide' : 'Along the bed', travelAlong: measuredAlong, stations }),
      eitherHandle: true,
    },
    proves: true,
    bandNote: bandNote(context, last),
    working: [
      angleWorking(context),
      {
        tex: onSlide ? '#0 \\times \\sin #1 = #2' : '#0 \\times \\tan #1 = #2',
        figures: [length(travel, 0.1), angle(task.halfAngle), length(last.expected, 0.0001)],
        note: [onSlide ? 'the slide runs along the cone' : 'the travel is measured along the bed'],
      },
      {
        tex: onSlide ? '#0 \\times \\tan #1 = #2' : '#0 \\times \\sin #1 = #2',
        figures: [length(travel, 0.1), angle(task.halfAngle), length(onSlide ? byBed : bySlide, 0.0001)],
        note: [
          onSlide ? 'that is for travel along the bed: ' : 'that is for the slide’s own dial: ',
          length(byBed - bySlide, 0.0001),
          ' across if confused',
        ],
        confusion: true,
      },
    ],
  };
}

function blankSweep(context: SettingContext): SettingStep {
  const { task, lathe } = context;
  const travel = easyTravel(task.length, lathe.dial.units);
  const stations = stationsAlong(travel, 'axis', task);
  const last = stations.at(-1) as Station;
  return {
    id: 'sweep',
    short: 'sweep',
    title: ['Sweep the parallel blank over ', dialled(context, travel)],
    detail: [
      'Indicator on the carriage at centre height, along the front of the turned blank or a test bar between its centres.',
    ],
    figures: [
      { label: 'Indicator moves', figure: length(last.expected, lathe.indicator), after: 'on radius' },
    ],
    sweep: climb(context, { label: 'Carriage', travelAlong: 'axis', stations }),
    proves: true,
    bandNote: bandNote(context, last),
    caution: 'Grease or anti-seize on a plain centre, and look at it often: set over it wears.',
    working: [
      angleWorking(context),
      {
        tex: '#0 \\times \\tan #1 = #2',
        figures: [length(travel, 0.1), angle(task.halfAngle), length(last.expected, 0.0001)],
        note: ['the carriage runs along the bed'],
      },
    ],
  };
}
