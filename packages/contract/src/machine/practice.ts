import { entry } from '../entry/entry';
import { MACHINE_SCHEMA } from '../forms';
import type { MachineDocument } from './schema';

const angle = (typed: string) => entry(typed, 'angle');

/** The lathe in the practice corner, as a lathe's own page would have it. It is nobody's, and nothing is kept of it. */
export const PRACTICE_MACHINE: MachineDocument = {
  schema: MACHINE_SCHEMA,
  name: 'Practice lathe',
  note: 'A made-up lathe with faults that nobody tells you.',
  archived: false,
  centreDistance: entry('600 mm'),
  swing: entry('320 mm'),
  swingOverSlide: entry('190 mm'),
  compound: {
    travel: entry('90 mm'),
    division: angle('1 deg'),
    zero: 'along',
    dialDivision: entry('0.02 mm'),
    screwLead: entry('4 mm'),
    handleReach: entry('160 mm'),
  },
  attachment: {
    kind: 'telescopic',
    maxHalfAngle: angle('10 deg'),
    barTravel: entry('260 mm'),
    pivotLength: entry('180 mm'),
    indicatedEnd: 'tailstock',
    scale: { unit: 'half-angle', division: angle('0.25 deg') },
    lash: entry('0.05 mm'),
  },
  tailstock: {
    limit: entry('15 mm'),
    division: entry('0.5 mm'),
    barrelReach: entry('90 mm'),
    bodyRadius: entry('45 mm'),
  },
  dial: { division: entry('0.02 mm'), reads: 'diameter', units: 'mm' },
  indicator: entry('0.001 mm'),
  readout: null,
  spindle: { taper: 'No. 5 Morse' },
  chucks: [
    { name: 'Three-jaw', kind: 'three-jaw', capacity: entry('160 mm') },
    { name: 'Four-jaw', kind: 'four-jaw', capacity: entry('200 mm') },
  ],
  leadScrew: entry('4 mm'),
  changeGears: [],
  speeds: [63, 125, 250, 400, 630, 1000],
  minutes: {},
};
