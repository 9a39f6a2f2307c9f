import { cylinder, hole } from './features';
import { ask, type Starter } from './starter';

/** A plain bush, its bore and its outside to fits. */
export const bush: Starter = {
  id: 'bush',
  name: 'Bush',
  asks: [
    ask('outside', 'Outside, diameter', '40 mm'),
    ask('bore', 'Bore', '30 mm'),
    ask('long', 'Length', '40 mm'),
  ],
  make: ({ figure }) => ({
    title: `Bush, ${figure('bore').typed} bore`,
    mate: '',
    features: [
      { ...cylinder('Outside', figure('outside'), figure('long')), fit: 'n6' },
      { ...hole('Bore', figure('bore'), figure('long')), fit: 'H7' },
    ],
  }),
};
