import { entry, newJobDocument, type JobDocument } from '@anello/contract';
import { LONG_LATHE, SHORT_LATHE } from './machines';
import { cylinder, eccentric, groove, hole, morse, profile, taper, thread } from './parts';

export interface DemoJob {
  readonly id: string;
  readonly document: JobDocument;
}

/** 1:19.922 as a half angle, and the others the demo's choices were made for. */
export const HALF_ANGLE = {
  morse3: Math.atan(1 / 19.922 / 2),
  morse2: Math.atan(1 / 20.02 / 2),
  hub: Math.atan(1 / 24),
  steep: Math.atan(7 / 48),
  pin: Math.atan(1 / 100),
  collet: (8 * Math.PI) / 180,
} as const;

const job = (
  number: string,
  title: string,
  machineId: string,
  quantity: number,
  more: Partial<JobDocument>,
): DemoJob => ({
  id: number.toLowerCase(),
  document: { ...newJobDocument({ number, title, machineId, quantity }), ...more },
});

const chosen = (id: 'compound' | 'attachment' | 'tailstock', machineId: string, halfAngle: number) => ({
  id,
  machineId,
  halfAngle,
});

/** Round bar by its diameter and length. */
const bar = (across: string, length: string): JobDocument['stock'] => ({
  shape: 'round',
  across: entry(across),
  length: entry(length),
});

const cut = (stock: string, more: Partial<JobDocument['cut']> = {}): JobDocument['cut'] => ({
  ...newJobDocument({ number: 'X', title: 'x', machineId: 'x' }).cut,
  stock: entry(stock),
  ...more,
});

