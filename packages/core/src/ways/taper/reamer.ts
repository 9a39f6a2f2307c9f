import { length, ratio } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import type { TaperReamer } from '../../kit/kit';
import { ratioOf } from '../../taper/solve';
import { NOTHING_IN_THE_WAY } from './inTheOrder';
import { setUpMinutes } from '../minutes';
import type { Way, WayContext } from './way';
import { boreNotes } from '../boreLimits';

const SHOWN = 0.1;
/** A reamer longer than the cone by this has fresh edge to spare for regrinding, mm. */
const SPARE = 5;

/** The reamer owned whose taper lies inside this cone's zone and reaches through it, or null. */
export function reamerFor({ task, kit }: Pick<WayContext, 'task' | 'kit'>): TaperReamer | null {
  const off = (reamer: TaperReamer): number => Math.abs(reamer.ratio - ratioOf(task.halfAngle)) * task.length;
  const fitting = (kit?.taperReamers ?? []).filter(
    (r) => off(r) <= task.tolerance.overLength && r.length >= task.length,
  );
  return [...fitting].sort((a, b) => off(a) - off(b))[0] ?? null;
}

export const reamerWay: Way = {
  id: 'reamer',
  title: 'Taper reamer after boring',
  name: 'reamer',
  device: null,
  adjusts: 'nothing',
  schools: ['ream'],
  feeds: 'reamer',
  betweenCentres: false,
  checkedBy: 'By its own taper, out by',
  usualMinutes: 10,
  order: NOTHING_IN_THE_WAY,
  reasons: [
    { rank: 100, applies: () => true, say: () => ['Step-bore it, then ream: nothing here generates it.'] },
  ],
  assess(context) {
    const { task, lathe } = context;
    const reamer = reamerFor(context);
    return {
      blockers: blockers(context, reamer),
      settingLabel: 'Reamer’s taper',
      setting: ratio(reamer?.ratio ?? ratioOf(task.halfAngle)),
      needLabel: 'Cutting length',
      needed: length(task.length, SHOWN),
      available: reamer ? length(reamer.length, SHOWN) : null,
      divisionError: null,
      errorByScale: null,
      errorByIndicator: reamer
        ? length(Math.abs(reamer.ratio - ratioOf(task.halfAngle)) * task.length, 0.001)
        : null,
      feed: reamer ? 'hand' : null,
      finish: ['Reamed: smooth if it is bored close first, fed slowly, and never turned back.'],
      minutes: setUpMinutes(reamerWay, lathe),
      notes: reamer ? notes(context, reamer) : [],
    };
  },
};

function blockers({ task }: WayContext, reamer: TaperReamer | null): Phrase[] {
  if (task.member === 'external') return [['A reamer cuts bores; this cone is outside.']];
  return reamer ? [] : [['No taper reamer of ', ratio(ratioOf(task.halfAngle)), ' this long is owned.']];
}

function notes(context: WayContext, reamer: TaperReamer): Phrase[] {
  const { task } = context;
  const found: Phrase[] = [
    [`${reamer.name}. Bore it first, and leave only what the reamer needs to clean up.`],
    ['Ground again it stands further in for the same size: try a plug, not the line on the shank.'],
    ...boreNotes(context),
  ];
  if (reamer.length < task.length + SPARE) {
    found.push(['It has only ', length(reamer.length - task.length, SHOWN), ' of edge to spare.']);
  }
  return found;
}
