import { cylinder, fromTable } from './features';
import { ask, askTaper, type Starter } from './starter';

/** A socket for a shank. */
export const sleeve: Starter = {
  id: 'sleeve',
  name: 'Sleeve',
  asks: [askTaper('morse-iso/2'), ask('body', 'Outside, diameter', '32 mm'), ask('long', 'Length', '92 mm')],
  make: ({ figure, taper }) => {
    const size = taper('taper');
    return {
      title: `Sleeve, ${size.name}`,
      mate: `${size.name} plug gauge`,
      features: [cylinder('Body', figure('body'), figure('long')), fromTable(size, 'internal', 'tailstock')],
    };
  },
};
