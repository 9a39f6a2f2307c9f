import {
  approachAdvice,
  approachOf,
  cutState,
  diameterAdvice,
  diameterApproach,
  dialForDiameter,
  evidenceOf,
  lastPrediction,
  lastReadings,
  passTo,
  triesOf,
} from '../../packages/core/src/approach';
import { latheLore } from '../../packages/core/src/infeed';
import { RECORD_EXAMPLES } from '../../packages/core/src/job/records/records.testdata';
import type { RecordBody } from '../../packages/core/src/job/records/registry';
import type { KeptRecord } from '../../packages/core/src/job/records/row';
import { SHANK } from '../../packages/core/src/testkit.testdata';
import type { Page } from '../page.testdata';

const id = (row: number): string => `00000000-0000-4000-8000-${String(row).padStart(12, '0')}`;
/** Rows as they were kept, one a minute, of the first piece or of the one that is said; the dial goes on from pass to pass. */
function kept(bodies: readonly (RecordBody | readonly [piece: number, body: RecordBody])[]): KeptRecord[] {
  const dial: number[] = [];
  return bodies.map((one, i) => {
    const [piece, body] = 'kind' in one ? [1, one] : one;
    const from = dial[piece] ?? 0;
    if (body.kind === 'pass') dial[piece] = from + 2 * body.depth;
    return {
      id: id(i),
      jobId: 'j-1',
      piece,
      at: new Date(Date.UTC(2026, 10, 20, 9, i)).toISOString(),
      operator: 'RK',
      body: body.kind === 'pass' ? { ...body, dialFrom: from, dialTo: from + 2 * body.depth } : body,
    };
  });
}

const SLOPE = Math.tan(SHANK.halfAngle);
/** A pass by so much on radius; none fed is one at the same figure. */
const cut = (depth: number): RecordBody => ({ ...RECORD_EXAMPLES.pass, depth });
const off = (seen: number, more: object = {}): RecordBody => ({
  ...RECORD_EXAMPLES['stand-off'],
  seen,
  halfAngle: SHANK.halfAngle,
  diameterLeft: 2 * seen * SLOPE,
  ...more,
});
const across = (diameter: number, expected: number | null = null): RecordBody => ({
  ...RECORD_EXAMPLES.measured,
  diameter,
  expected,
});
const { nudge, contact, cone, felt, withdrawn, reading } = RECORD_EXAMPLES;
const setting = RECORD_EXAMPLES['setting-kept'];
const blue = (
  where: 'large' | 'small' | 'full',
  swing: number | null = null,
  distance: number | null = null,
): RecordBody => ({
  ...contact,
  contact: where,
  swing,
  distance,
});
const feels = (feel: (typeof felt)['feel']): RecordBody => ({ ...felt, feel });

