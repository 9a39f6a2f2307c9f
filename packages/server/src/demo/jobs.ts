import {
  entry,
  newJobDocument,
  newWork,
  type FeatureDocument,
  type JobDocument,
  type TaperWork,
  type Work,
} from '@anello/contract';
import { LONG_LATHE, SHORT_LATHE } from './machines';
import {
  chamfer,
  cylinder,
  eccentric,
  flats,
  groove,
  hole,
  morse,
  profile,
  tang,
  taper,
  thread,
} from './parts';

export interface DemoJob {
  readonly id: string;
  readonly document: JobDocument;
}

/** 1:19.922 as a half angle, and the others the demo's choices were made for. */
export const HALF_ANGLE = {
  morse3: Math.atan(1 / 19.922 / 2),
  morse2: Math.atan(1 / 20.02 / 2),
  morse4: Math.atan(1 / 19.254 / 2),
  hub: Math.atan(1 / 24),
  steep: Math.atan(7 / 48),
  pin: Math.atan(1 / 100),
  collet: (8 * Math.PI) / 180,
} as const;

/** A job by its number, title, lathe and how many, its features, those worked by themselves with how, and the rest. */
export function job(
  number: string,
  title: string,
  machineId: string,
  quantity: number,
  {
    features,
    ...more
  }: Partial<Omit<JobDocument, 'features' | 'work'>> & {
    features: readonly (FeatureDocument | readonly [FeatureDocument, Work])[];
  },
): DemoJob {
  const listed = features.map((one) =>
    'kind' in one ? { feature: one } : { feature: one[0], work: one[1] },
  );
  const work = listed.flatMap((one) => (one.work ? [[one.feature.id, one.work] as const] : []));
  return {
    id: number.toLowerCase(),
    document: {
      ...newJobDocument({ number, title, machineId, quantity }),
      ...more,
      features: listed.map((one) => one.feature),
      work: Object.fromEntries(work),
    },
  };
}

export const chosen = (
  id: 'compound' | 'attachment' | 'tailstock',
  machineId: string,
  halfAngle: number,
) => ({
  id,
  machineId,
  halfAngle,
});

/** Round bar by its diameter and length. */
export const bar = (across: string, length: string): JobDocument['stock'] => ({
  shape: 'round',
  across: entry(across),
  length: entry(length),
});

/** How a taper is made: what it is tried in, its way, the diameter over it before it is cut, and what else is said. */
export const made = (
  mate: string,
  way: TaperWork['way'],
  stock: string,
  { cut, ...more }: Partial<Omit<TaperWork, 'cut'>> & { cut?: Partial<TaperWork['cut']> } = {},
): TaperWork => {
  const usual = newWork('taper');
  return { ...usual, mate, way, ...more, cut: { ...usual.cut, stock: entry(stock), ...cut } };
};

/** A feature with how it is made. */
export const by = (feature: FeatureDocument, work: Work): readonly [FeatureDocument, Work] => [feature, work];

/** The No. 3 shanks of the demo shop are all made the same way. */
const SHANK = made('No. 3 Morse sleeve', chosen('attachment', LONG_LATHE, HALF_ANGLE.morse3), '25 mm', {
  tolerance: { grade: 'AT6', standOff: entry('0.25 mm') },
  cut: { allowance: entry('0.16 mm') },
});

/** The collet holder's collar and the thread for its nut, that other features lie on. */
const COLLET_COLLAR = {
  ...cylinder('Collar', '40 mm', '8 mm'),
  plus: entry('0 mm'),
  minus: entry('0.1 mm'),
};
const NUT_THREAD = thread('Nut thread', 'M30x1.5', '30 mm', '1.5 mm', '15 mm', 'external');

