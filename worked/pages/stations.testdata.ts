import {
  carriageTable,
  dialIn,
  eccentricsOf,
  indicatorPlan,
  USUAL_CARRIAGE_TOOLS,
} from '../../packages/core/src/eccentric';
import { outOfReach, shapeCurve, type Piece } from '../../packages/core/src/curve';
import type { ShapePoint } from '../../packages/core/src/curve/shapeCurve';
import type { StationReading } from '../../packages/core/src/gauging/readStations';
import { judgeSweep, schoolsFor, settingSteps } from '../../packages/core/src/setting';
import type { SettingContext, Sweep } from '../../packages/core/src/setting/setting';
import { DRAWER, LONG } from '../../packages/core/src/testkit.testdata';
import { WAYS } from '../../packages/core/src/ways/taper/registry';
import { answered, type Page } from '../page.testdata';
import { TASKS } from './ways.testdata';

const DEGREE = Math.PI / 180;

/** What a needle may do along the stations of a card, from 0 at the first to 1 at the last. */
const NEEDLES: Readonly<Record<string, (part: number, long: number) => number>> = {
  'as it should': () => 0,
  'a tenth of a band steep': (u, band) => (0.1 * u * band) / 2,
  'two bands steep': (u, band) => 2 * u * band,
  'two bands shallow': (u, band) => -2 * u * band,
  'lost at the start': (u, band) => (u > 0 ? -4 * band - 0.02 : 0),
  'hollow in the middle': (u, band) => 8 * (band + 0.002) * u * (1 - u),
  'all one way off': (_, band) => 3 * band + 0.01,
  'too few of them': () => NaN,
  'here and there': (u, band) => (band + 0.01) * [3, -4, 2, 5, -3][Math.round(4 * u)]!,
};

const readAs = (sweep: Sweep, needle: (part: number, band: number) => number): StationReading[] => {
  const last = sweep.stations.at(-1)?.at ?? 1;
  return sweep.stations
    .map(({ at, expected, low, high }) => ({
      at,
      seen: expected + needle(last === 0 ? 0 : at / last, high - low),
    }))
    .filter(({ at, seen }) => at === 0 || !Number.isNaN(seen));
};

const CONTEXT: SettingContext = { task: TASKS['a Morse shank']!, lathe: LONG, kit: DRAWER };

/** Every card with a sweep, of every way and school, judged by what a needle might do; each sort of sweep once. */
function judged(context: SettingContext, what: string): Page {
  const seen = new Set<string>();
  return WAYS.flatMap((way) =>
    schoolsFor(way.id, context)
      .filter(({ blocked }) => !blocked)
      .flatMap(({ id }) => settingSteps(way.id, context, id).map((step) => ({ way, id, step }))),
  ).flatMap(({ way, id, step }): Page => {
    const { sweep } = step;
    if (!sweep) return [];
    const known = JSON.stringify([sweep.reads, sweep.stations]);
    if (seen.has(known)) return [];
    seen.add(known);
    return [
      [
        `${what} by ${way.name}, ${id}, ${step.id}: ${sweep.reads} at ${sweep.stations.length}`,
        () =>
          Object.entries(NEEDLES).map(([name, needle]) => {
            const { fit, inBand, nudge, remark } = judgeSweep(way.id, context, sweep, readAs(sweep, needle));
            return {
              [name]: {
                inBand,
                remark,
                nudge,
                pattern: fit.pattern,
                halfAngle: fit.halfAngle,
                step: fit.step,
              },
            };
          }),
      ],
    ];
  });
}

const at = (degrees: number, reading: number) => ({ direction: degrees * DEGREE, reading });
const offBy = (x: number, y: number) => (degrees: number) =>
  at(degrees, 5 + x * Math.cos(degrees * DEGREE) + y * Math.sin(degrees * DEGREE));
