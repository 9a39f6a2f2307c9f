import { cylinder, mm, profile, taper } from './features';
import { ask, type Starter } from './starter';

/** A leg or foot: a flange, a cove, a long taper. */
export const foot: Starter = {
  id: 'foot',
  name: 'Foot with taper and cove',
  asks: [
    ask('flange', 'Flange, diameter', '30 mm'),
    ask('large', 'Leg, thick end', '20 mm'),
    ask('small', 'Leg, thin end', '14 mm'),
    ask('long', 'Leg, length', '60 mm'),
  ],
  make: ({ figure }) => ({
    title: 'Foot with taper and cove',
    mate: '',
    features: [
      cylinder('Flange', figure('flange'), { typed: '6 mm', value: 6 }),
      profile('Cove', [
        [mm(0), mm(COVE_OF_FLANGE * figure('flange').value)],
        [mm(12), figure('large'), 'ogee'],
      ]),
      taper('Leg', 'external', 'headstock', {
        largeDiameter: figure('large'),
        smallDiameter: figure('small'),
        length: figure('long'),
      }),
    ],
  }),
};
const COVE_OF_FLANGE = 0.93;
