import { entry, newWork, type FeatureDocument, type TaperWork } from '@anello/contract';
import { stockFromStandOff } from '@anello/core/gauging';
import type { KeptRecord, RecordBody } from '@anello/core/job';
import { blankRows } from './blanks';
import { bar, by, chosen, HALF_ANGLE, job, made, type DemoJob } from './jobs';
import { LONG_LATHE, SHORT_LATHE } from './machines';
import { cylinder, eccentric, hole, morse, taper, thread } from './parts';

/** One taper of an earlier job as it went: what its setting took, how the tool cut, and how it came out. */
interface Went {
  readonly daysAgo: number;
  readonly operator: string;
  readonly way: NonNullable<TaperWork['way']>;
  /** Nudges before the setting was right, as half angles off at first, rad. */
  readonly nudged: readonly number[];
  /** Infeeds after the first try, mm on diameter, and the share of each that came off. */
  readonly fed: readonly number[];
  readonly took: number;
  /** Stand-off at the first try, mm; the others follow from what came off. */
  readonly standsOff: number;
  readonly verdict: 'accepted' | 'scrap';
  readonly cause?: string;
  /** Why the first piece was sent back before it was accepted. */
  readonly sentBack?: string;
  readonly pieces?: number;
}

interface Earlier {
  readonly made: DemoJob;
  readonly rows: readonly Omit<KeptRecord, 'id'>[];
}

const MINUTE = 60_000;
const DAY = 86_400_000;
/** Minutes from one thing kept to the next, in turn: nobody works by the clock. */
const PACE = [7, 12, 5, 9, 14, 6, 11];

/** Rows one after another from a morning on. */
function rowsOf(jobId: string, feature: string, operator: string, from: Date) {
  let at = from.getTime();
  const rows: Omit<KeptRecord, 'id'>[] = [];
  return {
    rows,
    keep(piece: number, body: RecordBody): void {
      rows.push({ jobId, piece, at: new Date(at).toISOString(), operator, feature, body });
      at += (PACE[rows.length % PACE.length] as number) * MINUTE;
    },
  };
}

/** Everything kept of a taper: set until it was right, then piece after piece from the first try to the verdict. */
function taperRows(jobId: string, feature: string, went: Went, now: Date): Earlier['rows'] {
  const morning = new Date(now.getTime() - went.daysAgo * DAY).toISOString().slice(0, 10);
  const { rows, keep } = rowsOf(jobId, feature, went.operator, new Date(`${morning}T07:40:00.000Z`));
  const { id: way, halfAngle, machineId } = went.way;
  for (const off of went.nudged)
    keep(1, {
      kind: 'nudge',
      way,
      step: 'sweep',
      amount: Math.abs(off) * 300,
      direction: off > 0 ? 'less' : 'more',
      fromHalfAngle: halfAngle + off,
      toHalfAngle: halfAngle,
    });
  keep(1, { kind: 'setting-kept', way, machineId, halfAngle, workLength: 120 });
  for (let piece = 1; piece <= (went.pieces ?? 1); piece++) {
    if (piece > 1) keep(piece, { kind: 'piece', carriedFrom: piece - 1 });
    tried(keep, piece, went);
    if (piece === 1 && went.sentBack) {
      keep(piece, { kind: 'verdict', verdict: 'rework', cause: went.sentBack });
      keep(piece, { kind: 'contact', contact: 'full', halfAngle, swing: null, distance: null });
    }
    const last = piece === (went.pieces ?? 1);
    keep(piece, {
      kind: 'verdict',
      verdict: last ? went.verdict : 'accepted',
      cause: last ? (went.cause ?? '') : '',
    });
  }
  return rows;
}

function tried(keep: (piece: number, body: RecordBody) => void, piece: number, went: Went): void {
  const { halfAngle } = went.way;
  const standOff = (seen: number): RecordBody => ({
    kind: 'stand-off',
    seen,
    halfAngle,
    diameterLeft: stockFromStandOff({ standOff: seen, halfAngle }).diameter,
    typed: `${seen} mm`,
  });
  let dial = 0;
  let seen = went.standsOff;
  keep(piece, standOff(seen));
  keep(piece, { kind: 'contact', contact: 'full', halfAngle, swing: null, distance: null });
  for (const infeed of went.fed) {
    const to = Math.round((dial + infeed) * 100) / 100;
    keep(piece, { kind: 'pass', dialFrom: dial, dialTo: to, planned: to, depth: (to - dial) / 2, typed: '' });
    seen = Math.round((seen - ((to - dial) * went.took) / 2 / Math.tan(halfAngle)) * 10) / 10;
    dial = to;
    keep(piece, standOff(seen));
  }
}

