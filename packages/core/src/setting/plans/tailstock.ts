import { angle, length } from '../../phrase/figure';
import { tailstockSetOver } from '../../way/tailstockSetOver';
import type { Tailstock } from '../../lathe/lathe';
import type { SettingContext, SettingSchool, SettingStep, Station } from '../setting';
import { angleWorking, bandNote, toolHeightStep } from '../shared';
import { easyTravel, stationsAlong } from '../stations';

export const tailstockSetting: SettingSchool = {
  way: 'tailstock',
  device: 'tailstock',
  steps(context) {
    const stock = context.lathe.tailstock;
    return stock ? [offsetStep(context), sweepStep(context), toolHeightStep(context)] : [];
  },
  nudge(context, from) {
    const { task, lathe } = context;
    const change = task.workLength * (Math.sin(task.halfAngle) - Math.sin(from));
    return {
      amount: length(Math.abs(change), lathe.indicator),
      place: 'on the tailstock barrel',
      direction: towardOperator(context) === change > 0 ? 'toward you' : 'away from you',
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
};

/** Toward the operator makes the tailstock end small, since the tool cuts in front. */
const towardOperator = ({ task }: SettingContext): boolean => task.largeEnd === 'headstock';

function offsetStep(context: SettingContext): SettingStep {
  const { task, lathe } = context;
  const stock = lathe.tailstock as Tailstock;
  const { setOver, shopRule, difference } = tailstockSetOver(task);
  const stations = stationsAlong(task.workLength, 'slide', task, 1);
  return {
    id: 'offset',
    short: 'set over',
    title: ['Set the tailstock over ', towardOperator(context) ? 'toward you' : 'away from you'],
    detail: [
      'Indicator on the barrel, zeroed where a test bar runs parallel. The base scale reads to ',
      length(stock.division, stock.division),
      ' only. Clamp, then read again: clamping shifts it.',
    ],
    figures: [
      {
        label: 'Barrel moves',
        figure: length(setOver, lathe.indicator),
        after: towardOperator(context) ? 'toward you' : 'away from you',
      },
    ],
    sweep: { label: 'Barrel', travelAlong: 'slide', stations, onPart: false },
    bandNote: bandNote(context, stations.at(-1) as Station),
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

function sweepStep(context: SettingContext): SettingStep {
  const { task, lathe } = context;
  const travel = easyTravel(task.length, lathe.dial.units);
  const stations = stationsAlong(travel, 'axis', task);
  const last = stations.at(-1) as Station;
  return {
    id: 'sweep',
    short: 'sweep',
    title: ['Sweep the parallel blank over ', length(travel, lathe.dial.units === 'mm' ? 1 : 0.254)],
    detail: [
      'Indicator on the carriage at centre height, along the front of the turned blank between its centres.',
    ],
    figures: [
      { label: 'Indicator moves', figure: length(last.expected, lathe.indicator), after: 'on radius' },
    ],
    sweep: { label: 'Carriage', travelAlong: 'axis', stations, onPart: true },
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
