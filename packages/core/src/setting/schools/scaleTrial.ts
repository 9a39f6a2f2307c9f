import { angle, length } from '../../figure/figure';
import { finest } from '../../kit/instrument';
import { ratioOf } from '../../taper/solve';
import type { SettingContext, SettingSchool, SettingStep, Station } from '../setting';
import { angleWorking, dialled } from '../shared';
import { easyTravel, stationsAlong } from '../stations';
import { USUAL_MICROMETER } from '../../kit/usual';

/** The trial is measured short of the cone's ends, where the micrometer can still stand. */
const OF_CONE = 0.9;

/** Set by the scale, cut a trial, measure two diameters, correct by what they say. */
export const scaleTrialSchool: SettingSchool = {
  id: 'scale-trial',
  title: 'Scale and trial cut',
  what: 'set by the scale, cut while there is stock, measure two diameters',
  provedBy: 'by a trial cut measured at two places',
  blocked: () => null,
  steps: (_, context) => [trialStep(context)],
};

function trialStep(context: SettingContext): SettingStep {
  const { task, lathe, kit } = context;
  const apart = easyTravel(task.length * OF_CONE, lathe.dial.units);
  const inside = task.member === 'internal';
  const instrument = finest(kit?.instruments ?? [], inside ? 'inside' : 'micrometer', task.largeDiameter);
  const resolution = instrument?.resolution ?? USUAL_MICROMETER.resolution;
  const stations = stationsAlong(apart, 'axis', task, 1, 'diameter');
  const station = stations[0] as Station;
  const tells = (Math.SQRT2 * (instrument?.uncertainty ?? resolution)) / apart / 2;
  return {
    id: 'trial',
    short: 'trial cut',
    title: ['Cut a trial and measure two diameters ', dialled(context, apart), ' apart'],
    detail: [
      inside
        ? 'While there is still stock: measure the bore at its mouth and that much deeper, and type the difference. '
        : 'While there is still stock: scribe two lines that far apart along the cone, measure at each, and type the difference. ',
      instrument
        ? `With the ${instrument.name}.`
        : `With ${inside ? 'an inside gauge' : 'a micrometer'} square to the axis.`,
    ],
    figures: [
      {
        label: 'They should differ by',
        figure: length(station.expected, resolution),
        after: 'on diameter',
        also: [length(station.expected / 2, resolution), ' on radius'],
      },
    ],
    sweep: { label: 'Apart', travelAlong: 'axis', stations, onPart: true, reads: 'diameter', resolution },
    proves: true,
    bandNote:
      tells > task.tolerance.halfAngle
        ? [
            'this instrument tells only ±',
            angle(tells),
            '; the part allows ±',
            angle(task.tolerance.halfAngle),
            ': finish in the mate',
          ]
        : ['cone within ', length(task.tolerance.overLength, 0.001), ' over its length'],
    caution: 'Stop the spindle before measuring.',
    working: [
      angleWorking(context),
      {
        tex: '#0 \\times 2\\tan #1 = #2',
        figures: [length(apart, 0.1), angle(task.halfAngle), length(station.expected, 0.0001)],
        note: ['difference of diameters'],
      },
      {
        tex: '#0 \\times \\tan #1 = #2',
        figures: [length(apart, 0.1), angle(task.halfAngle), length(station.expected / 2, 0.0001)],
        note: [
          'that is on radius: taken for the diameter it makes a taper of ',
          length(apart * ratioOf(task.halfAngle) * 2, 0.01),
        ],
        confusion: true,
      },
    ],
  };
}
