import {
  batchSeries,
  lineProgress,
  nextInBatch,
  provedOn,
  type RecordBody,
} from '../../packages/core/src/job';
import type { BatchAt, BatchOrder } from '../../packages/core/src/job/nextInBatch';
import type { LineOperation } from '../../packages/core/src/job/lineOfWork';
import type { KeptRecord } from '../../packages/core/src/job/records/row';
import {
  latheLikeness,
  learnedMinutes,
  learnedScale,
  operationStory,
  shapeStory,
} from '../../packages/core/src/memory';
import type { Told } from '../../packages/core/src/memory/likeness';
import type { Page } from '../page.testdata';

let made = 0;
/** A row kept so many minutes after eight. */
const kept = (
  minute: number,
  piece: number,
  body: RecordBody,
  more: Partial<KeptRecord> = {},
): KeptRecord => ({
  id: `w${++made}`,
  jobId: 'j-1',
  piece,
  at: new Date(Date.UTC(2026, 10, 20, 8, minute)).toISOString(),
  operator: minute < 300 ? 'RK' : 'DO',
  body,
  ...more,
});
const worked = (minute: number, piece: number, operation: string): KeptRecord =>
  kept(minute, piece, { kind: 'worked', said: operation, minutes: 10 }, { operation });
const sized = (minute: number, piece: number, operation: string, seen: number): KeptRecord =>
  kept(
    minute,
    piece,
    { kind: 'sized', what: 'Collar, diameter', seen, low: 39.9, high: 40, typed: '' },
    { operation },
  );
const verdict = (
  minute: number,
  piece: number,
  said: 'accepted' | 'scrap' | 'rework',
  more: Partial<KeptRecord> = {},
): KeptRecord =>
  kept(minute, piece, { kind: 'verdict', verdict: said, cause: said === 'accepted' ? '' : 'chatter' }, more);
const pass = (
  minute: number,
  piece: number,
  dialFrom: number,
  dialTo: number,
  more: Partial<KeptRecord> = {},
): KeptRecord =>
  kept(
    minute,
    piece,
    { kind: 'pass', dialFrom, dialTo, planned: dialTo, depth: (dialTo - dialFrom) / 2, typed: '' },
    more,
  );
const tried = (minute: number, piece: number, seen: number): KeptRecord =>
  kept(
    minute,
    piece,
    { kind: 'stand-off', seen, halfAngle: 0.025, diameterLeft: seen / 20, typed: '' },
    OF_CONE,
  );
const OF_CONE = { feature: 'cone', operation: 'taper-cone' } as const;

const plain = (id: string, ...features: string[]): LineOperation => ({ id, features, loop: false });
const loop = (id: string, feature: string, first = false): LineOperation => ({
  ...{ id, features: [feature], loop: true },
  ...(first ? { first } : {}),
});
const LINE: readonly (readonly LineOperation[])[] = [
  [plain('face'), plain('turn-collar', 'collar'), loop('taper-cone', 'cone', true)],
  [plain('face-other'), loop('taper-seat', 'seat'), plain('inspect')],
];

/** What a batch of three may have kept by now. */
const SO_FAR: Readonly<Record<string, readonly KeptRecord[]>> = {
  'nothing kept': [],
  'the first face done': [worked(5, 1, 'face')],
  'the collar of the first measured, nothing ticked': [sized(15, 1, 'turn-collar', 39.95)],
  'a slide set for the cone, and nothing cut': [
    kept(
      20,
      1,
      { kind: 'setting-kept', way: 'attachment', machineId: 'm', halfAngle: 0.025, workLength: 100 },
      OF_CONE,
    ),
  ],
  'the cone begun': [pass(30, 1, 0, 1, OF_CONE)],
  'a pass from before rows said of what': [pass(30, 1, 0, 1)],
  'the cone of the first proved': [verdict(60, 1, 'accepted', OF_CONE)],
  'both shapes of the first proved': [
    verdict(60, 1, 'accepted', OF_CONE),
    verdict(90, 1, 'accepted', { feature: 'seat', operation: 'taper-seat' }),
  ],
  'the first done to its end': [
    verdict(60, 1, 'accepted', OF_CONE),
    verdict(90, 1, 'accepted', { feature: 'seat', operation: 'taper-seat' }),
    worked(100, 1, 'inspect'),
    verdict(101, 1, 'accepted'),
  ],
  'the first scrapped': [worked(5, 1, 'face'), verdict(8, 1, 'scrap')],
  'the first sent back': [verdict(60, 1, 'rework', OF_CONE)],
  'the second taken up, the first left at its cone': [
    worked(5, 1, 'face'),
    pass(30, 1, 0, 1, OF_CONE),
    kept(40, 2, { kind: 'piece' } as RecordBody),
    worked(45, 2, 'face'),
  ],
  'all three through the first holding': [1, 2, 3].flatMap((piece) => [
    worked(5 * piece, piece, 'face'),
    verdict(60 * piece, piece, 'accepted', OF_CONE),
  ]),
  'all three accepted whole': [1, 2, 3].map((piece) => verdict(60 * piece, piece, 'accepted')),
  'a verdict taken back': (() => {
    const wrong = verdict(60, 1, 'scrap');
    return [wrong, kept(61, 1, { kind: 'withdrawn', record: wrong.id })];
  })(),
};
const SHAPES = ['cone', 'seat'] as const;
const at = (
  order: BatchOrder,
  records: readonly KeptRecord[],
  piece: number,
  more: Partial<BatchAt> = {},
): BatchAt => ({
  ...{ order, records, piece, holdings: LINE, quantity: 3, shapes: SHAPES },
  ...more,
});