const round = [0, 90, 180, 270];
type Dial = Parameters<typeof dialIn>[0];
const DIALS: Readonly<Record<string, Dial['readings']>> = {
  'nothing read': [],
  'one read': [at(0, 9.5)],
  'two opposite': [at(0, 9.5), at(180, 0)],
  'two the other way': [at(90, 2), at(270, 9)],
  'two beside each other': [at(0, 9.5), at(90, 4)],
  'three of them': [at(0, 9.5), at(180, 0), at(90, 4.7)],
  'three, none opposite': [at(10, 9.5), at(120, 3), at(230, 2)],
  'on it': round.map(offBy(4.75, 0)),
  'on it, and oval': round.map((d) => at(d, offBy(4.75, 0)(d).reading + 0.1 * Math.cos(2 * d * DEGREE))),
  'too little': round.map(offBy(4.6, 0)),
  'too much, and aside': round.map(offBy(4.8, 0.3)),
  behind: round.map(offBy(-4.75, 0)),
  true: round.map(() => at(0, 5)).map(({ reading }, i) => at(round[i]!, reading)),
  'toward the second jaw': round.map(offBy(0, 4.75)),
  'read at eight places': [0, 45, 90, 135, 180, 225, 270, 315].map(offBy(3.2, 3.4)),
};
const DIALLED: Page = Object.entries(DIALS).map(([what, readings]) => [
  `dialled in for 4.75: ${what}`,
  () =>
    (
      [
        ['toward jaw 1', { toward: 1 }],
        ['anywhere', { toward: null }],
        ['of a disc of 40', { toward: 1, diameter: 40 }],
        ['the ends of its swing', { toward: 3, extremes: true }],
      ] as const
    ).map(([how, more]) => ({
      [how]: answered(() => dialIn({ readings, throw: 4.75, limit: 0.05, resolution: 0.01, ...more })),
    })),
]);
const REACHES: Page = [
  [
    'an indicator for a throw',
    () => [null, 8, 10, 10.6, 12].map((range) => indicatorPlan({ throw: 4.75, range })),
  ],
];

const disc = (grooves: readonly object[], width = 18) =>
  eccentricsOf([
    {
      id: 'e',
      name: 'Eccentric',
      kind: 'eccentric',
      side: 'external',
      diameter: 54,
      length: width,
      throw: 4.75,
      grooves,
    } as never,
  ])[0]!;
const GROOVES: Readonly<Record<string, readonly object[]>> = {
  none: [],
  'one in the middle': [{ width: 6, depth: 2 }],
  'one as wide as its tool': [{ width: 3, depth: 2, at: 4 }],
  'one narrower than its tool': [{ width: 2.9, depth: 2, at: 4 }],
  'one a little wider': [{ width: 3.2, depth: 2, at: 4 }],
  'one of twice its tool': [{ width: 6, depth: 2, at: 4 }],
  'one at the face': [{ width: 4, depth: 2, at: 0.5 }],
  'one at the end': [{ width: 4, depth: 2, at: 13.6 }],
  'one past the end': [{ width: 4, depth: 2, at: 15 }],
  two: [
    { width: 4, depth: 2, at: 3 },
    { width: 4, depth: 2, at: 10 },
  ],
  'two near each other': [
    { width: 4, depth: 2, at: 10 },
    { width: 4, depth: 2, at: 5.5 },
  ],
  'two in one another': [
    { width: 4, depth: 2, at: 5 },
    { width: 4, depth: 2, at: 7 },
  ],
};
const CARRIAGE: Page = Object.entries(GROOVES).map(([what, grooves]) => [
  `grooves along the bed: ${what}`,
  () =>
    [USUAL_CARRIAGE_TOOLS, { ...USUAL_CARRIAGE_TOOLS, grooveTool: 1.5 }].map((tools) =>
      answered(() => carriageTable(disc(grooves), tools)),
    ),
]);