/** The jobs on the Quoin Lane rack, oldest first. */
export const DEMO_JOBS: readonly DemoJob[] = [
  job('J-109', 'No. 2 Morse sleeve for the pillar drill', LONG_LATHE, 1, {
    material: 'EN8',
    mate: 'No. 2 Morse plug gauge',
    way: chosen('attachment', LONG_LATHE, HALF_ANGLE.morse2),
    cut: cut('14 mm'),
    features: [morse('2', 'internal', 'tailstock', 'tailstock'), cylinder('Body', '30 mm', '92 mm')],
    note: 'To replace the sleeve with the torn tang slot.',
  }),
  job('J-108', 'Taper pins 1:50, six lengths', LONG_LATHE, 6, {
    material: 'Silver steel',
    mate: 'Reamed hole in the bed plate',
    stock: bar('8.5 mm', '112 mm'),
    way: chosen('tailstock', LONG_LATHE, HALF_ANGLE.pin),
    cut: cut('8.5 mm', {
      roughDepth: entry('0.3 mm'),
      lastStock: entry('0.3 mm'),
      allowance: entry('0.02 mm'),
    }),
    features: [
      taper('Pin', 'external', 'headstock', {
        smallDiameter: entry('6 mm'),
        ratio: entry('1:50', 'taper'),
        length: entry('110 mm'),
      }),
    ],
    note: 'Blanks 110 to 112 mm: face every one to the same length before the centres go in.',
  }),
  job('J-107', 'Engraving-spindle nose', LONG_LATHE, 1, {
    material: '16MnCr5, to be hardened',
    mate: 'Collet, size 25',
    way: chosen('compound', LONG_LATHE, HALF_ANGLE.collet),
    cut: cut('16 mm', { allowance: entry('0.12 mm') }),
    tolerance: { grade: 'AT5', standOff: entry('0.2 mm') },
    features: [
      cylinder('Spindle', '36 mm', '60 mm'),
      groove('Thread relief', '29.5 mm', '4 mm'),
      thread('Nut thread', 'M32x1.5', '32 mm', '1.5 mm', '18 mm', 'external'),
      taper('Collet seat', 'internal', 'tailstock', {
        from: 'tailstock',
        largeDiameter: entry('25 mm'),
        halfAngle: entry('8 deg', 'angle'),
        length: entry('30 mm'),
      }),
      hole('Through hole', '16 mm', '52 mm'),
    ],
    note: 'The 8° is the half angle: 16° included.',
  }),
  job('J-106', 'Inking-roller journal, two grooves', LONG_LATHE, 2, {
    material: 'EN8',
    mate: 'Bronze half bearings',
    features: [
      cylinder('Roller end', '44 mm', '30 mm'),
      groove('First groove', '26 mm', '3.2 mm'),
      cylinder('Land', '30 mm', '9.6 mm'),
      groove('Second groove', '26 mm', '3.2 mm'),
      cylinder('Journal', '30 mm', '42 mm'),
    ],
  }),
  job('J-105', 'Test mandrel, 7:24 No. 30', SHORT_LATHE, 1, {
    material: 'EN24T',
    mate: 'Mill spindle',
    way: chosen('compound', SHORT_LATHE, HALF_ANGLE.steep),
    cut: cut('34 mm'),
    tolerance: { grade: 'AT5', standOff: entry('0.05 mm') },
    features: [
      cylinder('Test bar', '32 mm', '150 mm'),
      cylinder('Flange', '50 mm', '9.6 mm'),
      taper('No. 30', 'external', 'headstock', {
        gaugeDiameter: entry('31.75 mm'),
        beyondGauge: entry('0 mm'),
        ratio: entry('7/24', 'taper'),
        length: entry('48.4 mm'),
      }),
      thread('Drawbar thread', 'M12', '12 mm', '1.75 mm', '24 mm', 'internal'),
    ],
  }),
  job('J-104', 'Frisket handle, ogee', SHORT_LATHE, 2, {
    material: 'Brass',
    mate: 'Wooden pattern socket',
    curve: { mateClearance: entry('0.2 mm') },
    features: [
      cylinder('Ferrule', '18 mm', '14 mm'),
      profile('Ogee', [
        ['0', '18'],
        ['16', '14', { run: 'ogee' }],
        ['50', '26', { run: 'ogee' }],
        ['66', '19', { run: 'tangent' }],
        ['73', '9', { run: 'tangent' }],
      ]),
    ],
  }),
  job('J-103', 'Throw-off eccentric, 4.75 mm throw', SHORT_LATHE, 1, {
    material: 'Cast iron',
    mate: 'Throw-off shaft, 20 mm',
    eccentric: {
      way: 'four-jaw',
      toward: 1,
      limit: entry('0.05 mm'),
      grooveTool: entry('3 mm'),
      partTool: entry('2.5 mm'),
      screw: 'M6',
    },
    note: 'The worn one measures 9.5 mm of travel; the old drawing says 3/8.',
    features: [
      cylinder('Hub', '34 mm', '16 mm'),
      eccentric('Eccentric', '54 mm', '18 mm', '4.75 mm', [{ width: '6 mm', depth: '3 mm' }]),
      { ...hole('Bore', '20 mm', '34 mm'), fit: 'H7' },
    ],
  }),
  job('J-102', 'Flywheel hub bush, bored 1:12', LONG_LATHE, 2, {
    material: 'Phosphor bronze',
    mate: 'Plug turned from the shaft',
    way: chosen('compound', LONG_LATHE, HALF_ANGLE.hub),
    cut: cut('32 mm'),
    features: [
      cylinder('Bush', '64 mm', '62 mm'),
      taper('1:12 bore', 'internal', 'tailstock', {
        from: 'tailstock',
        largeDiameter: entry('38 mm'),
        ratio: entry('1:12', 'taper'),
        length: entry('62 mm'),
      }),
    ],
  }),
  job('J-101', 'Boring-bar shank, No. 3 Morse', LONG_LATHE, 3, {
    material: 'EN24T',
    mate: 'No. 3 Morse sleeve',
    stock: bar('42 mm', '190 mm'),
    way: chosen('attachment', LONG_LATHE, HALF_ANGLE.morse3),
    tolerance: { grade: 'AT6', standOff: entry('0.25 mm') },
    cut: cut('25 mm', { allowance: entry('0.16 mm') }),
    features: [
      cylinder('Body', '40 mm', '42 mm'),
      cylinder('Shoulder', '34 mm', '4 mm'),
      groove('Relief', '22.5 mm', '3 mm'),
      morse('3', 'external', 'headstock'),
      hole('Counterbore', '13 mm', '4 mm'),
      thread('Drawbar thread', 'M12', '12 mm', '1.75 mm', '24 mm', 'internal'),
      hole('Tapping drill', '10.2 mm', '6 mm', 'tailstock', '118 deg'),
    ],
    note: 'Body bored for the bar while held in its own taper with the drawbar.',
  }),
  job('J-110', 'Collet holder, No. 3 Morse shank, 8° seat', LONG_LATHE, 5, {
    material: 'EN24T',
    mate: 'No. 3 Morse sleeve',
    way: chosen('attachment', LONG_LATHE, HALF_ANGLE.morse3),
    tolerance: { grade: 'AT6', standOff: entry('0.25 mm') },
    stock: bar('42 mm', '180 mm'),
    cut: cut('25 mm', { allowance: entry('0.16 mm') }),
    features: [
      morse('3', 'external', 'tailstock'),
      cylinder('Collar', '40 mm', '8 mm'),
      groove('Relief', '26 mm', '3 mm'),
      thread('Nut thread', 'M30x1.5', '30 mm', '1.5 mm', '15 mm', 'external'),
      taper('Seat', 'internal', 'tailstock', {
        from: 'tailstock',
        largeDiameter: entry('22 mm'),
        halfAngle: entry('8 deg', 'angle'),
        length: entry('24 mm'),
      }),
      hole('Clearance', '12.5 mm', '20 mm'),
      {
        ...thread('Drawbar thread', 'M12', '12 mm', '1.75 mm', '25 mm', 'internal'),
        from: 'headstock' as const,
      },
    ],
    note: 'Shank first, drilled and tapped for its drawbar; the seat is bored held by the shank itself.',
  }),
];
