import { length, ratio } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import type { Master } from '../../kit/kit';
import { ratioOf } from '../../taper/solve';
import { handFinish } from '../finish';
import { NOTHING_IN_THE_WAY } from './inTheOrder';
import { SHORT_CONE } from './shortCone';
import { setUpMinutes } from '../minutes';
import type { Way, WayContext } from './way';
import { checkFigure, compoundTravelNeeded, slideShort } from './compound';

const SHOWN = 0.1;

/** The masters owned whose taper lies inside this cone's zone, longest first. */
export function mastersFor({ task, kit }: Pick<WayContext, 'task' | 'kit'>): Master[] {
  return (kit?.masters ?? [])
    .filter((m) => Math.abs(m.ratio - ratioOf(task.halfAngle)) * task.length <= task.tolerance.overLength)
    .sort((a, b) => b.length - a.length);
}

export const copyMasterWay: Way = {
  id: 'copy-master',
  title: 'Swing and copy a master',
  name: 'compound, from a master',
  device: 'compound',
  adjusts: 'compound',
  schools: ['master'],
  feeds: 'compound',
  betweenCentres: false,
  checkedBy: 'With an indicator',
  usualMinutes: 15,
  order: NOTHING_IN_THE_WAY,
  reasons: [
    {
      rank: 20,
      applies: ({ task }) => task.length <= SHORT_CONE,
      say: () => ['A master of this taper is here: copied to stillness, no scale or sum can mislead.'],
    },
    {
      rank: 70,
      applies: () => true,
      say: () => ['It reaches, and copying the master proves the angle in the same setting.'],
    },
  ],
  short: slideShort,
  assess(context) {
    const { task, lathe } = context;
    const master = mastersFor(context)[0] ?? null;
    const slide = lathe.compound;
    const needed = compoundTravelNeeded(task.length, task.halfAngle);
    return {
      blockers: blockers(context, master, needed),
      settingLabel: 'Master’s taper',
      setting: ratio(master?.ratio ?? ratioOf(task.halfAngle)),
      needLabel: 'Slide travel',
      needed: length(needed, SHOWN),
      available: slide ? length(slide.travel, SHOWN) : null,
      divisionError: null,
      errorByScale: null,
      errorByIndicator: master ? checkFigure(context, Math.min(master.length, slide?.travel ?? 0)) : null,
      feed: slide ? 'hand' : null,
      finish: handFinish(context),
      minutes: setUpMinutes(copyMasterWay, lathe),
      notes: master ? notes(master) : [],
    };
  },
};

function blockers({ task, lathe }: WayContext, master: Master | null, needed: number): Phrase[] {
  const found: Phrase[] = [];
  if (!master) found.push(['No master of ', ratio(ratioOf(task.halfAngle)), ' is among the things owned.']);
  if (!lathe.compound) found.push([`${lathe.name} has no compound slide.`]);
  else if (needed > lathe.compound.travel)
    found.push(['The slide is ', length(needed - lathe.compound.travel, SHOWN), ' short of the cone.']);
  return found;
}

function notes(master: Master): Phrase[] {
  return [
    [
      master.provedOn
        ? `${master.name}, proved ${master.provedOn.slice(0, 10)}. Sweep it true first all the same.`
        : `${master.name} has never been proved here: clock it true at both ends, and blue it.`,
    ],
  ];
}
