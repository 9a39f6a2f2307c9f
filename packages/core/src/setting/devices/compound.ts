import { angle, length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { compoundCheck } from '../../ways/compoundCheck';
import { compoundScale, READ_BETWEEN } from '../../ways/taper/compound';
import type { Compound } from '../../machine/lathe';
import type { SettingContext, SettingDevice, SettingStep, StepTable } from '../setting';
import { angleWorking } from '../shared';
import { easyTravel } from '../stations';
import { toolHeightStep } from '../toolHeight';

export const compoundDevice: SettingDevice = {
  nudge({ task, lathe }, from, checkTravel) {
    const now =
      compoundCheck({ halfAngle: Math.abs(from), slideTravel: checkTravel }).radial * Math.sign(from || 1);
    const wanted = compoundCheck({ halfAngle: task.halfAngle, slideTravel: checkTravel }).radial;
    return {
      move: { device: 'compound', largeEnd: task.largeEnd, steeper: wanted > now },
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
  byScale: (context) => (context.lathe.compound ? [swingStep(context, context.lathe.compound)] : []),
  after: (context) => [toolHeightStep(context)],
};

/** Travel an indicator check is made over: the cone's slope, or what the slide has. */
export const checkTravel = ({ task, lathe }: SettingContext): number =>
  easyTravel(
    Math.min(lathe.compound?.travel ?? Infinity, task.length / Math.cos(task.halfAngle)),
    lathe.dial.units,
  );

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
    drawing: {
      kind: 'swing',
      halfAngle: task.halfAngle,
      largeEnd: task.largeEnd,
      member: task.member,
      zero: slide.zero,
    },
    table: tapTable(context),
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

/** Steps of the indicator a tap is judged by. */
const TAPS = [1, 2, 5, 10, 20];

/** What a tap that moves the needle by so much is worth, as angle and over the part. */
function tapTable(context: SettingContext): StepTable {
  const { task, lathe } = context;
  const travel = checkTravel(context);
  const step = Math.max(lathe.indicator, 0.002);
  return {
    caption: 'What a tap is worth',
    head: ['Needle moves', 'The angle', 'On diameter here'],
    rows: TAPS.map((n) => {
      const moved = n * step;
      const sine = Math.min(1, Math.sin(task.halfAngle) + moved / travel);
      const became = Math.asin(sine);
      const row: Phrase[] = [
        [length(moved, lathe.indicator)],
        [angle(became - task.halfAngle)],
        [length(2 * task.length * (Math.tan(became) - Math.tan(task.halfAngle)), 0.001)],
      ];
      return row;
    }),
  };
}
