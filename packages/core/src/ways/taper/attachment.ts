import { angle, length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { attachmentCheck } from '../attachmentCheck';
import { barReading } from '../barScale';
import { boreBlockers, boreNotes } from '../boreLimits';
import { powerFinish } from '../finish';
import { setUpMinutes } from '../minutes';
import { stillSetNotes } from '../stillSetNotes';
import { CLEARANCE, type Way, type WayContext } from '../way';
import { checkFigure, errorFigure } from './compound';

const SHOWN = 0.1;
/** A finely divided scale is set to the nearest mark, so it is out by half a division at most. */
const NEAREST_MARK = 1 / 2;

/** Carriage travel needed: the cone, the lash to take up, and room before and after. */
export function attachmentTravelNeeded(taperLength: number, halfAngle: number, lash: number): number {
  const { takeUp } = attachmentCheck({ halfAngle, carriageTravel: taperLength, lash });
  return taperLength + takeUp + 2 * CLEARANCE;
}

export const attachmentWay: Way = {
  id: 'attachment',
  title: 'Taper attachment',
  assess(context) {
    const { task, lathe } = context;
    const bar = lathe.attachment;
    const needed = attachmentTravelNeeded(task.length, task.halfAngle, bar?.lash ?? 0);
    const step = bar ? barReading(bar.scale, task.halfAngle).divisionAngle : 0;
    const left = context.stillSet.some((s) => s.device === 'attachment');
    return {
      id: 'attachment',
      title: 'Taper attachment',
      blockers: blockers(context, needed),
      settingLabel: 'Bar set to',
      setting: bar ? barReading(bar.scale, task.halfAngle).exact : angle(task.halfAngle),
      needLabel: 'Carriage travel',
      needed: length(needed, SHOWN),
      available: bar ? length(bar.barTravel, SHOWN) : null,
      divisionError: bar ? errorFigure(context, step) : null,
      errorByScale: bar ? errorFigure(context, step * NEAREST_MARK) : null,
      errorByIndicator: bar ? checkFigure(context, Math.min(task.length, bar.barTravel)) : null,
      feed: bar ? 'power' : null,
      finish: powerFinish(context),
      minutes: setUpMinutes('attachment', lathe, left),
      notes: notes(context),
    };
  },
};

function blockers(context: WayContext, needed: number): Phrase[] {
  const { task, lathe } = context;
  const bar = lathe.attachment;
  if (!bar) return [[`${lathe.name} has no taper attachment.`]];
  const found: Phrase[] = [];
  if (task.halfAngle > bar.maxHalfAngle) {
    found.push(['The bar goes to ', angle(bar.maxHalfAngle), '; this needs ', angle(task.halfAngle), '.']);
  }
  if (needed > bar.barTravel)
    found.push(['The bar is ', length(needed - bar.barTravel, SHOWN), ' too short.']);
  return [...found, ...boreBlockers(context)];
}

function notes(context: WayContext): Phrase[] {
  const { task, lathe } = context;
  const bar = lathe.attachment;
  if (!bar) return [];
  const { takeUp } = attachmentCheck({
    halfAngle: task.halfAngle,
    carriageTravel: task.length,
    lash: bar.lash,
  });
  const found: Phrase[] = [
    ['Lash swallows ', length(takeUp, SHOWN), ' of carriage travel: start that far before the work.'],
    ...boreNotes(context),
  ];
  return [...stillSetNotes(context, 'attachment'), ...found];
}
