import { angle, length } from '../../phrase/figure';
import { attachmentCheck } from '../../way/attachmentCheck';
import { compoundCheck } from '../../way/compoundCheck';
import { compoundScale } from '../../way/ways/compound';
import type { Compound } from '../../lathe/lathe';
import type { SettingContext, SettingSchool, SettingStep, Station } from '../setting';
import { angleWorking, bandNote, toolHeightStep } from '../shared';
import { easyTravel, stationsAlong } from '../stations';

/** A plain degree scale is set to about a quarter between its marks. */
const READ_BETWEEN = 1 / 4;

export const compoundSetting: SettingSchool = {
  way: 'compound',
  device: 'compound',
  steps(context) {
    const slide = context.lathe.compound;
    return slide ? [swingStep(context, slide), sweepStep(context, slide), toolHeightStep(context)] : [];
  },
  nudge({ task, lathe }, from, checkTravel) {
    const now =
      compoundCheck({ halfAngle: Math.abs(from), slideTravel: checkTravel }).radial * Math.sign(from || 1);
    const wanted = compoundCheck({ halfAngle: task.halfAngle, slideTravel: checkTravel }).radial;
    return {
      amount: length(Math.abs(wanted - now), lathe.indicator),
      place: 'more or less over the same travel',
      direction:
        wanted > now ? 'tap it round, further from the bed line' : 'tap it back, nearer the bed line',
      working: [
        {
          tex: '#0\\,(\\sin #1 - \\sin #2) = #3',
          figures: [
            length(checkTravel, 0.1),
            angle(task.halfAngle),
            angle(from),
            length(wanted - now, 0.001, { signed: true }),
          ],
          note: ['how much the indicator must change over the check travel'],
        },
      ],
    };
  },
};

function swingStep(context: SettingContext, slide: Compound): SettingStep {
  const { task } = context;
  const shown = compoundScale(task.halfAngle, slide.zero);
  const between = slide.division * READ_BETWEEN;
  const wrong = compoundScale(2 * task.halfAngle, slide.zero);
  return {
    id: 'swing',
    short: 'swing',
    title: ['Swing the compound to ', angle(shown, between)],
    detail: [
      task.largeEnd === 'headstock'
        ? 'Swing it so that the tool comes out toward you as the slide runs to the headstock. '
        : 'Swing it so that the tool comes out toward you as the slide runs to the tailstock. ',
      'The scale only brings it near: the indicator decides.',
    ],
    figures: [
      {
        label: 'Compound scale',
        figure: angle(shown, between),
        also: [
          slide.zero === 'across' ? 'its zero lies across the bed; half angle ' : 'half angle exactly ',
          angle(task.halfAngle),
        ],
      },
    ],
    caution: 'Drill and tap from the tailstock before the compound is swung into its way.',
    working: [
      angleWorking(context),
      {
        tex: '2 \\times #0 = #1',
        figures: [angle(task.halfAngle), angle(2 * task.halfAngle)],
        note: [
          'the included angle; on this scale that would read ',
          angle(wrong),
          ' and cut twice the taper',
        ],
        confusion: true,
      },
    ],
  };
}

function sweepStep(context: SettingContext, slide: Compound): SettingStep {
  const { task, lathe } = context;
  const travel = easyTravel(Math.min(slide.travel, task.length / Math.cos(task.halfAngle)), lathe.dial.units);
  const { radial } = compoundCheck({ halfAngle: task.halfAngle, slideTravel: travel });
  const onBed = attachmentCheck({ halfAngle: task.halfAngle, carriageTravel: travel, lash: 0 }).radial;
  const stations = stationsAlong(travel, 'slide', task);
  return {
    id: 'sweep',
    short: 'sweep',
    title: [
      'Run the slide ',
      length(travel, lathe.dial.units === 'mm' ? 1 : 0.254),
      ' and watch the indicator',
    ],
    detail: [
      'Indicator against a bar or the tailstock barrel, proved parallel to the bed. Move the compound’s handle only, always the same way.',
    ],
    figures: [{ label: 'Indicator moves', figure: length(radial, lathe.indicator), after: 'across the bed' }],
    sweep: { label: 'Slide', travelAlong: 'slide', stations, onPart: true },
    bandNote: bandNote(context, stations.at(-1) as Station),
    working: [
      angleWorking(context),
      {
        tex: '#0 \\times \\sin #1 = #2',
        figures: [length(travel, 0.1), angle(task.halfAngle), length(radial, 0.0001)],
        note: ['the slide runs along the cone'],
      },
      {
        tex: '#0 \\times \\tan #1 = #2',
        figures: [length(travel, 0.1), angle(task.halfAngle), length(onBed, 0.0001)],
        note: ['that is for the carriage: ', length(onBed - radial, 0.0001), ' across if confused'],
        confusion: true,
      },
    ],
  };
}
