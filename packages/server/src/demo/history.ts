import type { SettingRow } from '@anello/contract';
import { stockFromStandOff, type Contact } from '@anello/core/gauging';
import type { KeptRecord, RecordBody } from '@anello/core/job';
import { HALF_ANGLE } from './jobs';
import { LONG_LATHE } from './machines';

interface Row {
  readonly job: string;
  readonly piece: number;
  readonly daysAgo: number;
  readonly time: string;
  readonly operator: string;
  readonly body: RecordBody;
  readonly about?: Pick<KeptRecord, 'feature' | 'operation'>;
}

const row = (
  job: string,
  daysAgo: number,
  time: string,
  operator: string,
  body: RecordBody,
  piece = 1,
  about: Row['about'] = {},
): Row => ({ job, piece, daysAgo, time, operator, body, about });

const reading = (at: number, seen: number): RecordBody => {
  const rise = (angle: number): number => at * Math.tan(angle);
  const band = (63e-6 * 1.6 ** 2) / 4;
  return {
    kind: 'reading',
    way: 'attachment',
    step: 'sweep',
    travelAlong: 'axis',
    at,
    seen,
    expected: rise(HALF_ANGLE.morse3),
    low: rise(HALF_ANGLE.morse3 - band),
    high: rise(HALF_ANGLE.morse3 + band),
    typed: String(seen),
  };
};
const kept = (
  way: 'compound' | 'attachment' | 'tailstock',
  halfAngle: number,
  workLength: number,
): RecordBody => ({ kind: 'setting-kept', way, machineId: LONG_LATHE, halfAngle, workLength });
const pass = (dialFrom: number, dialTo: number): RecordBody => ({
  kind: 'pass',
  dialFrom,
  dialTo,
  planned: dialTo,
  depth: (dialTo - dialFrom) / 2,
  typed: '',
});
const standOff = (seen: number, halfAngle: number): RecordBody => ({
  kind: 'stand-off',
  seen,
  halfAngle,
  diameterLeft: stockFromStandOff({ standOff: seen, halfAngle }).diameter,
  typed: `${seen} mm`,
});
const contact = (where: Contact, halfAngle: number): RecordBody => ({
  kind: 'contact',
  contact: where,
  halfAngle,
  swing: null,
  distance: null,
});
const thrown = (now: number, x: number, y: number): RecordBody => ({
  kind: 'thrown',
  eccentric: 'eccentric-1',
  wanted: 4.75,
  now,
  x,
  y,
  inside: false,
});
const measured = (diameter: number, expected: number, dialAt: number): RecordBody => ({
  kind: 'measured',
  diameter,
  expected,
  dialAt,
  typed: `${diameter} mm`,
});

/** A piece of the collet holder as far as it has come: what was done and measured, each with its operation. */
const HOLDER = {
  shank: 'no-3-morse-2',
  collar: 'collar-1',
  seat: 'seat-1',
  relief: 'relief-2',
  drawbar: 'drawbar-thread-3',
} as const;
const holder = (
  piece: number,
  daysAgo: number,
  time: string,
  body: RecordBody,
  operation?: string,
  feature?: string,
): Row =>
  row('j-110', daysAgo, time, 'MT', body, piece, {
    ...(operation ? { operation } : {}),
    ...(feature ? { feature } : {}),
  });
const collar = (piece: number, daysAgo: number, time: string, seen: number): Row[] => [
  holder(
    piece,
    daysAgo,
    time,
    { kind: 'worked', said: 'Drill and tap for the drawbar' },
    `tap-${HOLDER.drawbar}`,
    HOLDER.drawbar,
  ),
  holder(
    piece,
    daysAgo,
    time,
    { kind: 'sized', what: 'Collar, diameter', seen, low: 39.9, high: 40, typed: `${seen} mm` },
    `turn-${HOLDER.collar}`,
    HOLDER.collar,
  ),
  holder(
    piece,
    daysAgo,
    time,
    { kind: 'worked', said: 'Turn the collar' },
    `turn-${HOLDER.collar}`,
    HOLDER.collar,
  ),
];
const proved = (piece: number, daysAgo: number, time: string, feature: string, seen: number): Row[] => [
  holder(
    piece,
    daysAgo,
    time,
    standOff(seen, feature === HOLDER.seat ? HALF_ANGLE.collet : HALF_ANGLE.morse3),
    undefined,
    feature,
  ),
  holder(piece, daysAgo, time, { kind: 'verdict', verdict: 'accepted', cause: '' }, undefined, feature),
];
const COLLET_HOLDER: readonly Row[] = [
  ...collar(1, 4, '08:30', 39.912),
  holder(1, 4, '09:40', kept('attachment', HALF_ANGLE.morse3, 180), undefined, HOLDER.shank),
  ...proved(1, 4, '11:00', HOLDER.shank, 0.12),
  holder(1, 4, '13:10', kept('compound', HALF_ANGLE.collet, 112), undefined, HOLDER.seat),
  ...proved(1, 4, '14:20', HOLDER.seat, 0.08),
  holder(1, 4, '14:40', { kind: 'verdict', verdict: 'accepted', cause: '' }),
  holder(2, 3, '08:00', { kind: 'piece', carriedFrom: 1 }),
  ...collar(2, 3, '08:50', 39.941),
  ...proved(2, 3, '10:30', HOLDER.shank, 0.15),
  ...proved(2, 3, '13:00', HOLDER.seat, -0.05),
  holder(2, 3, '13:15', { kind: 'verdict', verdict: 'accepted', cause: '' }),
  holder(3, 1, '08:10', { kind: 'piece', carriedFrom: 2 }),
  ...collar(3, 1, '09:00', 39.97),
];

