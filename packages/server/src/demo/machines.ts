import { entry, MACHINE_SCHEMA, type MachineDocument } from '@anello/contract';

const angle = (typed: string) => entry(typed, 'angle');

export const LONG_LATHE = 'long-lathe';
export const SHORT_LATHE = 'short-lathe';

/** The two lathes of the Quoin Lane workshop. */
export const DEMO_MACHINES: readonly { id: string; document: MachineDocument }[] = [
  {
    id: LONG_LATHE,
    document: {
      schema: MACHINE_SCHEMA,
      name: 'Long lathe',
      note: 'By the window. The bar of the attachment wants 3 mm of run before it follows.',
      archived: false,
      centreDistance: entry('1000 mm'),
      swing: entry('400 mm'),
      swingOverSlide: entry('240 mm'),
      compound: {
        travel: entry('120 mm'),
        division: angle('1 deg'),
        zero: 'along',
        dialDivision: entry('0.02 mm'),
        screwLead: entry('4 mm'),
        feedAngle: angle('60 deg'),
        handleReach: entry('210 mm'),
        handleOut: entry('85 mm'),
      },
      attachment: {
        kind: 'telescopic',
        maxHalfAngle: angle('8 deg'),
        barTravel: entry('250 mm'),
        barLength: entry('430 mm'),
        pivotLength: entry('180 mm'),
        indicatedEnd: 'tailstock',
        scale: { unit: 'half-angle', division: angle("5'") },
        lash: entry('0.08 mm'),
      },
      tailstock: {
        limit: entry('12 mm'),
        division: entry('0.5 mm'),
        barrelReach: entry('90 mm'),
        bodyRadius: entry('62 mm'),
      },
      dial: {
        division: entry('0.02 mm'),
        reads: 'diameter',
        units: 'mm',
        screwLead: entry('5 mm'),
      },
      indicator: entry('0.001 mm'),
      readout: { resolution: entry('0.005 mm'), reads: 'diameter' },
      spindle: { bore: entry('52 mm'), taper: 'No. 6 Morse' },
      chucks: [
        { name: 'Three-jaw', kind: 'three-jaw', capacity: entry('200 mm') },
        { name: 'Four-jaw', kind: 'four-jaw', capacity: entry('250 mm') },
        { name: 'Collet chuck', kind: 'collet', capacity: entry('40 mm') },
      ],
      leadScrew: entry('6 mm'),
      changeGears: [24, 28, 30, 32, 36, 40, 42, 44, 45, 48, 52, 56, 60, 63, 66, 72, 80, 100, 120, 127],
      speeds: [32, 50, 80, 125, 200, 315, 500, 800, 1250],
      minutes: {},
    },
  },
  {
    id: SHORT_LATHE,
    document: {
      schema: MACHINE_SCHEMA,
      name: 'Short lathe',
      note: 'Gibs worn: take the compound’s play up before zeroing.',
      archived: false,
      centreDistance: entry('20 in'),
      swing: entry('9 in'),
      swingOverSlide: entry('5-1/4 in'),
      compound: {
        travel: entry('60 mm'),
        division: angle('1 deg'),
        zero: 'across',
        dialDivision: entry('1 thou'),
        screwLead: entry('0.1 in'),
      },
      attachment: null,
      tailstock: { limit: entry('3/8 in'), division: entry('20 thou') },
      dial: { division: entry('1 thou'), reads: 'radius', units: 'inch', screwLead: entry('0.1 in') },
      indicator: entry('1 tenth'),
      readout: null,
      spindle: { bore: entry('3/4 in'), taper: 'No. 3 Morse' },
      chucks: [
        { name: 'Three-jaw', kind: 'three-jaw', capacity: entry('5 in') },
        { name: 'Four-jaw', kind: 'four-jaw', capacity: entry('6 in') },
      ],
      leadScrew: entry('1/8 in'),
      changeGears: [20, 25, 30, 35, 38, 40, 45, 50, 55, 60, 65, 70, 75, 80],
      speeds: [45, 72, 115, 185, 300, 480, 770],
      minutes: { compound: 25 },
    },
  },
];
