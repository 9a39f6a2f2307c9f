import { entry } from '../../entry/entry';
import { chamfer, cylinder, hole } from './features';
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
  make({ figure }) {
    const outside = cylinder('Outside', figure('outside'), figure('long'));
    return {
      title: `Bush, ${figure('bore').typed} bore`,
      mate: '',
      features: [
        { ...outside, fit: 'n6' },
        { ...hole('Bore', figure('bore'), figure('long')), fit: 'H7' },
        chamfer('Lead', outside, 'tailstock', LEAD),
      ],
    };
  },
};
/** What it is started into its housing by. */
const LEAD = entry('1 mm');
