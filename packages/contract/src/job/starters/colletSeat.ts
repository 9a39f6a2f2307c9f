import { cylinder, hole, taper, thread } from './features';
import { ask, type Starter } from './starter';

/** A nose with a seat for collets and the thread of their nut. */
export const colletSeat: Starter = {
  id: 'collet-seat',
  name: 'Collet seat',
  asks: [
    ask('mouth', 'Seat at the mouth', '25 mm'),
    ask('angle', 'Half angle of the seat', '8 deg', 'angle'),
    ask('deep', 'Seat, depth', '30 mm'),
    ask('nut', 'Nut thread, diameter', '32 mm'),
    ask('through', 'Through hole', '16 mm'),
  ],
  make: ({ figure }) => ({
    title: 'Nose with collet seat',
    mate: 'Collet',
    features: [
      cylinder('Spindle', { typed: '45 mm', value: 45 }, { typed: '50 mm', value: 50 }),
      thread(
        'Nut thread',
        `M${Number(figure('nut').value.toFixed(3))}x1.5`,
        {
          diameter: figure('nut'),
          pitch: { typed: '1.5 mm', value: 1.5 },
          length: { typed: '18 mm', value: 18 },
        },
        'external',
      ),
      taper('Seat', 'internal', 'tailstock', {
        largeDiameter: figure('mouth'),
        halfAngle: figure('angle'),
        length: figure('deep'),
      }),
      hole('Through', figure('through'), { typed: '38 mm', value: 38 }),
    ],
  }),
};
