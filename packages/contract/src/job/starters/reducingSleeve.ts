import { cylinder, fromTable } from './features';
import { ask, askTaper, type Starter } from './starter';

/** One taper outside and a smaller one inside. */
export const reducingSleeve: Starter = {
  id: 'reducing-sleeve',
  name: 'Reducing sleeve',
  asks: [
    askTaper('morse-iso/4', 'Outside', 'outside'),
    askTaper('morse-iso/2', 'Inside', 'inside'),
    ask('collar', 'Collar, diameter', '35 mm'),
  ],
  make: ({ figure, taper }) => {
    const [outside, inside] = [taper('outside'), taper('inside')];
    return {
      title: `Reducing sleeve, ${outside.name} to ${inside.name}`,
      mate: `${outside.name} sleeve`,
      features: [
        fromTable(outside, 'external', 'tailstock'),
        cylinder('Collar', figure('collar'), COLLAR),
        fromTable(inside, 'internal', 'tailstock'),
      ],
    };
  },
};
const COLLAR = { typed: '8 mm', value: 8 };
