import { cylinder, eccentric, hole } from './features';
import { ask, type Starter } from './starter';

/** An eccentric sheave with its hub, bored for the shaft. */
export const sheave: Starter = {
  id: 'sheave',
  name: 'Eccentric sheave',
  asks: [
    ask('outside', 'Sheave, diameter', '54 mm'),
    ask('wide', 'Sheave, width', '18 mm'),
    ask('throw', 'Throw', '5 mm'),
    ask('hub', 'Hub, diameter', '34 mm'),
    ask('bore', 'Bore', '20 mm'),
  ],
  make: ({ figure }) => ({
    title: `Eccentric sheave, ${figure('throw').typed} throw`,
    mate: 'Its shaft',
    features: [
      cylinder('Hub', figure('hub'), HUB),
      eccentric('Sheave', figure('outside'), figure('wide'), figure('throw')),
      { ...hole('Bore', figure('bore'), { typed: '34 mm', value: 34 }), fit: 'H7' },
    ],
  }),
};
const HUB = { typed: '16 mm', value: 16 };
