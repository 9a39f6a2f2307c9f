import { cylinder, groove } from './features';
import { ask, type Starter } from './starter';

/** A roller with two grooves alike. */
export const roller: Starter = {
  id: 'roller',
  name: 'Grooved roller',
  asks: [
    ask('outside', 'Roller, diameter', '30 mm'),
    ask('bottom', 'Grooves, bottom', '26 mm'),
    ask('wide', 'Grooves, width', '3.2 mm'),
    ask('land', 'Land between', '9.6 mm'),
    ask('end', 'Each end', '20 mm'),
  ],
  make: ({ figure }) => ({
    title: 'Grooved roller',
    mate: '',
    features: [
      cylinder('Near end', figure('outside'), figure('end')),
      groove('First groove', figure('bottom'), figure('wide')),
      cylinder('Land', figure('outside'), figure('land')),
      groove('Second groove', figure('bottom'), figure('wide')),
      cylinder('Far end', figure('outside'), figure('end')),
    ],
  }),
};