/** A finished job of one taper. */
function earlier(
  number: string,
  title: string,
  given: {
    readonly quantity?: number;
    readonly material: string;
    readonly across: readonly [string, string];
    readonly cone: Extract<FeatureDocument, { kind: 'taper' }>;
    readonly others: readonly FeatureDocument[];
    readonly mate: string;
    readonly over: string;
    readonly went: Went;
  },
  now: Date,
): Earlier {
  const { went, cone } = given;
  const document = job(number, title, went.way.machineId, given.quantity ?? 1, {
    material: given.material,
    stock: bar(...given.across),
    features: [...given.others, by(cone, made(given.mate, went.way, given.over))],
  });
  const before = new Date(now.getTime() - (went.daysAgo + 1) * DAY).toISOString().slice(0, 10);
  return {
    made: document,
    rows: [
      ...blankRows(document.document, document.id, went.operator, new Date(`${before}T07:30:00.000Z`)),
      ...taperRows(document.id, cone.id, went, now),
    ],
  };
}

const onLong = (id: 'compound' | 'attachment' | 'tailstock', halfAngle: number) =>
  chosen(id, LONG_LATHE, halfAngle);
const hub = (over: string) =>
  taper('1:12 bore', 'internal', 'tailstock', {
    from: 'tailstock',
    largeDiameter: entry(over),
    ratio: entry('1:12', 'taper'),
    length: entry('50 mm'),
  });

/** The demo shop's last year: what is finished and put away, oldest first. */
export function earlierWork(now: Date): readonly Earlier[] {
  const third = HALF_ANGLE.morse3;
  return [
    earlier(
      'J-041',
      'Drill sleeve, No. 3 Morse outside',
      {
        material: 'EN8',
        across: ['34 mm', '150 mm'],
        others: [cylinder('Collar', '32 mm', '8 mm')],
        cone: morse('3', 'external', 'headstock'),
        mate: 'No. 3 Morse sleeve',
        over: '25 mm',
        went: {
          daysAgo: 331,
          operator: 'MT',
          way: onLong('attachment', third),
          nudged: [0.0011, -0.0003],
          fed: [0.3, 0.16],
          took: 0.93,
          standsOff: 4.4,
          verdict: 'accepted',
        },
      },
      now,
    ),
    earlier(
      'J-052',
      'Milling arbors, No. 3 Morse',
      {
        quantity: 2,
        material: 'EN24T',
        across: ['36 mm', '240 mm'],
        others: [cylinder('Arbor', '22 mm', '110 mm'), cylinder('Flange', '34 mm', '8 mm')],
        cone: morse('3', 'external', 'headstock'),
        mate: 'No. 3 Morse sleeve',
        over: '25 mm',
        went: {
          daysAgo: 274,
          operator: 'RK',
          way: onLong('attachment', third),
          nudged: [0.0008],
          fed: [0.24, 0.14, 0.04],
          took: 0.95,
          standsOff: 4.1,
          verdict: 'accepted',
          pieces: 2,
        },
      },
      now,
    ),
    earlier(
      'J-058',
      'Pulley hub, bored 1:12',
      {
        material: 'Cast iron',
        across: ['62 mm', '90 mm'],
        others: [cylinder('Hub', '58 mm', '50 mm')],
        cone: hub('36 mm'),
        mate: 'Plug turned from the shaft',
        over: '30 mm',
        went: {
          daysAgo: 241,
          operator: 'DO',
          way: onLong('compound', HALF_ANGLE.hub),
          nudged: [0.002, 0.0006],
          fed: [0.5, 0.5, 0.2],
          took: 1.04,
          standsOff: 13.6,
          verdict: 'scrap',
          cause: 'Lash of the compound taken up the wrong way: the plug went past its line.',
        },
      },
      now,
    ),
    earlier(
      'J-063',
      'Taper pins 1:50, three',
      {
        quantity: 3,
        material: 'Silver steel',
        across: ['10 mm', '90 mm'],
        others: [],
        cone: taper('Pin', 'external', 'headstock', {
          smallDiameter: entry('8 mm'),
          ratio: entry('1:50', 'taper'),
          length: entry('80 mm'),
        }),
        mate: 'Reamed hole in the guide',
        over: '10 mm',
        went: {
          daysAgo: 203,
          operator: 'MT',
          way: onLong('tailstock', HALF_ANGLE.pin),
          nudged: [0.0004],
          fed: [0.1, 0.04],
          took: 0.9,
          standsOff: 6.6,
          verdict: 'accepted',
          sentBack: 'Chatter or torn finish: the tool had lost its edge.',
          pieces: 3,
        },
      },
      now,
    ),
    earlier(
      'J-069',
      'Collet closer, 8° seat',
      {
        material: 'EN24T',
        across: ['42 mm', '80 mm'],
        others: [cylinder('Closer', '40 mm', '36 mm'), hole('Through', '15 mm', '20 mm', 'headstock')],
        cone: taper('Seat', 'internal', 'tailstock', {
          from: 'tailstock',
          largeDiameter: entry('22 mm'),
          halfAngle: entry('8 deg', 'angle'),
          length: entry('16 mm'),
        }),
        mate: 'Collet, size 22',
        over: '16 mm',
        went: {
          daysAgo: 176,
          operator: 'DO',
          way: onLong('compound', HALF_ANGLE.collet),
          nudged: [0.0017, -0.0005, 0.0002],
          fed: [0.3, 0.2, 0.06],
          took: 0.97,
          standsOff: 2.1,
          verdict: 'accepted',
          sentBack: 'Angle out of band: it rocks on its small end.',
        },
      },
      now,
    ),
    earlier(
      'J-078',
      'Centre for the small drill, No. 2 Morse',
      {
        material: 'EN24T',
        across: ['22 mm', '130 mm'],
        others: [cylinder('Body', '18 mm', '30 mm')],
        cone: morse('2', 'external', 'headstock'),
        mate: 'No. 2 Morse sleeve',
        over: '19 mm',
        went: {
          daysAgo: 128,
          operator: 'RK',
          way: onLong('attachment', HALF_ANGLE.morse2),
          nudged: [0.0006],
          fed: [0.2, 0.1],
          took: 0.94,
          standsOff: 3,
          verdict: 'accepted',
          sentBack: 'Still over size: the sleeve stands off by 3 mm.',
        },
      },
      now,
    ),
    earlier(
      'J-086',
      'Boring-bar shank, No. 3 Morse, short',
      {
        material: 'EN24T',
        across: ['42 mm', '160 mm'],
        others: [
          cylinder('Body', '40 mm', '30 mm'),
          thread('Drawbar thread', 'M12', '12 mm', '1.75 mm', '24 mm', 'internal'),
        ],
        cone: morse('3', 'external', 'headstock'),
        mate: 'No. 3 Morse sleeve',
        over: '25 mm',
        went: {
          daysAgo: 93,
          operator: 'RK',
          way: onLong('attachment', third + 1.2e-5),
          nudged: [0.0009, -0.0002],
          fed: [0.3, 0.12, 0.04],
          took: 0.93,
          standsOff: 4.5,
          verdict: 'accepted',
        },
      },
      now,
    ),
    earlier(
      'J-093',
      'Fan hub, bored 1:12',
      {
        material: 'Phosphor bronze',
        across: ['62 mm', '90 mm'],
        others: [cylinder('Hub', '58 mm', '50 mm')],
        cone: hub('34 mm'),
        mate: 'Plug turned from the shaft',
        over: '28 mm',
        went: {
          daysAgo: 62,
          operator: 'RK',
          way: onLong('compound', HALF_ANGLE.hub),
          nudged: [0.0012],
          fed: [0.4, 0.4, 0.2, 0.08],
          took: 0.98,
          standsOff: 12.7,
          verdict: 'accepted',
        },
      },
      now,
    ),
    throwOff(now),
  ];
}

