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
      centreDistance: entry('1000 mm'),
      swing: entry('400 mm'),
      compound: { travel: entry('120 mm'), division: angle('1 deg'), zero: 'along' },
      attachment: {
        kind: 'telescopic',
        maxHalfAngle: angle('8 deg'),
        barTravel: entry('250 mm'),
        pivotLength: entry('180 mm'),
        indicatedEnd: 'tailstock',
        division: angle("5'"),
        lash: entry('0.08 mm'),
      },
      tailstock: { limit: entry('12 mm'), division: entry('0.5 mm') },
      dial: { division: entry('0.02 mm'), reads: 'diameter', units: 'mm' },
      indicator: entry('0.001 mm'),
    },
  },
  {
    id: SHORT_LATHE,
    document: {
      schema: MACHINE_SCHEMA,
      name: 'Short lathe',
      note: 'Gibs worn: take the compound’s play up before zeroing.',
      centreDistance: entry('20 in'),
      swing: entry('9 in'),
      compound: { travel: entry('60 mm'), division: angle('1 deg'), zero: 'across' },
      attachment: null,
      tailstock: { limit: entry('3/8 in'), division: entry('20 thou') },
      dial: { division: entry('1 thou'), reads: 'radius', units: 'inch' },
      indicator: entry('1 tenth'),
    },
  },
];
