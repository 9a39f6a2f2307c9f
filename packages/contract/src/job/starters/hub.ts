import { cylinder, taper } from './features';
import { ask, type Starter } from './starter';

/** A hub bored to a taper that a shaft is drawn into. */
export const hub: Starter = {
  id: 'hub',
  name: 'Bored hub',
  asks: [
    ask('outside', 'Outside, diameter', '64 mm'),
    ask('long', 'Length', '60 mm'),
    ask('mouth', 'Bore at the mouth', '38 mm'),
    ask('ratio', 'Taper on diameter', '1:12', 'taper'),
  ],
  make: ({ figure }) => ({
    title: `Hub, bored ${figure('ratio').typed}`,
    mate: 'Plug turned from the shaft',
    features: [
      cylinder('Hub', figure('outside'), figure('long')),
      taper('Bore', 'internal', 'tailstock', {
        largeDiameter: figure('mouth'),
        ratio: figure('ratio'),
        length: figure('long'),
      }),
    ],
  }),
};
