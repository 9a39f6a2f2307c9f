import { badCombinations } from '../../packages/core/src/plan/badCombinations';
import { SHANK_PART, SOCKET } from '../../packages/core/src/examples.testdata';
import { mixUps } from '../../packages/core/src/taper/mixups/registry';
import type { TaperTyped } from '../../packages/core/src/taper/mixups/mixUp';
import { solveTaper, type TaperGivens } from '../../packages/core/src/taper/solve';
import { identifyTaper, type TaperMeasured } from '../../packages/core/src/taper/identifyTaper';
import type { TaperTask } from '../../packages/core/src/taper/task';
import { LONG, SHANK, SHORT } from '../../packages/core/src/testkit.testdata';
import { bore, cone, cylinder, screw } from '../drawn.testdata';
import type { Page } from '../page.testdata';

const INCH = 25.4;
const DEG = Math.PI / 180;
const MORSE_3 = 1 / 19.922;
const STEEP = 7 / 24;

/** Figures of a taper as they are typed, enough and too few, that agree and that do not. */
const GIVEN: Readonly<Record<string, TaperGivens>> = {
  'nothing yet': {},
  'a ratio alone': { ratio: MORSE_3 },
  'a large end alone': { largeDiameter: 24 },
  'a length alone': { length: 80 },
  'a ratio and a length': { ratio: MORSE_3, length: 80 },
  'a ratio and a large end': { ratio: MORSE_3, largeDiameter: 24 },
  'a ratio and a small end': { ratio: MORSE_3, smallDiameter: 20 },
  'two diameters': { largeDiameter: 24, smallDiameter: 20 },
  'a large end and a length': { largeDiameter: 24, length: 80 },
  'a small end and a length': { smallDiameter: 20, length: 80 },
  'two diameters and a length': { largeDiameter: 24, smallDiameter: 20, length: 80 },
  'two diameters and a ratio': { largeDiameter: 24, smallDiameter: 20, ratio: 0.05 },
  'two diameters and an angle': { largeDiameter: 24, smallDiameter: 20, halfAngle: 8 * DEG },
  'a large end, a length and an angle': { largeDiameter: 24, length: 40, halfAngle: 8 * DEG },
  'a small end, a length and a ratio': { smallDiameter: 20, length: 80, ratio: 0.05 },
  'all of it, and it agrees': { largeDiameter: 24, smallDiameter: 20, length: 80, ratio: 0.05 },
  'all of it, half a micrometre out': { largeDiameter: 24.0004, smallDiameter: 20, length: 80, ratio: 0.05 },
  'all of it, a hundredth out': { largeDiameter: 24.01, smallDiameter: 20, length: 80, ratio: 0.05 },
  'a ratio and the angle it makes': {
    largeDiameter: 24,
    length: 80,
    ratio: 0.05,
    halfAngle: Math.atan(0.025),
  },
  'a ratio and another angle': { largeDiameter: 24, length: 80, ratio: 0.05, halfAngle: 1.5 * DEG },
  'a ratio and another angle, no length yet': { largeDiameter: 24, ratio: 0.05, halfAngle: 1.5 * DEG },
  'the small end the larger': { largeDiameter: 20, smallDiameter: 24, length: 80 },
  'both ends alike': { largeDiameter: 20, smallDiameter: 20, length: 80 },
  'to a point': { largeDiameter: 24, length: 480, ratio: 0.05 },
  'past its point': { largeDiameter: 24, length: 600, ratio: 0.05 },
  'a small end of nothing': { largeDiameter: 24, smallDiameter: 0, length: 80 },
  'a face': { largeDiameter: 100, smallDiameter: 10, length: 0.1 },
  'less than nothing': { largeDiameter: -24, length: 80, ratio: 0.05 },
  'no length at all': { largeDiameter: 24, length: 0, ratio: 0.05 },
  'an angle past a face': { largeDiameter: 24, length: 10, halfAngle: 90 * DEG },
};

