import { entry, MACHINE_SCHEMA, type MachineDocument } from '../index';

const angle = (typed: string) => entry(typed, 'angle');

/** A long lathe with every device, in millimetres. */
export const LONG_LATHE: MachineDocument = {
  schema: MACHINE_SCHEMA,
  name: 'Long lathe',
  note: '',
  archived: false,
  centreDistance: entry('1000 mm'),
  swing: entry('400 mm'),
  swingOverSlide: entry('240 mm'),
  compound: { travel: entry('120 mm'), division: angle('1 deg'), zero: 'along' },
  attachment: {
    kind: 'telescopic',
    maxHalfAngle: angle('8 deg'),
    barTravel: entry('250 mm'),
    pivotLength: entry('180 mm'),
    indicatedEnd: 'tailstock',
    scale: { unit: 'half-angle', division: angle("5'") },
    lash: entry('0.08 mm'),
  },
  tailstock: { limit: entry('12 mm'), division: entry('0.5 mm') },
  dial: { division: entry('0.02 mm'), reads: 'diameter', units: 'mm' },
  indicator: entry('0.001 mm'),
  readout: null,
  spindle: { taper: '' },
  chucks: [{ name: 'Four-jaw', kind: 'four-jaw', capacity: entry('250 mm') }],
  changeGears: [],
  minutes: {},
};