/** The jobs on the Quoin Lane rack, oldest first. */
export const DEMO_JOBS: readonly DemoJob[] = [
  job('J-109', 'No. 2 Morse sleeve for the pillar drill', LONG_LATHE, 1, {
    material: 'EN8',
    stock: bar('32 mm', '150 mm'),
    features: [
      by(
        morse('2', 'internal', 'tailstock', 'tailstock'),
        made('No. 2 Morse plug gauge', chosen('attachment', LONG_LATHE, HALF_ANGLE.morse2), '14 mm'),
      ),
      cylinder('Body', '30 mm', '92 mm'),
    ],
    note: 'To replace the sleeve with the torn tang slot.',
  }),
  job('J-108', 'Taper pins 1:50, six lengths', LONG_LATHE, 6, {
    material: 'Silver steel',
    stock: bar('8.5 mm', '112 mm'),
    cut: { roughDepth: entry('0.3 mm') },
    features: [
      by(
        taper('Pin', 'external', 'headstock', {
          smallDiameter: entry('6 mm'),
          ratio: entry('1:50', 'taper'),
          length: entry('110 mm'),
        }),
        made('Reamed hole in the bed plate', chosen('tailstock', LONG_LATHE, HALF_ANGLE.pin), '8.5 mm', {
          cut: { lastStock: entry('0.3 mm'), allowance: entry('0.02 mm') },
        }),
      ),
    ],
    note: 'Blanks 110 to 112 mm: face every one to the same length before the centres go in.',
  }),
  job('J-107', 'Engraving-spindle nose', LONG_LATHE, 1, {
    material: '16MnCr5, to be hardened',
    harden: entry('58', 'number'),
    stock: bar('38 mm', '130 mm'),
    features: [
      cylinder('Spindle', '36 mm', '60 mm'),
      groove('Thread relief', '29.5 mm', '4 mm'),
      thread('Nut thread', 'M32x1.5', '32 mm', '1.5 mm', '18 mm', 'external'),
      by(
        taper('Collet seat', 'internal', 'tailstock', {
          from: 'tailstock',
          largeDiameter: entry('25 mm'),
          halfAngle: entry('8 deg', 'angle'),
          length: entry('30 mm'),
        }),
        made('Collet, size 25', chosen('compound', LONG_LATHE, HALF_ANGLE.collet), '16 mm', {
          cut: { allowance: entry('0.12 mm') },
          tolerance: { grade: 'AT5', standOff: entry('0.2 mm') },
        }),
      ),
      hole('Through hole', '16 mm', '52 mm'),
    ],
    note: 'The 8° is the half angle: 16° included.',
  }),
  job('J-106', 'Inking-roller journal, two grooves', LONG_LATHE, 2, {
    material: 'EN8',
    stock: bar('46 mm', '150 mm'),
    features: [
      cylinder('Roller end', '44 mm', '30 mm'),
      by(groove('First groove', '26 mm', '3.2 mm'), { ...newWork('curve'), mate: 'Bronze half bearings' }),
      cylinder('Land', '30 mm', '9.6 mm'),
      groove('Second groove', '26 mm', '3.2 mm'),
      cylinder('Journal', '30 mm', '42 mm'),
    ],
  }),
  job('J-105', 'Test mandrel, 7:24 No. 30', SHORT_LATHE, 1, {
    material: 'EN24T',
    stock: bar('52 mm', '270 mm'),
    features: [
      cylinder('Test bar', '32 mm', '150 mm'),
      cylinder('Flange', '50 mm', '9.6 mm'),
      by(
        taper('No. 30', 'external', 'headstock', {
          gaugeDiameter: entry('31.75 mm'),
          beyondGauge: entry('0 mm'),
          ratio: entry('7/24', 'taper'),
          length: entry('48.4 mm'),
        }),
        made('Mill spindle', chosen('compound', SHORT_LATHE, HALF_ANGLE.steep), '34 mm', {
          tolerance: { grade: 'AT5', standOff: entry('0.05 mm') },
        }),
      ),
      thread('Drawbar thread', 'M12', '12 mm', '1.75 mm', '24 mm', 'internal'),
    ],
  }),
  job('J-104', 'Frisket handle, ogee', SHORT_LATHE, 2, {
    material: 'Brass',
    stock: bar('28 mm', '130 mm'),
    features: [
      cylinder('Ferrule', '18 mm', '14 mm'),
      by(
        profile('Ogee', [
          ['0', '18'],
          ['16', '14', { run: 'ogee' }],
          ['50', '26', { run: 'ogee' }],
          ['66', '19', { run: 'tangent' }],
          ['73', '9', { run: 'tangent' }],
        ]),
        { ...newWork('curve'), mate: 'Wooden pattern socket', mateClearance: entry('0.2 mm') },
      ),
    ],
  }),
  job('J-103', 'Throw-off eccentric, 4.75 mm throw', SHORT_LATHE, 1, {
    material: 'Cast iron',
    note: 'The worn one measures 9.5 mm of travel; the old drawing says 3/8.',
    stock: bar('66 mm', '95 mm'),
    features: [
      cylinder('Hub', '34 mm', '16 mm'),
      by(eccentric('Eccentric', '54 mm', '18 mm', '4.75 mm', [{ width: '6 mm', depth: '3 mm' }]), {
        ...newWork('eccentric'),
        mate: 'Throw-off shaft, 20 mm',
        way: 'four-jaw',
        toward: 1,
        limit: entry('0.05 mm'),
        grooveTool: entry('3 mm'),
        partTool: entry('2.5 mm'),
        screw: 'M6',
      }),
      { ...hole('Bore', '20 mm', '34 mm'), fit: 'H7' },
    ],
  }),
  job('J-102', 'Flywheel hub bush, bored 1:12', LONG_LATHE, 2, {
    material: 'Phosphor bronze',
    stock: bar('66 mm', '125 mm'),
    features: [
      cylinder('Bush', '64 mm', '62 mm'),
      by(
        taper('1:12 bore', 'internal', 'tailstock', {
          from: 'tailstock',
          largeDiameter: entry('38 mm'),
          ratio: entry('1:12', 'taper'),
          length: entry('62 mm'),
        }),
        made('Plug turned from the shaft', chosen('compound', LONG_LATHE, HALF_ANGLE.hub), '32 mm'),
      ),
    ],
  }),
  job('J-101', 'Boring-bar shank, No. 3 Morse', LONG_LATHE, 3, {
    material: 'EN24T',
    stock: bar('42 mm', '190 mm'),
    features: [
      cylinder('Body', '40 mm', '42 mm'),
      cylinder('Shoulder', '34 mm', '4 mm'),
      groove('Relief', '22.5 mm', '3 mm'),
      by(morse('3', 'external', 'headstock'), SHANK),
      hole('Counterbore', '13 mm', '4 mm'),
      thread('Drawbar thread', 'M12', '12 mm', '1.75 mm', '24 mm', 'internal'),
      hole('Tapping drill', '10.2 mm', '6 mm', 'tailstock', '118 deg'),
    ],
    note: 'Body bored for the bar while held in its own taper with the drawbar.',
  }),
  job('J-110', 'Collet holder, No. 3 Morse shank, 8° seat', LONG_LATHE, 5, {
    material: 'EN24T',
    stock: bar('42 mm', '180 mm'),
    features: [
      by(morse('3', 'external', 'tailstock'), SHANK),
      COLLET_COLLAR,
      groove('Relief', '26 mm', '3 mm'),
      NUT_THREAD,
      by(
        taper('Seat', 'internal', 'tailstock', {
          from: 'tailstock',
          largeDiameter: entry('22 mm'),
          halfAngle: entry('8 deg', 'angle'),
          length: entry('24 mm'),
        }),
        made('Collet, size 22', chosen('compound', LONG_LATHE, HALF_ANGLE.collet), '13 mm', {
          tolerance: { grade: 'AT5', standOff: entry('0.2 mm') },
          cut: { allowance: entry('0.12 mm') },
        }),
      ),
      hole('Clearance', '12.5 mm', '20 mm'),
      {
        ...thread('Drawbar thread', 'M12', '12 mm', '1.75 mm', '25 mm', 'internal'),
        from: 'headstock' as const,
      },
      chamfer('Thread start', NUT_THREAD, 'tailstock', '1.5 mm'),
      flats('Spanner flats', COLLET_COLLAR, '36 mm'),
    ],
    note: 'Shank first, drilled and tapped for its drawbar; the seat is bored held by the shank itself.',
  }),
  job('J-111', 'Foot for the finishing press', LONG_LATHE, 4, {
    material: 'Brass',
    stock: bar('32 mm', '170 mm'),
    features: [
      thread('Lower stud', 'M10', '10 mm', '1.5 mm', '16 mm', 'external'),
      cylinder('Flange', '30 mm', '6 mm'),
      profile('Lower cove', [
        ['0', '28'],
        ['12', '20', { run: 'ogee' }],
      ]),
      by(
        taper('Leg', 'external', 'headstock', {
          largeDiameter: entry('20 mm'),
          smallDiameter: entry('14 mm'),
          length: entry('60 mm'),
        }),
        made('ring it was copied from', null, '21 mm', {
          tolerance: { grade: 'AT8', standOff: entry('1 mm') },
        }),
      ),
      profile('Upper cove', [
        ['0', '14'],
        ['8', '20', { run: 'ogee' }],
      ]),
      { ...cylinder('Shoulder', '20 mm', '4 mm'), fit: 'h9' as const },
      thread('Top stud', 'M8', '8 mm', '1.25 mm', '14 mm', 'external'),
    ],
    note: 'Four alike, seen side by side: the coves by one template.',
  }),
  job('J-112', 'Reducing sleeve, No. 4 to No. 2', LONG_LATHE, 1, {
    material: 'EN24T',
    stock: bar('38 mm', '170 mm'),
    features: [
      cylinder('Tang end', '24.5 mm', '16 mm'),
      by(
        morse('4', 'external', 'tailstock'),
        made('No. 4 Morse sleeve', chosen('attachment', LONG_LATHE, HALF_ANGLE.morse4), '32.5 mm', {
          tolerance: { grade: 'AT6', standOff: entry('0.25 mm') },
        }),
      ),
      cylinder('Collar', '35 mm', '8 mm'),
      by(
        morse('2', 'internal', 'tailstock', 'tailstock'),
        made('No. 2 Morse plug gauge', chosen('attachment', LONG_LATHE, HALF_ANGLE.morse2), '14 mm'),
      ),
      tang('Tang', 'headstock', '11.9 mm', '24 mm'),
    ],
    note: 'Bored held by its own shank, so that the two tapers run as one.',
  }),
];
