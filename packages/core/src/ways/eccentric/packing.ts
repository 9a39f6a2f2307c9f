import { length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { packingPlan } from '../../eccentric/packingPlan';
import { chuckBlockers, swingBlockers, swingNotes } from './limits';
import type { EccentricWay } from './way';

/** Nothing turned in a chuck repeats better, mm of travel. */
const CHUCK_REPEATS = 0.05;
/** A throw beyond this part of the radius leaves two jaws holding by their corners. */
const POOR_GRIP = 0.35;

export const packing: EccentricWay = {
  id: 'packing',
  title: 'Three-jaw, one jaw packed',
  usualMinutes: 12,
  beginsWith: 'packing',
  assess(context) {
    const { part, step, quantity } = context;
    const plan = packingPlan({ diameter: part.diameter, throw: part.throw, jaws: 'narrow', step });
    const poor = part.throw > POOR_GRIP * (part.diameter / 2);
    return {
      blockers: [
        ...swingBlockers(context),
        ...chuckBlockers('three-jaw', 'three-jaw chuck', plan.jawsAt, context),
      ],
      setting: length(plan.made, step),
      settingLabel: 'Packing, narrow jaws',
      travelError: Math.abs(plan.travelError) + CHUCK_REPEATS,
      notes: [
        [
          'Not the throw: the two plain jaws let the work in. Wide jaw faces want ',
          length(plan.otherFace, step),
          '.',
        ],
        ...(quantity > 3 ? [['Every piece comes to the same place, near enough.'] as Phrase] : []),
        ...(poor
          ? [['With so much throw two jaws hold by their corners: light cuts, and a stop behind.'] as Phrase]
          : []),
        ...swingNotes(context),
      ],
    };
  },
};
