import { angle, length } from '../../phrase/figure';
import type { Phrase } from '../../phrase/phrase';
import { attachmentCheck } from '../attachmentCheck';
import { divisionError } from '../divisionError';
import { CLEARANCE, type Way, type WayContext } from '../way';

const SHOWN = 0.1;

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
    return {
      id: 'attachment',
      title: 'Taper attachment',
      blockers: blockers(context, needed),
      settingLabel: 'Bar set to',
      setting: angle(task.halfAngle),
      needLabel: 'Carriage travel',
      needed: length(needed, SHOWN),
      available: bar ? length(bar.barTravel, SHOWN) : null,
      divisionError: bar
        ? length(
            divisionError({ length: task.length, halfAngle: task.halfAngle, division: bar.division }),
            0.001,
          )
        : null,
      feed: bar ? 'power' : null,
      notes: notes(context),
    };
  },
};

function blockers({ task, lathe }: WayContext, needed: number): Phrase[] {
  const bar = lathe.attachment;
  if (!bar) return [[`${lathe.name} has no taper attachment.`]];
  const found: Phrase[] = [];
  if (task.halfAngle > bar.maxHalfAngle) {
    found.push(['The bar goes to ', angle(bar.maxHalfAngle), '; this needs ', angle(task.halfAngle), '.']);
  }
  if (needed > bar.barTravel)
    found.push(['The bar is ', length(needed - bar.barTravel, SHOWN), ' too short.']);
  return found;
}

function notes({ task, lathe, stillSet }: WayContext): Phrase[] {
  const bar = lathe.attachment;
  if (!bar) return [];
  const { takeUp } = attachmentCheck({
    halfAngle: task.halfAngle,
    carriageTravel: task.length,
    lash: bar.lash,
  });
  const found: Phrase[] = [
    ['Lash swallows ', length(takeUp, SHOWN), ' of carriage travel: start that far before the work.'],
  ];
  const left = stillSet.find((s) => s.device === 'attachment');
  if (left) found.unshift(['Still set to ', angle(left.halfAngle), '.']);
  return found;
}