/** What has been kept so far in the demo shop, in order. */
const ROWS: readonly Row[] = [
  row('j-109', 41, '09:20', 'DO', kept('attachment', HALF_ANGLE.morse2, 92)),
  row('j-109', 41, '10:05', 'DO', pass(0, 1.2)),
  row('j-109', 41, '10:20', 'DO', pass(1.2, 2.4)),
  row('j-109', 41, '10:32', 'DO', pass(2.4, 3.6)),
  row('j-109', 41, '10:45', 'DO', standOff(3.2, HALF_ANGLE.morse2)),
  row('j-109', 41, '10:58', 'DO', pass(3.6, 3.88)),
  row('j-109', 41, '11:10', 'DO', standOff(-2.4, HALF_ANGLE.morse2)),
  row('j-109', 41, '11:14', 'DO', {
    kind: 'verdict',
    verdict: 'scrap',
    cause:
      'One cut too deep: 0.28 fed on the diameter dial where 0.16 was left. The plug went 2.4 mm past its line.',
  }),
  row('j-108', 9, '13:40', 'MT', kept('tailstock', HALF_ANGLE.pin, 110)),
  row('j-108', 9, '14:10', 'MT', { kind: 'verdict', verdict: 'accepted', cause: '' }),
  row('j-108', 9, '14:12', 'MT', { kind: 'piece', carriedFrom: 1 }, 2),
  row('j-108', 9, '14:40', 'MT', { kind: 'verdict', verdict: 'accepted', cause: '' }, 2),
  row('j-108', 9, '14:42', 'MT', { kind: 'piece', carriedFrom: 2 }, 3),
  row('j-108', 9, '14:55', 'MT', pass(0, 0.6), 3),
  row('j-108', 9, '15:02', 'MT', pass(0.6, 1.2), 3),
  row('j-107', 5, '13:05', 'MT', { kind: 'step', way: 'compound', step: 'swing' }),
  row('j-107', 5, '13:20', 'MT', kept('compound', HALF_ANGLE.collet, 82)),
  row('j-107', 5, '13:22', 'MT', { kind: 'step', way: 'compound', step: 'height' }),
  row('j-107', 5, '13:40', 'MT', pass(0, 3)),
  row('j-107', 5, '13:48', 'MT', pass(3, 6)),
  row('j-107', 5, '13:56', 'MT', pass(6, 7.96)),
  row('j-107', 5, '14:03', 'MT', measured(23.94, 23.96, 7.96)),
  row('j-107', 5, '14:10', 'MT', standOff(3.8, HALF_ANGLE.collet)),
  row('j-107', 5, '14:12', 'MT', contact('full', HALF_ANGLE.collet)),
  row('j-107', 5, '14:20', 'MT', pass(7.96, 8.6)),
  row('j-107', 5, '14:27', 'MT', standOff(1.6, HALF_ANGLE.collet)),
  row('j-103', 3, '15:10', 'DO', {
    kind: 'made',
    eccentric: 'eccentric-1',
    what: 'outside',
    basis: { throw: 4.75, diameter: 54, width: 18, bore: 20, hub: 34 },
  }),
  row('j-103', 3, '15:40', 'DO', thrown(4.31, 4.29, 0.42)),
  row('j-103', 3, '15:52', 'DO', thrown(4.68, 4.68, -0.03)),
  row('j-102', 2, '08:50', 'RK', { kind: 'step', way: 'compound', step: 'swing' }),
  row('j-102', 2, '09:10', 'RK', kept('compound', HALF_ANGLE.hub, 62)),
  row('j-102', 2, '09:12', 'RK', { kind: 'step', way: 'compound', step: 'height' }),
  row('j-102', 2, '09:30', 'RK', pass(0, 1.48)),
  row('j-102', 2, '09:41', 'RK', pass(1.48, 2.96)),
  row('j-102', 2, '09:52', 'RK', pass(2.96, 4.4)),
  row('j-102', 2, '09:58', 'RK', measured(36.32, 36.4, 4.4)),
  row('j-102', 2, '10:10', 'RK', pass(4.4, 5.12)),
  row('j-102', 2, '10:16', 'RK', standOff(11.6, HALF_ANGLE.hub)),
  row('j-102', 2, '10:24', 'RK', contact('full', HALF_ANGLE.hub)),
  row('j-102', 2, '10:30', 'RK', pass(5.12, 5.48)),
  row('j-102', 2, '10:36', 'RK', standOff(7.5, HALF_ANGLE.hub)),
  row('j-102', 2, '10:44', 'RK', pass(5.48, 5.88)),
  row('j-102', 2, '10:51', 'RK', standOff(2.9, HALF_ANGLE.hub)),
  ...COLLET_HOLDER,
  row('j-101', 0, '07:40', 'RK', { kind: 'step', way: 'attachment', step: 'scale' }),
  row('j-101', 0, '07:52', 'RK', reading(25, 0.631)),
  row('j-101', 0, '07:54', 'RK', reading(50, 1.262)),
];