/** The last eccentric of the same throw: what dialling it in took. */
function throwOff(now: Date): Earlier {
  const work = { ...newWork('eccentric'), mate: 'Throw-off shaft, 20 mm', way: 'four-jaw' as const };
  const body = eccentric('Eccentric', '50 mm', '16 mm', '4.75 mm');
  const document = job('J-097', 'Throw-off eccentric, the worn one’s fellow', SHORT_LATHE, 1, {
    material: 'Cast iron',
    stock: bar('62 mm', '90 mm'),
    features: [
      cylinder('Hub', '34 mm', '16 mm'),
      by(body, { ...work, limit: entry('0.05 mm'), toward: 1 }),
      hole('Bore', '20 mm', '32 mm'),
    ],
  });
  const morning = new Date(now.getTime() - 55 * DAY).toISOString().slice(0, 10);
  const { rows, keep } = rowsOf(document.id, body.id, 'DO', new Date(`${morning}T08:10:00.000Z`));
  for (const [seen, x, y] of [
    [4.22, 4.2, 0.38],
    [4.66, 4.65, -0.08],
    [4.76, 4.76, 0.01],
  ] as const)
    keep(1, {
      kind: 'thrown',
      eccentric: body.id,
      wanted: 4.75,
      now: seen,
      x,
      y,
      inside: Math.abs(seen - 4.75) <= 0.025,
    });
  keep(1, { kind: 'verdict', verdict: 'accepted', cause: '' });
  return { made: document, rows };
}
