import { cylinder, eccentric } from './features';
import { ask, type Starter } from './starter';

/** A pin off the axis of its shaft. */
export const crankPin: Starter = {
  id: 'crank-pin',
  name: 'Crank pin',
  asks: [
    ask('shaft', 'Shaft, diameter', '30 mm'),
    ask('long', 'Shaft, length', '40 mm'),
    ask('pin', 'Pin, diameter', '12 mm'),
    ask('wide', 'Pin, length', '16 mm'),
    ask('throw', 'Throw', '5 mm'),
  ],
  make: ({ figure }) => ({
    title: `Crank pin, ${figure('throw').typed} throw`,
    mate: 'Its rod',
    features: [
      cylinder('Shaft', figure('shaft'), figure('long')),
      eccentric('Pin', figure('pin'), figure('wide'), figure('throw')),
    ],
  }),
};
