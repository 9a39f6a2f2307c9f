import { angle, length } from '../../figure/figure';
import { tailstockSetOver } from '../../ways/tailstockSetOver';
import { PLAIN_CENTRE_LIMIT } from '../../ways/taper/tailstock';
import type { SettingContext, SettingDevice, SettingStep, Station } from '../setting';
import { angleWorking, bandNote, climb } from '../shared';
import { stationsAlong, withinOf } from '../stations';
import { toolHeightStep } from '../toolHeight';

export const tailstockDevice: SettingDevice = {
  nudge(context, from) {
    const { task, lathe } = context;
    const change = task.workLength * (Math.sin(task.halfAngle) - Math.sin(from));
    const toward = towardOperator(context) === change > 0;
    return {
      move: { device: 'tailstock', toward: toward ? 'operator' : 'back' },
      amount: length(Math.abs(change), lathe.indicator),
      place: 'on the tailstock barrel',
      direction: toward ? 'toward you' : 'away from you',
      working: [
        {
          tex: '#0\\,(\\sin #1 - \\sin #2) = #3',
          figures: [
            length(task.workLength, 0.1),
            angle(task.halfAngle),
            angle(from),
            length(change, 0.001, { signed: true }),
          ],
          note: ['change of set-over'],
        },
      ],
    };
  },
  byScale: (context) => (context.lathe.tailstock ? [offsetStep(context)] : []),
  after: (context) => [toolHeightStep(context), homeStep(context)],
};

/** Toward the operator makes the tailstock end small, since the tool cuts in front. */
export const towardOperator = ({ task }: SettingContext): boolean => task.largeEnd === 'headstock';
const where = (context: SettingContext): string => (towardOperator(context) ? 'toward you' : 'away from you');

function offsetStep(context: SettingContext): SettingStep {
  const { task, lathe } = context;
  const division = lathe.tailstock?.division ?? lathe.indicator;
  const { setOver, shopRule, difference } = tailstockSetOver(task);
  const stations = stationsAlong(task.workLength, 'slide', task, 1);
  const much = setOver > task.workLength * PLAIN_CENTRE_LIMIT;
  return {
    id: 'offset',
    short: 'set over',
    title: ['Set the tailstock over ', where(context)],
    detail: [
      'Indicator on the barrel, zeroed before it moves; the tailstock scale reads ',
      length(division, division),
      ' only. Clamp, then read again: clamping shifts it.',
    ],
    figures: [{ label: 'Barrel moves', figure: length(setOver, lathe.indicator), after: where(context) }],
    sweep: climb(context, { label: 'Barrel', travelAlong: 'slide', stations, onPart: false }),
    bandNote: bandNote(context, stations.at(-1) as Station),
    ...(much
      ? { caution: 'Set over this much, plain centres bear on one edge: use ball centres at both ends.' }
      : {}),
    working: [
      angleWorking(context),
      {
        tex: '#0 \\times \\sin #1 = #2',
        figures: [length(task.workLength, 0.1), angle(task.halfAngle), length(setOver, 0.0001)],
        note: ['length between centre contacts'],
      },
      {
        tex: '#0 \\times \\tan #1 = #2',
        figures: [length(task.workLength, 0.1), angle(task.halfAngle), length(shopRule, 0.0001)],
        note: ['the shop rule: ', length(difference, 0.0001), ' more'],
        confusion: true,
      },
    ],
  };
}

/** A lathe turning this parallel over a test bar's length is back at zero, mm. */
const HOME = 0.005;
const TEST_BAR = 200;

/** After the work: back to zero, proved on a test bar and not on the scale. */
function homeStep(context: SettingContext): SettingStep {
  const { lathe, task } = context;
  const { setOver } = tailstockSetOver(task);
  const bar = Math.min(TEST_BAR, Math.floor(lathe.centreDistance / 2));
  return {
    id: 'home',
    short: 'back to zero',
    title: ['Afterwards: bring the tailstock back and prove it'],
    detail: [
      'Bring the barrel back by the indicator, then clock a parallel test bar between centres at both ends along its front. The scale’s zero is not proof.',
    ],
    figures: [
      {
        label: 'Barrel goes back',
        figure: length(setOver, lathe.indicator),
        after: towardOperator(context) ? 'away from you' : 'toward you',
      },
    ],
    sweep: {
      label: 'Test bar',
      travelAlong: 'axis',
      stations: withinOf([bar], HOME),
      onPart: false,
      reads: 'runout',
      resolution: lathe.indicator,
    },
    bandNote: ['the same at both ends, over ', length(bar, 1)],
    later: true,
    working: [],
  };
}