const p = (z: number, r: number, more: Partial<ShapePoint> = {}): ShapePoint => ({ z, r, ...more });
const SHAPES: Readonly<Record<string, readonly ShapePoint[]>> = {
  'no points': [],
  'one point': [p(0, 10)],
  'a straight piece': [p(0, 10), p(20, 10)],
  'a cone': [p(0, 10), p(20, 13)],
  'a step': [p(0, 10), p(5, 10), p(5, 12), p(10, 12)],
  'an arc bulging out': [p(0, 10), p(10, 12, { run: 'arc', radius: 8 })],
  'an arc hollow': [p(0, 10), p(10, 12, { run: 'arc', radius: 8, bulge: 'in' })],
  'half a round': [p(0, 10), p(10, 10, { run: 'arc', radius: 5 })],
  'an arc without its radius': [p(0, 10), p(10, 12, { run: 'arc' })],
  'an arc too small': [p(0, 10), p(10, 12, { run: 'arc', radius: 5 })],
  'an arc to where it began': [p(0, 10), p(0, 10, { run: 'arc', radius: 5 })],
  'a tangent after a line': [p(0, 10), p(5, 10), p(12, 13, { run: 'tangent' })],
  'a tangent straight on': [p(0, 10), p(5, 11), p(10, 12, { run: 'tangent' })],
  'a tangent after an arc': [p(0, 10), p(8, 13, { run: 'arc', radius: 12 }), p(16, 12, { run: 'tangent' })],
  'a tangent falling': [p(0, 12), p(5, 12), p(12, 9, { run: 'tangent' })],
  'a tangent first': [p(0, 10), p(8, 13, { run: 'tangent' })],
  'through a third point': [p(0, 10), p(10, 10, { run: 'via', via: { z: 5, r: 12 } })],
  'through a third point below': [p(0, 10), p(10, 10, { run: 'via', via: { z: 5, r: 9 } })],
  'through one in line': [p(0, 10), p(10, 10, { run: 'via', via: { z: 5, r: 10 } })],
  'a third point missing': [p(0, 10), p(10, 10, { run: 'via' })],
  'a quarter of an ellipse': [p(0, 8), p(10, 12, { run: 'ellipse' })],
  'a hollow quarter': [p(0, 8), p(10, 12, { run: 'ellipse', bulge: 'in' })],
  'a falling quarter': [p(0, 12), p(10, 8, { run: 'ellipse' })],
  'an ogee': [p(0, 8), p(20, 12, { run: 'ogee' })],
  'an ogee falling': [p(0, 12), p(20, 8, { run: 'ogee' })],
  'an ogee that is straight': [p(0, 12), p(20, 12, { run: 'ogee' })],
  'an ogee too steep': [p(0, 8), p(3, 12, { run: 'ogee' })],
  'an ogee as steep as goes': [p(0, 8), p(4, 12, { run: 'ogee' })],
  'a smooth line': [
    p(0, 8),
    p(6, 10, { run: 'spline' }),
    p(14, 9, { run: 'spline' }),
    p(20, 11, { run: 'spline' }),
  ],
};
const brief = (pieces: readonly Piece[]): unknown =>
  pieces.length <= 6 ? pieces : { pieces: pieces.length, first: pieces[0], last: pieces.at(-1) };
const MADE: Page = Object.entries(SHAPES).flatMap(([what, points]): Page => [
  [`drawn: ${what}`, () => brief(shapeCurve(points))],
  [
    `out of reach: ${what}`,
    () =>
      (
        [
          ['external', 0.4],
          ['external', 3],
          ['internal', 3],
        ] as const
      ).map(([member, noseRadius]) =>
        answered(() => outOfReach({ pieces: shapeCurve(points), noseRadius, member, flank: 0.35 })),
      ),
  ],
]);
const NOSES: Page = [
  [
    'a nose of less than nothing',
    () => outOfReach({ pieces: shapeCurve(SHAPES['a step']!), noseRadius: -1, member: 'external' }),
  ],
  [
    'a nose longer than all of it',
    () => outOfReach({ pieces: shapeCurve(SHAPES['a step']!), noseRadius: 100, member: 'external' }),
  ],
];

/** Places that are read one after the other, and shapes drawn from point to point. */
export const STATIONS_PAGE: Page = [
  ...judged(CONTEXT, 'a shank'),
  ...DIALLED,
  ...REACHES,
  ...CARRIAGE,
  ...MADE,
  ...NOSES,
];
