import { angle, length } from '../../figure/figure';
import type { SettingDevice } from '../setting';
import { toolHeightStep } from '../toolHeight';

/** A wide tool: its edge is the setting, and it is tapped round in its post. */
export const edgeDevice: SettingDevice = {
  nudge({ task, lathe }, from) {
    const edge = task.length / Math.cos(task.halfAngle);
    const change = edge * (Math.sin(task.halfAngle) - Math.sin(from));
    return {
      amount: length(Math.abs(change), lathe.indicator),
      place: 'at the far end of the edge',
      direction: change > 0 ? 'tap it round, steeper' : 'tap it back, shallower',
      working: [
        {
          tex: '#0\\,(\\sin #1 - \\sin #2) = #3',
          figures: [
            length(edge, 0.1),
            angle(task.halfAngle),
            angle(from),
            length(change, 0.001, { signed: true }),
          ],
          note: ['how far the far end of the edge moves'],
        },
      ],
    };
  },
  byScale: () => [],
  after: (context) => [toolHeightStep(context)],
};

/** A reamer has its taper ground in: there is nothing to nudge. */
export const reamerDevice: SettingDevice = {
  nudge: ({ task, lathe }) => ({
    amount: length(0, lathe.indicator),
    place: 'nowhere',
    direction: 'the reamer’s taper is ground in',
    working: [{ tex: '#0', figures: [angle(task.halfAngle)] }],
  }),
  byScale: () => [],
  after: () => [],
};