const NEXT: Page = Object.entries(SO_FAR).map(([name, records]) => [
  `a batch with ${name}`,
  () => ({
    'each in turn': [1, 2, 3].map((piece) => nextInBatch(at('in-turn', records, piece))),
    'holding by holding': [1, 2, 3].map((piece) => nextInBatch(at('by-holding', records, piece))),
    'one closing of the jaws': nextInBatch(at('by-holding', records, 1, { goOn: new Set([1]) })),
    'a line of nothing': nextInBatch(at('in-turn', records, 1, { holdings: [] })),
    ...Object.fromEntries(
      [1, 2].map((piece) => {
        const proved = provedOn({ records, shapes: SHAPES }, piece);
        return [`piece ${piece}`, { proved, ...lineProgress(LINE.flat(), records, piece, proved) }];
      }),
    ),
  }),
]);

const run = (...seen: number[]): KeptRecord[] =>
  seen.map((one, i) => sized(10 * i, i + 1, 'turn-collar', one));
/** Figures along a batch. */
const SERIES: Page = [
  ['one measured', run(39.95)],
  ['two measured', run(39.95, 39.96)],
  ['three that do not move', run(39.95, 39.95, 39.95)],
  ['three in a line', run(39.92, 39.93, 39.94)],
  ['four that drift up', run(39.921, 39.929, 39.941, 39.95)],
  ['four that drift down', run(39.98, 39.968, 39.96, 39.949)],
  ['four that scatter', run(39.95, 39.93, 39.96, 39.94)],
  ['one that went out', run(39.95, 40.02, 39.96)],
  ['one on its limit', run(39.9, 40)],
  [
    'a piece left out',
    [sized(1, 1, 't', 39.92), sized(2, 3, 't', 39.94), sized(3, 4, 't', 39.95), sized(4, 5, 't', 39.96)],
  ],
].map(([name, records]): Page[number] => [
  `along a batch: ${String(name)}`,
  () => batchSeries(records as KeptRecord[], 12),
]);

/** One shape's day, with a pause over noon. */
const DAY: readonly KeptRecord[] = [
  kept(
    0,
    1,
    {
      kind: 'reading',
      way: 'attachment',
      step: 'sweep',
      at: 0,
      seen: 0,
      expected: 0,
      low: 0,
      high: 0,
      typed: '',
    } as RecordBody,
    OF_CONE,
  ),
  kept(
    6,
    1,
    { kind: 'setting-kept', way: 'attachment', machineId: 'm', halfAngle: 0.02512, workLength: 100 },
    OF_CONE,
  ),
  pass(10, 1, 0, 1, OF_CONE),
  tried(16, 1, 4),
  pass(20, 1, 1, 1.12, OF_CONE),
  tried(25, 1, 1.9),
  pass(120, 1, 1.12, 1.2, OF_CONE),
  tried(126, 1, 0.2),
  verdict(130, 1, 'accepted', OF_CONE),
  pass(310, 2, 0, 1.2, OF_CONE),
  tried(318, 2, -0.4),
  verdict(320, 2, 'scrap', OF_CONE),
];
const PLAIN: readonly KeptRecord[] = [
  worked(0, 1, 'face'),
  pass(4, 1, 0, 1, { operation: 'turn-collar', feature: 'collar' }),
  sized(9, 1, 'turn-collar', 39.95),
  worked(10, 1, 'turn-collar'),
  kept(12, 1, { kind: 'note', text: 'Tool reground' }, { operation: 'turn-collar' }),
  sized(100, 2, 'turn-collar', 40.02),
  worked(101, 2, 'turn-collar'),
];

