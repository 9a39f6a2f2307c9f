import { angle, length } from '../../figure/figure';
import type { Master } from '../../kit/kit';
import type { Phrase } from '../../figure/phrase';
import { ratioOf } from '../../taper/solve';
import { mastersFor } from '../../ways/taper/copyMaster';
import type { Way } from '../../ways/taper/way';
import type { SettingContext, SettingSchool, SettingStep } from '../setting';
import { angleWorking, dialled } from '../shared';
import { easyTravel, stationsAlong, withinOf } from '../stations';

/** Places the two truth readings are taken, as parts of the master's cone. */
const NEAR = 0.1;
const FAR = 0.9;

/** A good master of the same taper, clocked along its side until the needle stays still. */
export const masterSchool: SettingSchool = {
  id: 'master',
  title: 'Copy a master',
  what: 'clock a good plug, reamer or shank end to end until the needle stays still',
  provedBy: 'copied from a master to stillness',
  blocked: (_, context) =>
    mastersFor(context).length > 0
      ? null
      : ['No master of this taper is among the things owned. Add it under Machines and kit.'],
  steps(way, context) {
    const master = mastersFor(context)[0];
    return master ? [truthStep(context, master), stillStep(way, context, master)] : [];
  },
};

/** Travel both the master and the part give. */
const span = ({ task, lathe }: SettingContext, master: Master): number =>
  easyTravel(Math.min(task.length, master.length) * FAR, lathe.dial.units);

function truthStep(context: SettingContext, master: Master): SettingStep {
  const { task, lathe } = context;
  const near = master.length * NEAR;
  const far = master.length * FAR;
  // Half of each runout is that end's offset; the two at their worst tilt the master by their sum over the distance.
  const allowed = Math.max(lathe.indicator, (far - near) * task.tolerance.halfAngle);
  return {
    id: 'truth',
    uses: [master.name],
    short: 'master true',
    title: [`Clock ${master.name} for running true at both ends`],
    detail: [
      'Turn the spindle by hand and note the whole swing of the needle near the large end, then near the small end. A chattered or bruised master looks fine and misleads. ',
      proved(master),
    ],
    figures: [{ label: 'Each end within', figure: length(allowed, lathe.indicator), after: 'whole swing' }],
    sweep: {
      label: 'From its large end',
      travelAlong: 'axis',
      stations: withinOf([near, far], allowed),
      onPart: true,
      reads: 'runout',
      resolution: lathe.indicator,
    },
    bandNote: ['more would tilt it past the band of this part'],
    caution: 'Spindle out of gear and turned by hand while the indicator is on the master.',
    working: [
      {
        tex: '(#0 - #1) \\times \\beta = #2',
        figures: [length(far, 0.1), length(near, 0.1), length(allowed, 0.0001)],
        note: [
          'β is the half-angle band, ',
          angle(task.tolerance.halfAngle),
          '; the two swings at their worst add',
        ],
      },
    ],
  };
}

const proved = (master: Master): string =>
  master.provedOn ? `Last proved ${master.provedOn.slice(0, 10)}.` : 'Never proved here.';

function stillStep(way: Way, context: SettingContext, master: Master): SettingStep {
  const { task, lathe } = context;
  const travel = span(context, master);
  const along = way.device === 'attachment' ? 'axis' : 'slide';
  const off = (master.ratio - ratioOf(task.halfAngle)) * travel;
  return {
    id: 'master.sweep',
    uses: [master.name],
    short: 'flat sweep',
    title: [
      along === 'slide' ? 'Run the slide ' : 'Run the carriage ',
      dialled(context, travel),
      ` along ${master.name}: the needle must stay still`,
    ],
    detail: contactAdvice(context),
    figures: [{ label: 'Needle moves', figure: length(0, lathe.indicator), after: 'from end to end' }],
    sweep: {
      label: along === 'slide' ? 'Slide' : 'Carriage',
      travelAlong: along,
      stations: stationsAlong(travel, along, task, undefined, 'still'),
      onPart: true,
      reads: 'still',
      resolution: lathe.indicator,
    },
    proves: true,
    bandNote:
      Math.abs(off) > lathe.indicator / 2
        ? ['the master’s own table figure differs by ', length(off, 0.001, { signed: true }), ' over this']
        : ['cone within ', length(task.tolerance.overLength, 0.001), ' over its length'],
    working: [
      angleWorking(context),
      {
        tex: '#0\\,(\\tan\\alpha - \\tan #1) = 0',
        figures: [length(travel, 0.1), angle(task.halfAngle)],
        note: ['no sum to get wrong: what is left is the error itself. Plus is steeper than the master.'],
      },
      {
        tex: '2 \\times #0 = #1',
        figures: [length(lathe.indicator, lathe.indicator), length(2 * lathe.indicator, lathe.indicator)],
        note: ['one step of the needle is on radius; on diameter it is twice that'],
        confusion: true,
      },
    ],
  };
}

/** A flat foot on a slope creeps, and pushed along it can unscrew. */
function contactAdvice({ task }: SettingContext): Phrase {
  const steep = task.halfAngle > 0.1;
  return [
    'Ball or pointed contact, exactly at centre height, along the top line of the cone. ',
    steep
      ? 'On a slope this steep a flat foot climbs on its edge and reads short: never use one. '
      : 'A flat foot creeps on a slope and can unscrew. ',
    'Zero at one end; always come to a station the same way. Plus is steeper than the master.',
  ];
}
