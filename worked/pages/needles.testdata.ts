import { sweptCone } from '../../packages/core/src/evidence';
import { SETTING, SWEEP } from '../../packages/core/src/examples.testdata';
import {
  clockOffset,
  creepOf,
  goneAfter,
  pairTracks,
  passedStations,
  restOf,
  swingOf,
  type Moment,
} from '../../packages/core/src/instrument';
import { barMap, judgeLongSweep, type LongVerdict } from '../../packages/core/src/setting';
import { analyseSweep, fittedSweep, straightestStretch, termsTaken } from '../../packages/core/src/sweep';
import { drawsOf, MADE, madeSweep } from '../../packages/core/src/sweep/sweeps.testdata';
import { SHANK } from '../../packages/core/src/testkit.testdata';
import { answered, type Page } from '../page.testdata';

const PLACES = [0, 12, 24, 36, 48, 60];

/** Sweeps with faults put in, and what is found of each. */
const MADE_UP: Page = MADE.flatMap((faults, i) =>
  [1, 2].map((time): Page[number] => [
    `a sweep with ${faults.length > 0 ? faults.join(' and ') : 'nothing'} in it, the ${time === 1 ? 'first' : 'second'}`,
    () => {
      const { sweep, truth } = madeSweep(faults, 100 * i + time, 90 * time);
      const analysis = analyseSweep(sweep);
      return {
        truth,
        analysis,
        taken: termsTaken(sweep, analysis, PLACES),
        straightest: straightestStretch(sweep, 40),
        fitted: fittedSweep(sweep, analysis, PLACES),
      };
    },
  ]),
);

const { halfAngle, tolerance } = SETTING.task;
const BAND = tolerance.halfAngle;
const LONG = 150;
const AT = Array.from({ length: 180 }, (_, i) => (LONG * i) / 179);
const slope = Math.tan(halfAngle);
const steeper = (by: number): number => Math.tan(halfAngle + by) - slope;
/** The same scatter every time. */
const shaken = (by = 0.0006): number[] => {
  const draw = drawsOf(17);
  return AT.map(() => by * (draw() + draw() + draw() - 1.5) * 2);
};
const bow = (by: number) => (at: number) => (by * 4 * at * (LONG - at)) / LONG ** 2;

/** What a needle does along a bar, besides climbing as it should. */
const ALONG: Readonly<Record<string, (at: number) => number>> = {
  'nothing else': () => 0,
  'stands steep by a fifth of its band': (at) => at * steeper(BAND / 5),
  'stands steep by its band': (at) => at * steeper(BAND),
  'stands shallow by five bands': (at) => at * steeper(-5 * BAND),
  'worn hollow': bow(-0.03),
  'standing proud in the middle': bow(0.02),
  'a step at 60': (at) => (at > 60 ? 0.015 : 0),
  'dead for the first 12 mm': (at) => -slope * Math.min(at, 12),
  'in time with the screw': (at) => 0.006 * Math.sin((2 * Math.PI * at) / 3),
  'in a time of its own': (at) => 0.006 * Math.sin((2 * Math.PI * at) / 11),
  'steep and hollow': (at) => at * steeper(3 * BAND) + bow(-0.02)(at),
  'straight for 90 mm, then falling off': (at) => -0.0002 * Math.max(0, at - 90) ** 1.6,
  'struck once': (at) => (Math.abs(at - 80) < 0.5 ? 0.05 : 0),
};
const said = ({ analysis: _, causes, ...verdict }: LongVerdict): unknown => ({ ...verdict, causes });
const judged = (along: (at: number) => number): LongVerdict =>
  judgeLongSweep('attachment', SETTING, SWEEP, {
    travel: AT,
    reading: AT.map((at, i) => at * slope + along(at) + (shaken()[i] ?? 0)),
    lead: 3,
  });
const along = (by: (at: number) => number): number[] => AT.map((at, i) => by(at) + (shaken()[i] ?? 0));

/** How loud a swing is whose period nobody gave, in parts of the scatter. */
const LOUD = [0, 0.2, 0.3, 0.4, 0.45, 0.5, 0.55, 0.6, 0.65, 0.7, 0.8, 1, 1.5];
const OWN_TIME: Page = [7, 17.3, 41].map((period): Page[number] => [
  `a swing of its own every ${period} mm, from none to loud`,
  () =>
    LOUD.map((loud) => {
      const { sine, noise } = analyseSweep({
        travel: AT,
        reading: along((at) => at * slope + 0.0006 * loud * Math.sin((2 * Math.PI * at) / period)),
        expectedSlope: slope,
        resolution: 0.0001,
      });
      return { loud, sine, noise };
    }),
]);

