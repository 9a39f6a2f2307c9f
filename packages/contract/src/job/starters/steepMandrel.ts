import { cylinder, fromTable } from './features';
import { ask, askTaper, type Starter } from './starter';

/** A test bar or a tool on a steep taper, with its flange. */
export const steepMandrel: Starter = {
  id: 'steep-mandrel',
  name: 'Steep mandrel, 7:24',
  asks: [
    askTaper('steep/40'),
    ask('bar', 'Bar, diameter', '32 mm'),
    ask('long', 'Bar, length', '120 mm'),
    ask('flange', 'Flange, diameter', '63 mm'),
  ],
  make: ({ figure, taper }) => {
    const size = taper('taper');
    return {
      title: `Mandrel, ${size.name}`,
      mate: 'Its spindle',
      features: [
        cylinder('Bar', figure('bar'), figure('long')),
        cylinder('Flange', figure('flange'), FLANGE),
        fromTable(size, 'external', 'headstock'),
      ],
    };
  },
};
const FLANGE = { typed: '10 mm', value: 10 };
