import { length } from '../../figure/figure';
import { blankLengthError } from '../../ways/taper/tailstock';
import type { SettingContext, SettingSchool, SettingStep, Station } from '../setting';
import { angleWorking, bandNote, dialled } from '../shared';
import { easyTravel, stationsAlong } from '../stations';

/** Countersink that suits a centre in work of this size, mm across: a quarter of the small end, within the drills made. */
const OF_SMALL_END = 0.25;
const SMALLEST = 3;
const LARGEST = 12;
/** The 60° centre: a countersink wider by 1 stands 0.866 deeper on the point. */
const CENTRE_HALF_ANGLE = Math.PI / 6;

/** Centre hole for a diameter: across the countersink, and its depth to where the cone would come to a point. */
export function centreHole(smallest: number): { diameter: number; depth: number; deeperPerWider: number } {
  const diameter = Math.min(LARGEST, Math.max(SMALLEST, OF_SMALL_END * smallest));
  const deeperPerWider = 1 / (2 * Math.tan(CENTRE_HALF_ANGLE));
  return { diameter, depth: diameter * deeperPerWider, deeperPerWider };
}

/** A gauge of the blank's own length, with the taper on it, between the same centres: swept still, it is set. */
export const settingGaugeSchool: SettingSchool = {
  id: 'setting-gauge',
  title: 'Setting gauge',
  what: 'a proved piece of the blank’s own length between the centres, swept until still',
  provedBy: 'by a setting gauge swept to stillness',
  blocked: () => null,
  steps: (_, context) => [gaugeStep(context), stillStep(context)],
};

function gaugeStep(context: SettingContext): SettingStep {
  const { task } = context;
  const hole = centreHole(task.smallDiameter);
  const wider = 0.1;
  const shorter = 2 * wider * hole.deeperPerWider;
  return {
    id: 'gauge',
    short: 'gauge',
    title: ['Make or find a gauge of the blank’s own length'],
    detail: [
      'From a good master of this taper or the last proved piece: the same length between the centre contacts, the same countersinks. Every countersink ',
      length(wider, 0.1),
      ' wider shortens the blank by ',
      length(shorter, 0.01),
      ' between centres, and that costs ',
      length(Math.abs(blankLengthError(task.workLength, task.halfAngle, task.length, -shorter)), 0.0001),
      ' on diameter.',
    ],
    figures: [
      { label: 'Between the centre contacts', figure: length(task.workLength, 0.01) },
      {
        label: 'Countersinks across',
        figure: length(hole.diameter, 0.01),
        also: ['depth to the point ', length(hole.depth, 0.01)],
      },
    ],
    drawing: {
      kind: 'gauge',
      length: task.workLength,
      taperLength: task.length,
      largeDiameter: task.largeDiameter,
      smallDiameter: task.smallDiameter,
      largeEnd: task.largeEnd,
      centreDiameter: hole.diameter,
      centreDepth: hole.depth,
    },
    working: [
      angleWorking(context),
      {
        tex: '#0 / (2\\tan 30^\\circ) = #1',
        figures: [length(hole.diameter, 0.01), length(hole.depth, 0.01)],
        note: ['depth of a 60° centre to its point'],
      },
    ],
  };
}

function stillStep(context: SettingContext): SettingStep {
  const { task, lathe } = context;
  const travel = easyTravel(task.length, lathe.dial.units);
  const stations = stationsAlong(travel, 'axis', task, undefined, 'still');
  return {
    id: 'gauge.sweep',
    short: 'flat sweep',
    title: [
      'Sweep the gauge over ',
      dialled(context, travel),
      ': move the tailstock until the needle stays still',
    ],
    detail: [
      'Gauge between the centres, indicator on the carriage at centre height, zero at the large end. Clamp, then sweep again: clamping shifts it. Plus is steeper than the gauge.',
    ],
    figures: [{ label: 'Needle moves', figure: length(0, lathe.indicator), after: 'from end to end' }],
    sweep: {
      label: 'Carriage',
      travelAlong: 'axis',
      stations,
      onPart: true,
      reads: 'still',
      resolution: lathe.indicator,
    },
    proves: true,
    bandNote: bandNote(context, stations.at(-1) as Station),
    caution: 'Grease or anti-seize on a plain centre, and look at it often: set over it wears.',
    working: [
      angleWorking(context),
      {
        tex: '2 \\times #0 = #1',
        figures: [length(lathe.indicator, lathe.indicator), length(2 * lathe.indicator, lathe.indicator)],
        note: ['one step of the needle is on radius; on diameter it is twice that'],
        confusion: true,
      },
    ],
  };
}
