import { length } from '../../figure/figure';
import { chuckBlockers, swingBlockers, swingNotes } from './limits';
import { dialled, MICRON } from './dialled';
import type { EccentricWay } from './way';

export const ownStub: EccentricWay = {
  id: 'own-stub',
  title: 'On its own stub',
  usualMinutes: 30,
  beginsWith: 'dial',
  assess(context) {
    const { part, lathe } = context;
    return {
      blockers: [
        ...swingBlockers(context),
        ...chuckBlockers(
          'four-jaw',
          'four-jaw chuck',
          (part.hub?.diameter ?? part.diameter) / 2 + part.throw,
          context,
        ),
      ],
      setting: length(2 * part.throw, MICRON),
      settingLabel: 'Needle swings on the stub',
      travelError: dialled(lathe),
      notes: [
        [
          'Leave a stub on the bar, hold by it and dial the stub in; the eccentric is turned in the open and parted off last.',
        ],
        ...swingNotes(context),
      ],
    };
  },
};