const STORY: Told['story'] = {
  ...{ from: '2026-01-01T08:00:00.000Z', to: '2026-01-01T10:00:00.000Z', operator: 'RK', way: 'attachment' },
  ...{ setting: null, pieces: 1, accepted: 1, scrapped: 0, passes: 2, tries: 2, took: null, causes: [] },
  ...{ minutes: 60, setUpMinutes: null, runout: null },
};
const told = (n: number, story: Partial<Told['story']>, more: Partial<Told> = {}): Told => ({
  jobId: `j-${n}`,
  number: `J-${n}`,
  story: { ...STORY, to: new Date(Date.UTC(2026, 0, n)).toISOString(), ...story },
  ...more,
});
const setting = (scaleOff: number | null): Told['story']['setting'] => ({
  ...{ halfAngle: 0.025, at: '2026-01-01T09:00:00.000Z', operator: 'RK', machineId: 'l' },
  ...{ nudges: scaleOff === null ? 0 : 1, scaleOff },
});

/** What jobs told of one lathe. */
const LATHE_TOLD: Readonly<Record<string, readonly Told[]>> = {
  'one job': [told(1, { setting: setting(3e-4), took: 0.95, setUpMinutes: 31 })],
  'two jobs': [1, 2].map((n) => told(n, { setting: setting(3e-4), took: 0.95, setUpMinutes: 20 + n })),
  'five alike': [1, 2, 3, 4, 5].map((n) =>
    told(n, {
      setting: setting(3e-4 + 1e-5 * (n % 3)),
      took: 0.95,
      setUpMinutes: 25 + (n % 2),
      runout: 0.004,
    }),
  ),
  'five wide apart': [1, 2, 3, 4, 5].map((n) =>
    told(n, { setting: setting(n % 2 ? 4e-4 : -3e-4), took: 0.8 + 0.05 * n }),
  ),
  'eight, the last three otherwise': Array.from({ length: 8 }, (_, i) =>
    told(i + 1, { took: (i < 5 ? 0.95 : 0.8) + 0.003 * (i % 3), setting: setting(i < 5 ? 2e-4 : 6e-4) }),
  ),
  'what came later told first': [told(9, { took: 0.9 }), told(2, { took: 1 }), told(5, { took: 0.96 })],
  'of another way': [1, 2, 3].map((n) =>
    told(n, { way: 'compound', setting: setting(-2e-4), setUpMinutes: 12.6 }),
  ),
  'tools and drift': [1, 2, 3].map((n) =>
    told(
      n,
      {},
      {
        drift: n === 2 ? null : 0.004 * n,
        shown: [
          {
            gain: 0.9 - 0.01 * n,
            variance: 1e-4,
            lash: 0.01 * n,
            wear: 0.001,
            at: '2026-01-02T00:00:00.000Z',
          },
        ],
      },
    ),
  ),
};

/** Batches gone through, figures along them, and what is remembered of it all. */
export const BATCHES_PAGE: Page = [
  ...NEXT,
  ...SERIES,
  ...DAY.map((_, n): Page[number] => [
    `the story after ${n + 1} rows`,
    () => shapeStory(DAY.slice(0, n + 1)),
  ]),
  ...['face', 'turn-collar', 'never'].map((operation): Page[number] => [
    `how ${operation} went`,
    () => operationStory(PLAIN, operation),
  ]),
  ...Object.entries(LATHE_TOLD).map(([name, jobs]): Page[number] => [
    `a lathe told of by ${name}`,
    () => {
      const figures = latheLikeness(jobs);
      return {
        figures: figures.map(({ points, ...one }) => ({
          ...one,
          values: points.map(({ number, value }) => [number, value]),
        })),
        minutes: learnedMinutes({}, figures),
        'minutes typed': learnedMinutes({ minutes: { attachment: 40 } }, figures),
        scale: [learnedScale('attachment', figures), learnedScale('compound', figures)],
      };
    },
  ]),
];
