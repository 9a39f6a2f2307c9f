import { angle, length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { NOTHING_IN_THE_WAY } from './inTheOrder';
import { setUpMinutes } from '../minutes';
import type { Way, WayContext } from './way';
import { widestEdge } from '../../form-tool/usual';
import { checkFigure } from './compound';

const SHOWN = 0.1;
export const formToolWay: Way = {
  id: 'form-tool',
  title: 'Wide tool, plunged',
  name: 'wide tool',
  device: null,
  adjusts: 'edge',
  schools: ['edge', 'scale-trial'],
  feeds: 'plunge',
  betweenCentres: false,
  checkedBy: 'With an indicator',
  usualMinutes: 40,
  order: NOTHING_IN_THE_WAY,
  reasons: [
    {
      rank: 90,
      applies: () => true,
      say: () => ['Nothing here generates it, and it is narrow enough to plunge.'],
    },
  ],
  assess(context) {
    const { task, lathe } = context;
    const edge = task.length / Math.cos(task.halfAngle);
    const widest = widestEdge(context.task.smallDiameter);
    return {
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
      minutes: setUpMinutes(formToolWay, lathe),
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