/** What was kept of a cone on its way to its line. */
const WAYS: Readonly<Record<string, Parameters<typeof kept>[0]>> = {
  'nothing yet': [],
  'roughed, not yet tried': [cut(0.75), cut(0.75)],
  'tried once': [cut(0.75), off(6)],
  'tried twice without a pass': [cut(0.3), off(6), off(5.8)],
  'an honest tool': [off(6), cut(0.05), off(4), cut(0.05), off(2)],
  'one that springs': [off(6), cut(0.05), off(4.6), cut(0.05), off(2.9)],
  'two passes between two tries': [off(6), cut(0.05), cut(0.03), off(3), cut(0.02), off(2.2)],
  'the second at the same figure': [off(6), cut(0.05), cut(0), off(3.9), cut(0.04), cut(0), off(2.3)],
  'more came off than was fed': [off(6), cut(0.05), off(2.2)],
  'nothing came off': [off(6), cut(0.05), off(6)],
  'within its band': [off(6), cut(0.14), off(0.2)],
  'past its line': [off(2), cut(0.06), off(-0.9)],
  'nudged between': [off(6), cut(0.05), off(4), nudge, cut(0.04), off(3.2), cut(0.03), off(2.1)],
  'nudged and not yet tried': [off(6), cut(0.05), off(4), nudge],
  'set anew between': [off(6), cut(0.05), off(4), setting, cut(0.04), off(2.6)],
  'looked at and begun anew': [off(6), cut(0.05), off(5.9), off(5.8, { checked: true }), cut(0.05), off(4)],
  'swept along the cone': [off(6), cut(0.05), { ...cone, method: 'sweep' }, cut(0.05), off(2.4)],
  'measured on rollers': [off(6), cut(0.05), { ...cone, method: 'rollers' }, cut(0.05), off(2.4)],
  'a dial that was shown': [cut(0.5), across(26, 26.02), cut(0.5), across(25.02, 25), off(5)],
  'a dial that counts twice': [cut(0.5), across(25.5, 25), off(5)],
  'a dial shown over too little': [cut(0.04), across(26, 26), off(5)],
  'a pass withdrawn': [off(6), cut(0.05), { ...withdrawn, record: id(1) }, cut(0.03), off(4.8)],
  'another piece between': [off(6), [2, cut(0.2)], [2, off(3)], cut(0.05), off(4.1)],
  'drawn back between': [off(6), cut(0.05), off(4), cut(-0.5), cut(0.55), off(2)],
  'drawn back and not yet fed': [off(6), cut(0.05), off(4), cut(-0.5)],
  'drawn back before the first try': [cut(0.5), cut(-1), off(4), cut(1.05), off(2)],
  'drawn back, and nudged': [off(6), cut(-0.5), nudge, cut(0.05), off(4), cut(0.05), off(2)],
  'many passes': [off(10), ...[9, 8, 7, 6, 5, 4, 3].flatMap((to) => [cut(0.03), off(to * 0.9)])],
};
const LIMITS = { halfAngle: SHANK.halfAngle, standOff: 0.3, division: 0.0025 };
const LORE =
  latheLore(
    [0.7, 0.75, 0.72, 0.78].map((gain, i) => ({
      gain,
      variance: 0.001,
      lash: 0.004 * i,
      wear: 0.001,
      at: `2026-11-1${i}T09:00:00.000Z`,
    })),
    '2026-11-20T09:00:00.000Z',
  ) ?? undefined;

const TO_LINE: Page = Object.entries(WAYS).map(([what, bodies]) => [
  `toward a line: ${what}`,
  () => {
    const records = kept(bodies);
    const approach = approachOf(records, 1);
    return {
      approach,
      next: approachAdvice(approach, LIMITS),
      known: approachAdvice(approach, { ...LIMITS, lore: LORE, risk: 0.05 })?.infeed ?? null,
      twice: approachAdvice(approach, { ...LIMITS, twice: true })?.infeed ?? null,
      foretold: lastPrediction(approach, LIMITS),
      stands: cutState(records, 1, 30, 'external'),
    };
  },
]);

/** What was seen and felt of a piece. */
const FELT: Readonly<Record<string, Parameters<typeof kept>[0]>> = {
  'nothing seen': [],
  'blue at the large end': [blue('large')],
  'it rocks there': [blue('large', 0.04, 70)],
  'it rocks, seen all over': [blue('full', 0.04, 70)],
  'it rocks at no distance': [blue('small', 0.04, 0)],
  'rocked, and marked again': [blue('large', 0.04, 70), blue('small')],
  'felt before it was marked': [feels('loose-small'), blue('large')],
  'loose at both ends, then firm': [feels('loose-both'), feels('firm')],
  'loose at its large end': [feels('loose-large')],
  'sticks, and warm': [feels('sticks'), feels('warm')],
  'let go, and cool': [feels('lets-go'), feels('as-cool')],
  'measured, then nudged': [cone, nudge],
  'measured after a nudge': [blue('large'), nudge, cone],
  'seen before it was set': [blue('large'), setting, feels('firm')],
  'one pass more': [blue('large'), cut(0.05), feels('firm')],
  'of the other piece': [[2, blue('large')], feels('firm')],
  'taken back': [blue('large'), { ...withdrawn, record: id(0) }],
};
const SEEN: Page = Object.entries(FELT).map(([what, bodies]) => [
  `what is known of a piece: ${what}`,
  () => evidenceOf(kept(bodies), 1),
]);

