import { angle, length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { setUpMinutes } from '../minutes';
import type { Way, WayContext } from '../way';
import { checkFigure } from './compound';

const SHOWN = 0.1;
/** Widest edge a toolroom lathe plunges without chatter, mm: a rule of the trade, not a law. */
const WIDEST = 16;
/** And no wider than this part of the thinnest place it is cut on, or the work bends away from it. */
const OF_DIAMETER = 0.8;

/** Widest edge for a cone's thinnest diameter, mm. */
export const widestEdge = (thinnest: number): number => Math.min(WIDEST, OF_DIAMETER * thinnest);

export const formToolWay: Way = {
  id: 'form-tool',
  title: 'Wide tool, plunged',
  assess(context) {
    const { task, lathe } = context;
    const edge = task.length / Math.cos(task.halfAngle);
    const widest = widestEdge(context.task.smallDiameter);
    return {
      id: 'form-tool',
      title: 'Wide tool, plunged',
      blockers: blockers(context, edge, widest),
      settingLabel: 'Edge ground to',
      setting: angle(task.halfAngle),
      needLabel: 'Edge',
      needed: length(edge, SHOWN),
      available: length(Math.max(0, widest), SHOWN),
      divisionError: null,
      errorByScale: null,
      errorByIndicator: checkFigure(context),
      feed: 'hand',
      finish: ['As smooth as the edge is honed, if it does not chatter: a quarter of the turning speed.'],
      minutes: setUpMinutes('form-tool', lathe),
      notes: [['The angle is in the grinding: clock the edge along the carriage before it cuts.']],
    };
  },
};

function blockers({ task }: WayContext, edge: number, widest: number): Phrase[] {
  return edge > widest
    ? [
        [
          'An edge of ',
          length(edge, SHOWN),
          ' chatters on ',
          length(task.smallDiameter, SHOWN),
          ': ',
          length(widest, SHOWN),
          ' is about the most.',
        ],
      ]
    : [];
}