/** Figures that look like others: roundings, halves, sines, sizes of the tables taken for round ones. */
const LOOKS: Readonly<Record<string, TaperTyped>> = {
  '16° for the 8° of a collet': { halfAngle: 16 * DEG, largeDiameter: 25, length: 30 },
  'the included angle of a steep taper': {
    halfAngle: 2 * Math.atan(STEEP / 2),
    largeDiameter: 44.45,
    length: 65,
  },
  'a No. 3 Morse on radius': { ratio: MORSE_3 / 2, largeDiameter: 24, length: 80 },
  'a No. 3 Morse counted twice': { ratio: MORSE_3 * 2, largeDiameter: 24, length: 80 },
  '7:48': { ratio: STEEP / 2, largeDiameter: 31.75, length: 48 },
  '7:24 by the sine': { halfAngle: Math.asin(STEEP / 2), largeDiameter: 31.75, length: 48 },
  'twice the sine of 7:24': { ratio: 2 * Math.sin(Math.atan(STEEP / 2)), largeDiameter: 31.75, length: 48 },
  '1:20 at the diameter of a No. 3 Morse': { ratio: 1 / 20, gaugeDiameter: 23.825, length: 81 },
  '1:20 at no known diameter': { ratio: 1 / 20, largeDiameter: 41, length: 81 },
  '1:19.92': { ratio: 1 / 19.92, largeDiameter: 24, length: 81 },
  '5/8 in a foot': { ratio: 0.625 / 12, gaugeDiameter: 0.938 * INCH, length: 80 },
  '1.43°': { halfAngle: 1.43 * DEG, gaugeDiameter: 23.825, length: 81 },
  '8.3° for a steep taper': { halfAngle: 8.3 * DEG, gaugeDiameter: 31.75, length: 48 },
  'the radius of a No. 3 Morse': { ratio: MORSE_3, gaugeDiameter: 23.825 / 2, length: 60 },
  'the radius of an ISO 40': { ratio: STEEP, largeDiameter: 44.45 / 2, length: 60 },
  '.109 for 7/64': { ratio: 1 / 12, smallDiameter: 0.109 * INCH, largeDiameter: 0.5 * INCH, length: 60 },
  '1.312 for 1 5/16': { ratio: 1 / 12, largeDiameter: 1.312 * INCH, length: 60 },
  '.297 for 19/64, and .938 for 15/16': {
    smallDiameter: 0.297 * INCH,
    largeDiameter: 0.938 * INCH,
    length: 60,
  },
  'a quarter as it is': { ratio: 1 / 12, largeDiameter: 0.25 * INCH, length: 12 },
  'a No. 3 Morse as it is': { ratio: MORSE_3, gaugeDiameter: 23.825, length: 81 },
  'a taper of nobody': { ratio: 0.0731, largeDiameter: 33.3, length: 44 },
};

const CUT = { roughDepth: 0.5, lastStock: 0.4, allowance: 0.1 };
const SMALL = SHANK.smallDiameter;
const LARGE = SHANK.largeDiameter;

/** Stocks against a cone, and what goes with it: each a little more than the one before. */
const clashes = (task: TaperTask, stock: number, cut: Partial<typeof CUT> = {}): unknown =>
  badCombinations({
    features: SHANK_PART,
    task,
    lathe: LONG,
    way: 'attachment',
    cut: { ...CUT, ...cut, stock },
  });