const read = (at: number, seen: number, more: object = {}): RecordBody => ({ ...reading, at, seen, ...more });
const READ: Readonly<Record<string, Parameters<typeof kept>[0]>> = {
  'nothing read': [],
  'read once through': [read(0, 0), read(25, 0.63), read(50, 1.26), read(75, 1.89)],
  'one place read again': [read(0, 0), read(75, 1.9), read(25, 0.63), read(75, 1.88)],
  'nudged, and read again': [read(0, 0), read(75, 1.9), nudge, read(0, 0), read(75, 1.883)],
  'nudged last': [read(0, 0), read(75, 1.9), nudge],
  'another step between': [
    read(0, 0),
    read(75, 1.9, { step: 'scale' }),
    { ...nudge, step: 'scale' },
    read(50, 1.25),
  ],
  'another way between': [read(0, 0), read(75, 1.9, { way: 'compound' }), read(50, 1.25)],
};
const TRIES: Page = Object.entries(READ).map(([what, bodies]) => [
  `a bar swept: ${what}`,
  () =>
    triesOf(kept(bodies), 'attachment', 'sweep', 1).map((one) => ({
      read: lastReadings(one),
      nudged: one.nudge && one.nudge.body.amount,
    })),
]);

/** A bar on its way to a diameter. */
const CUT: Readonly<Record<string, Parameters<typeof kept>[0]>> = {
  'nothing cut': [],
  'one cut': [cut(0.5)],
  'cut and measured': [cut(0.5), across(28.9)],
  'measured, and cut since': [cut(0.5), across(29.1), cut(0.25), cut(0.1)],
  'twice at one figure': [cut(0.5), cut(0), cut(0)],
  'again after a cut': [cut(0.5), cut(0), cut(0.2)],
  'drawn back': [cut(0.5), cut(-0.8)],
  'drawn back and fed on': [cut(0.5), cut(-0.8), cut(0.5), cut(0.6)],
  'drawn back and fed as far': [cut(0.5), cut(-0.8), cut(0.8)],
  'measured and on its way': [across(28.3), cut(0.1), across(28.12), cut(0.03), across(28.07)],
};
const DIAMETERS: Page = (['external', 'internal'] as const).flatMap((member): Page =>
  Object.entries(CUT).map(([what, bodies]) => [
    `${member === 'external' ? 'a bar' : 'a bore'} from 30: ${what}`,
    () => {
      const records = kept(bodies);
      const wanted = member === 'external' ? { least: 27.98, most: 28 } : { least: 28.2, most: 28.23 };
      const approach = diameterApproach(records, 1, { member, ...wanted });
      return {
        stands: cutState(records, 1, 30, member),
        approach,
        next: diameterAdvice(approach, { member, ...wanted }, { division: 0.0025 }),
      };
    },
  ]),
);

const DIALS: Page = [
  [
    'to a figure of a dial',
    () =>
      (['diameter', 'radius'] as const).map((reads) => [
        passTo(24.1, 24.5, reads),
        passTo(24.5, 24.1, reads),
      ]),
  ],
  ['what a dial shows of a diameter', () => [dialForDiameter(24, 'diameter'), dialForDiameter(24, 'radius')]],
];

/** What was kept of a piece, and what it says: where the cut stands, what comes next, what was foretold. */
export const TRIES_PAGE: Page = [...TO_LINE, ...SEEN, ...TRIES, ...DIAMETERS, ...DIALS];
