import { angle, length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { attachmentCheck } from '../attachmentCheck';
import { barReading } from '../barScale';
import { boreBlockers, boreNotes } from '../boreLimits';
import { powerFinish } from '../finish';
import { setUpMinutes } from '../minutes';
import { stillSetNotes } from '../stillSetNotes';
import { CLEARANCE, type Way, type WayContext } from './way';
import { checkFigure, errorFigure } from './compound';

const SHOWN = 0.1;
/** A finely divided scale is set to the nearest mark, so it is out by half a division at most. */
const NEAREST_MARK = 1 / 2;

/** Carriage travel needed: the cone, the lash to take up, and room before and after. */
export function attachmentTravelNeeded(taperLength: number, halfAngle: number, lash: number): number {
  const { takeUp } = attachmentCheck({ halfAngle, carriageTravel: taperLength, lash });
  return taperLength + takeUp + 2 * CLEARANCE;
}

const attachmentLeft = ({ stillSet }: WayContext) => stillSet.find((s) => s.device === 'attachment');

export const attachmentWay: Way = {
  id: 'attachment',
  title: 'Taper attachment',
  name: 'bar',
  device: 'attachment',
  adjusts: 'attachment',
  schools: ['indicator', 'master', 'scale-trial', 'sine-bar'],
  feeds: 'carriage',
  betweenCentres: false,
  checkedBy: 'With an indicator',
  usualMinutes: 30,
  order: {
    danger: 'The attachment has to be let go again, and its setting proved again.',
    threading: 'With the attachment still in, it pulls the tool along the taper while it threads.',
    home: 'Let the attachment go and lock the cross-slide’s screw again',
    stays: 'Leave the bar set',
  },
  reasons: [
    {
      rank: 10,
      applies: (context) => {
        const left = attachmentLeft(context);
        return (
          left !== undefined &&
          Math.abs(left.halfAngle - context.task.halfAngle) <= context.task.tolerance.halfAngle
        );
      },
      say: (context) => [
        'The bar still stands at ',
        angle(attachmentLeft(context)?.halfAngle ?? 0),
        ', inside this taper’s band: check it and cut.',
      ],
    },
    {
      rank: 40,
      applies: () => true,
      say: ({ task }) => [
        'Power feed over ',
        length(task.length, 0.1),
        ' and it stays set for the next piece.',
      ],
    },
  ],
  assess(context) {
    const { task, lathe } = context;
    const bar = lathe.attachment;
    const needed = attachmentTravelNeeded(task.length, task.halfAngle, bar?.lash ?? 0);
    const step = bar ? barReading(bar.scale, task.halfAngle).divisionAngle : 0;
    const left = context.stillSet.some((s) => s.device === 'attachment');
    return {
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
      minutes: setUpMinutes(attachmentWay, lathe, left),
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