const BAR: Page = [
  ...OWN_TIME,
  ...Object.entries(ALONG).map(([name, by]): Page[number] => [
    `along the bar: ${name}`,
    () => said(judged(by)),
  ]),
  ...Object.entries(ALONG).map(([name, by]): Page[number] => [
    `along a finished shank: ${name}`,
    () => {
      const { analysis: _, ...cone } = sweptCone({
        travel: AT.map((at) => (at * SHANK.length) / LONG),
        reading: along((at) => at * slope * (SHANK.length / LONG) + by(at)),
        halfAngle: SHANK.halfAngle,
        smallDiameter: SHANK.smallDiameter,
        length: SHANK.length,
        resolution: 0.001,
        lead: 3,
      });
      return cone;
    },
  ]),
  ...([7, 8, 9, 12, 36] as const).map((many): Page[number] => [
    `the straightest of ${many} readings`,
    () => {
      const travel = AT.filter((_, i) => i % 5 === 0).slice(0, many);
      const reading = travel.map((at, i) => at * slope + [0, 0.002, -0.001, 0, 0.001][i % 5]!);
      return [10, 25, 26, 40, 200].map((over) =>
        answered(() => straightestStretch({ travel, reading, expectedSlope: slope }, over)),
      );
    },
  ]),
  [
    'dead at the start where nothing should climb',
    () =>
      analyseSweep({ travel: AT, reading: along((at) => 0.001 * Math.max(0, at - 40)), expectedSlope: 0 }),
  ],
  ['a bar nobody swept', () => barMap([], 86)],
  ['a straight bar', () => barMap([{ travel: AT, reading: along(() => 0), beginsAt: 40 }], 86)],
  ['a hollow bar', () => barMap([{ travel: AT, reading: along(bow(-0.03)), beginsAt: 40 }], 86)],
  [
    'a bar that falls off, for a part of 60',
    () => barMap([{ travel: AT, reading: along((at) => -0.0002 * Math.max(0, at - 90) ** 1.6) }], 60),
  ],
  ['a bar swept shorter than the part', () => barMap([{ travel: AT, reading: along(() => 0) }], 200)],
  [
    'two sweeps beside one another',
    () =>
      barMap(
        [
          { travel: AT, reading: along(bow(-0.01)), beginsAt: 0 },
          { travel: AT, reading: along(bow(-0.04)), beginsAt: 120 },
        ],
        86,
      ),
  ],
  [
    'an older sweep under a newer',
    () =>
      barMap(
        [
          { travel: AT, reading: along(() => 0), beginsAt: 0 },
          { travel: AT, reading: along(bow(-0.04)), beginsAt: 10 },
        ],
        86,
      ),
  ],
];

const track = (values: readonly number[], every = 0.1): Moment[] =>
  values.map((value, i) => ({ time: i * every, value }));
const turning = (turns: number, by: number, lost = 0): number[] =>
  Array.from({ length: 40 * turns }, (_, i) => by * Math.sin((2 * Math.PI * i) / 40) - lost * i);

/** What a needle shows while it is watched. */
const WATCHED: Page = [
  ['turned once by hand', () => swingOf(turning(1, 0.2), 0.005)],
  ['turned three times', () => swingOf(turning(3, 0.2), 0.005)],
  ['a jaw moved meanwhile', () => swingOf([...turning(2, 0.2), ...turning(2, 0.05)], 0.005)],
  ['hardly turned', () => swingOf(turning(2, 0.2).slice(0, 12), 0.005)],
  ['no more than its unrest', () => swingOf(turning(2, 0.002), 0.005)],
  ['as much as its unrest', () => swingOf([0, 0.005, 0, 0.005, 0], 0.005)],
  ['nothing read', () => swingOf([], 0.005)],
  ['an unrest of nothing', () => swingOf([0, 1], 0)],
  [
    'it stands',
    () => [
      restOf(track(Array<number>(30).fill(0.5)), 0.002),
      creepOf(track(Array<number>(30).fill(0.5)), 0.001),
    ],
  ],
  [
    'it creeps',
    () => {
      const values = Array.from({ length: 60 }, (_, i) => 0.5 + 0.0002 * i);
      return [restOf(track(values), 0.002), creepOf(track(values), 0.001)];
    },
  ],
  [
    'it creeps by steps of what it shows',
    () => creepOf(track(Array.from({ length: 60 }, (_, i) => Math.round(i / 12) / 1000)), 0.001),
  ],
  [
    'it creeps, watched for a second',
    () => creepOf(track(Array.from({ length: 10 }, (_, i) => 0.001 * i)), 0.001),
  ],
  ['it jumps, then stands', () => restOf(track([3, 3, 3, 0.5, 0.501, 0.502]), 0.005)],
  ['nothing was watched', () => restOf([], 0.005)],
  [
    'along a readout',
    () => {
      const travel = track([0, 5, 10, 20, 20, 15, 30, 40], 0.2);
      const reading = track(Array.from({ length: 15 }, (_, i) => i / 10));
      return {
        paired: pairTracks({ travel, reading }),
        passed: passedStations({ travel, reading }, [0, 8, 18, 25, 60]),
      };
    },
  ],
  [
    'a readout that said nothing for a while',
    () => {
      const travel: Moment[] = [
        { time: 0, value: 0 },
        { time: 0.4, value: 4 },
        { time: 2, value: 20 },
        { time: 2.2, value: 22 },
      ];
      const reading = track(
        Array.from({ length: 12 }, (_, i) => i),
        0.2,
      );
      return pairTracks({ travel, reading });
    },
  ],
  [
    'a clock of its own',
    () =>
      clockOffset([
        { came: 100.02, own: 5 },
        { came: 100.11, own: 5.1 },
        { came: 100.35, own: 5.2 },
      ]),
  ],
  ['no clock', () => clockOffset([{ came: 100.02 }, { came: 101 }])],
  ...[0.02, 0.1, 0.25, 1, 10].map((every): Page[number] => [
    `one that sends every ${every} s is gone after`,
    () => goneAfter(Array.from({ length: 12 }, (_, i) => ({ came: i * every }))),
  ]),
  ['one that sent twice is gone after', () => goneAfter([{ came: 0 }, { came: 0.1 }])],
];

/** Needles read all along, and while they stand. */
export const NEEDLES_PAGE: Page = [...MADE_UP, ...BAR, ...WATCHED];