/** What the lathes' devices were set to, in order. */
const SETTINGS: readonly (Omit<SettingRow, 'id' | 'at' | 'machineId'> & { daysAgo: number; time: string })[] =
  [
    {
      device: 'attachment',
      halfAngle: HALF_ANGLE.morse2,
      workLength: null,
      daysAgo: 41,
      time: '09:20',
      operator: 'DO',
      jobId: 'j-109',
      jobNumber: 'J-109',
      how: 'indicator over 60 mm',
    },
    {
      device: 'attachment',
      halfAngle: HALF_ANGLE.morse3 + 1.2e-5,
      workLength: null,
      daysAgo: 27,
      time: '15:30',
      operator: 'MT',
      jobId: null,
      jobNumber: null,
      how: 'sleeve blued end to end',
    },
    {
      device: 'tailstock',
      halfAngle: HALF_ANGLE.pin,
      workLength: 110,
      daysAgo: 9,
      time: '13:40',
      operator: 'MT',
      jobId: 'j-108',
      jobNumber: 'J-108',
      how: 'indicator on the barrel',
    },
    {
      device: 'compound',
      halfAngle: HALF_ANGLE.collet,
      workLength: null,
      daysAgo: 5,
      time: '13:20',
      operator: 'MT',
      jobId: 'j-107',
      jobNumber: 'J-107',
      how: 'indicator over 25 mm',
    },
    {
      device: 'compound',
      halfAngle: HALF_ANGLE.hub,
      workLength: null,
      daysAgo: 2,
      time: '09:10',
      operator: 'RK',
      jobId: 'j-102',
      jobNumber: 'J-102',
      how: 'indicator over 60 mm',
    },
  ];

const uuid = (group: number, n: number): string =>
  `0000000${group}-0000-4000-8000-${String(n).padStart(12, '0')}`;

function moment(now: Date, daysAgo: number, time: string): string {
  const day = new Date(now.getTime() - daysAgo * 86_400_000).toISOString().slice(0, 10);
  return `${day}T${time}:00.000Z`;
}

export function demoRecords(now: Date): KeptRecord[] {
  return ROWS.map(({ job, piece, daysAgo, time, operator, body, about }, index) => ({
    id: uuid(1, index + 1),
    jobId: job,
    piece,
    at: moment(now, daysAgo, time),
    operator,
    ...about,
    body,
  }));
}

/** What was kept of the year's earlier jobs, each under an id of its own. */
export const earlierRecords = (rows: readonly Omit<KeptRecord, 'id'>[]): KeptRecord[] =>
  rows.map((row, index) => ({ ...row, id: uuid(3, index + 1) }));

export function demoSettings(now: Date): SettingRow[] {
  return SETTINGS.map(({ daysAgo, time, ...rest }, index) => ({
    ...rest,
    id: uuid(2, index + 1),
    machineId: LONG_LATHE,
    at: moment(now, daysAgo, time),
  }));
}