const COMBINATIONS: Page = [
  ['a shank out of stock under its small end', () => clashes(SHANK, SMALL - 0.1)],
  ['a shank out of stock as thick as its small end', () => clashes(SHANK, SMALL)],
  ['a shank out of stock between its ends', () => clashes(SHANK, LARGE - 0.5)],
  ['a shank out of stock as thick as its large end', () => clashes(SHANK, LARGE)],
  [
    'a shank, one cut as deep as all that is left',
    () => clashes(SHANK, LARGE, { roughDepth: (LARGE - SMALL) / 2 }),
  ],
  ['a shank, one cut a hair deeper', () => clashes(SHANK, LARGE, { roughDepth: (LARGE - SMALL) / 2 + 0.01 })],
  ['a shank, all of it left for the last', () => clashes(SHANK, LARGE, { allowance: LARGE - SMALL })],
  [
    'a shank, nearly all of it left for the last',
    () => clashes(SHANK, LARGE, { allowance: LARGE - SMALL - 0.01 }),
  ],
  ['a socket out of a hole over its mouth', () => clashes(SOCKET, LARGE + 0.1)],
  ['a socket out of a hole as wide as its mouth', () => clashes(SOCKET, LARGE)],
  ['a socket out of a hole over its small end', () => clashes(SOCKET, SMALL + 0.5)],
  ['a socket out of a hole as wide as its small end', () => clashes(SOCKET, SMALL)],
  ['a socket out of a hole under it', () => clashes(SOCKET, SMALL - 1)],
  [
    'a shank on the compound that is too short for it',
    () => badCombinations({ features: SHANK_PART, task: SHANK, lathe: SHORT, way: 'compound', cut: CUT }),
  ],
  ...[SMALL - 1, SMALL - 1.99, SMALL - 2, SMALL - 2.5].map((hole): Page[number] => [
    `a hole of ${hole.toFixed(2)} in the small end`,
    () =>
      badCombinations({
        features: [...SHANK_PART, bore('hole', 'headstock', hole, 40), bore('other', 'tailstock', hole, 10)],
        task: { ...SHANK, largeEnd: 'tailstock' },
        lathe: LONG,
        way: 'attachment',
        cut: CUT,
      }),
  ]),
  [
    'a thread in the small end that leaves half a millimetre',
    () =>
      badCombinations({
        features: [
          cylinder('head', 30, 20),
          cone('nose', 'headstock', 16, 30, 3),
          screw('tapped', 'M12', 12, 1.75, 20, { side: 'internal', from: 'tailstock' }),
        ],
        task: { ...SHANK, largeDiameter: 16, smallDiameter: 12.9, length: 30, halfAngle: 3 * DEG },
        lathe: LONG,
        way: 'compound',
        cut: CUT,
      }),
  ],
  ...[SMALL - 0.5, SMALL, SMALL + 0.5].map((hole): Page[number] => [
    `a bore of ${hole.toFixed(2)} through a socket`,
    () =>
      badCombinations({
        features: [bore('through', SOCKET.largeEnd, hole, 100), bore('back', 'tailstock', hole, 10)],
        task: SOCKET,
        lathe: null,
        way: null,
        cut: CUT,
      }),
  ]),
];

/** Tapers measured, and what they could be. */
const MEASURED: Readonly<Record<string, TaperMeasured>> = {
  'a No. 3 Morse': { largeDiameter: 24.05, smallDiameter: 20.04, length: 80, uncertainty: 0.01 },
  'a Morse over a short length, by calliper': {
    largeDiameter: 24.05,
    smallDiameter: 22.55,
    length: 30,
    uncertainty: 0.03,
  },
  'an even 1:20': { largeDiameter: 60, smallDiameter: 56, length: 80, uncertainty: 0.01 },
  'a 7:24': { largeDiameter: 44.4, smallDiameter: 26.9, length: 60, uncertainty: 0.02 },
  'nothing of the tables': { largeDiameter: 33.3, smallDiameter: 30.1, length: 44, uncertainty: 0.01 },
  'its ends changed about': { largeDiameter: 20, smallDiameter: 24, length: 80, uncertainty: 0.01 },
};

/** Slips of whoever types, and what is said of them. */
export const SLIPS_PAGE: Page = [
  ...Object.entries(GIVEN).map(([name, givens]): Page[number] => [
    `a taper of ${name}`,
    () => solveTaper(givens),
  ]),
  ...Object.entries(LOOKS).map(([name, typed]): Page[number] => [
    `typed: ${name}`,
    () => mixUps(typed, solveTaper({ ...typed, largeDiameter: typed.largeDiameter ?? typed.gaugeDiameter })),
    typed.smallDiameter === undefined ? 'mm' : 'inch',
  ]),
  ...COMBINATIONS,
  ...Object.entries(MEASURED).map(([name, measured]): Page[number] => [
    `measured: ${name}`,
    () => {
      const { matches, ...rest } = identifyTaper(measured);
      const said = matches.slice(0, 4).map(({ size, ...match }) => ({ [size.name]: match }));
      return { ...rest, matches: said };
    },
  ]),
];
