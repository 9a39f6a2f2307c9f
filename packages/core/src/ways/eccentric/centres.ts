import { CENTRE_HOLE } from '../../eccentric/usual';
import { length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { offsetCentres } from '../../eccentric/offsetCentres';
import { swingBlockers, swingNotes } from './limits';
import type { EccentricWay } from './way';

export const offsetCentresWay: EccentricWay = {
  id: 'offset-centres',
  title: 'Between offset centres',
  usualMinutes: 35,
  beginsWith: 'centres',
  assess(context) {
    const { part, throws } = context;
    const end = part.hub?.diameter ?? part.diameter;
    const plan = offsetCentres({ throws, barDiameter: Math.max(end, part.diameter), hole: CENTRE_HOLE });
    const bored =
      part.bore !== null
        ? [
            [
              'It is bored through: there is no metal for centres. Use a mandrel with offset centres instead.',
            ] as Phrase,
          ]
        : [];
    return {
      blockers: [...swingBlockers(context), ...bored, ...plan.problems.slice(0, 1)],
      setting: length(part.throw, 0.01),
      settingLabel: 'Centre off the axis',
      travelError: 0.04,
      notes: [
        throws.length > 1
          ? [
              `${throws.length === 2 ? 'Both' : `All ${throws.length}`} throws from one pair of marked-out ends, true to one another.`,
            ]
          : ['Worth it for long shafts and for several throws.'],
        ['Both ends drilled in one jig, or the throw winds round along its length.'],
        ...swingNotes(context),
      ],
    };
  },
};
