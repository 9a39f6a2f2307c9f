import { length } from '../../figure/figure';
import { swingBlockers } from './limits';
import type { EccentricWay } from './way';

export const fixture: EccentricWay = {
  id: 'fixture',
  title: 'Offset fixture',
  usualMinutes: 90,
  beginsWith: 'centres',
  assess(context) {
    const { part, quantity } = context;
    return {
      title: part.bore === null ? 'Offset fixture' : 'Offset mandrel',
      blockers: swingBlockers(context),
      setting: length(part.throw, 0.01),
      settingLabel: 'Mandrel off the axis',
      travelError: 0.03,
      notes: [
        part.bore === null
          ? ['A plate on the faceplate with the work’s seat bored off the axis.']
          : ['Bore first, then turn the outside on a mandrel with two pairs of centres.'],
        quantity > 4 ? ['Made once, it pays for itself on this many.'] : ['Hardly worth making for so few.'],
      ],
    };
  },
};
