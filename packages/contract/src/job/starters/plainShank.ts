import { cylinder, fromTable } from './features';
import { ask, askTaper, type Starter } from './starter';

/** A shank that holds by itself. */
export const plainShank: Starter = {
  id: 'plain-shank',
  name: 'Plain shank',
  asks: [
    askTaper('morse-iso/2'),
    ask('body', 'Body, diameter', '30 mm'),
    ask('long', 'Body, length', '30 mm'),
  ],
  make: ({ figure, taper }) => {
    const size = taper('taper');
    return {
      title: `Shank, ${size.name}`,
      mate: `${size.name} sleeve`,
      features: [cylinder('Body', figure('body'), figure('long')), fromTable(size, 'external', 'headstock')],
    };
  },
};
