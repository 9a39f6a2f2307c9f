import { length } from '../../figure/figure';
import { indicatorPlan } from '../../eccentric/dialIn';
import { chuckBlockers, swingBlockers, swingNotes } from './limits';
import { dialled, MICRON } from './dialled';
import type { EccentricWay } from './way';

export const fourJaw: EccentricWay = {
  id: 'four-jaw',
  title: 'Four-jaw, dialled in',
  usualMinutes: 25,
  beginsWith: 'dial',
  assess(context) {
    const { part, lathe, range } = context;
    const plan = indicatorPlan({ throw: part.throw, range });
    return {
      blockers: [
        ...swingBlockers(context),
        ...chuckBlockers('four-jaw', 'four-jaw chuck', part.diameter / 2 + part.throw, context),
      ],
      setting: length(plan.swing, MICRON),
      settingLabel: 'Needle swings, whole travel',
      travelError: dialled(lathe),
      notes: [
        plan.direct
          ? ['The indicator follows the whole swing.']
          : [
              'The swing is more than the indicator’s stroke: read the low side over a block of ',
              length(plan.block, 0.001),
              '.',
            ],
        ...swingNotes(context),
      ],
    };
  },
};
