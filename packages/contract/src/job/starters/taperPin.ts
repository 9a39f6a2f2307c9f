import { taper } from './features';
import { ask, type Starter } from './starter';

/** Pins that drive into a reamed hole. */
export const taperPin: Starter = {
  id: 'taper-pin',
  name: 'Taper pins',
  asks: [
    ask('small', 'Small end', '6 mm'),
    ask('long', 'Length', '50 mm'),
    ask('ratio', 'Taper on diameter', '1:50', 'taper'),
  ],
  make: ({ figure }) => ({
    title: `Taper pins ${figure('ratio').typed}, ${figure('small').typed}`,
    mate: 'Its reamed hole',
    features: [
      taper('Pin', 'external', 'headstock', {
        smallDiameter: figure('small'),
        ratio: figure('ratio'),
        length: figure('long'),
      }),
    ],
  }),
};
