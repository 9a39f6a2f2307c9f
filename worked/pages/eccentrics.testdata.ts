import {
  balance,
  carriageTable,
  clearances,
  counterweight,
  dialIn,
  eccentricFaults,
  eccentricsOf,
  indicatorPlan,
  invalidates,
  layOff,
  lightSide,
  MADE_IDS,
  nextPacking,
  offsetCentres,
  packingPlan,
  setScrew,
  speedAtThrow,
  throwFromPacking,
  USUAL_CARRIAGE_TOOLS,
  valveMotion,
  type EccentricPart,
} from '../../packages/core/src/eccentric';
import { BASIS, DISC, FOUR_JAW, M6, STEEL } from '../../packages/core/src/examples.testdata';
import {
  nearAndFar,
  readRound,
  rimAndFace,
  separateRunout,
  stickOffset,
  trueUp,
  TRUEING_SCHOOLS,
} from '../../packages/core/src/holding';
import { SHORT } from '../../packages/core/src/testkit.testdata';
import { compareEccentricWays } from '../../packages/core/src/ways';
import { cylinder, groove, throwOf } from '../drawn.testdata';
import type { Page } from '../page.testdata';

const CRANK = eccentricsOf([
  cylinder('journal', 25, 40),
  throwOf('pin', 20, 25, 6),
  groove('oil', 17, 3),
  throwOf('other pin', 20, 25, 6, { phase: Math.PI }),
  cylinder('end', 25, 40),
]);
const PARTS: Readonly<Record<string, EccentricPart>> = {
  'a disc on a shaft': DISC,
  'a crank’s pin': CRANK[0]!,
  'its other pin': CRANK[1]!,
};

const weighed = ({ assessments, recommended }: ReturnType<typeof compareEccentricWays>): unknown => ({
  recommended: recommended?.id ?? null,
  ways: assessments.map(({ title, settingLabel, setting, blockers, notes, travelError, minutes }) => ({
    [title]: [`${settingLabel} `, setting, `; ${minutes} minutes, to ${travelError.toFixed(4)}`],
    ...(blockers.length > 0 ? { blockers } : {}),
    notes,
  })),
});

/** Needle readings round the work, each so far over and of so many lobes. */
const round = (over: number, toward: number, n: number, lobe = 0): { direction: number; reading: number }[] =>
  Array.from({ length: n }, (_, i) => {
    const direction = (2 * Math.PI * i) / n;
    return { direction, reading: 5 + over * Math.cos(direction - toward) + lobe * Math.cos(3 * direction) };
  });

/** What is off the axis, and what is put back on it. */
export const ECCENTRICS_PAGE: Page = [
  ...Object.entries(PARTS).flatMap(([name, part]): Page => [
    [
      `how to make ${name}`,
      () =>
        compareEccentricWays({ part, throws: [part], lathe: FOUR_JAW, quantity: 1, range: 10, step: 0.01 }),
    ],
    [
      `and on the short lathe: ${name}`,
      () =>
        weighed(
          compareEccentricWays({ part, throws: CRANK, lathe: SHORT, quantity: 6, range: null, step: 0.05 }),
        ),
      'inch',
    ],
    [`before the power: ${name}`, () => clearances(part, { swing: 200, swingOverSlide: 110, tool: 30 })],
    [
      `speeds: ${name}`,
      () => speedAtThrow({ part, material: STEEL, tool: 'hss', speeds: [45, 80, 125, 200, 315, 500] }),
    ],
    [
      `and in hard metal: ${name}`,
      () => speedAtThrow({ part, material: STEEL, tool: 'carbide', speeds: [] }),
    ],
    [`along the bed: ${name}`, () => carriageTable(part, USUAL_CARRIAGE_TOOLS)],
    [`what is wrong with it: ${name}`, () => eccentricFaults(part)],
  ]),
  ...(['narrow', 'wide'] as const).flatMap((jaws): Page => [
    [
      `packing for 4.75 under ${jaws} jaws`,
      () => packingPlan({ diameter: 54, throw: 4.75, jaws, step: 0.01 }),
    ],
    [
      `what a packing of 7 throws under ${jaws} jaws`,
      () => throwFromPacking({ diameter: 54, packing: 7, jaws }),
    ],
    [
      `and more than it bears under ${jaws} jaws`,
      () => packingPlan({ diameter: 20, throw: 14, jaws, step: 0.01 }),
    ],
  ]),
  ['the next packing', () => nextPacking({ packing: 6.8, wanted: 4.75, swing: 9.2 })],
  ...(
    [
      ['true', round(4.75, 0, 4)],
      ['short of its throw', round(4.6, 0, 4)],
      ['past it and turned', round(4.9, 0.05, 4)],
      ['read at six places', round(4.7, -0.02, 6)],
      ['read at three', round(4.7, 0, 3)],
      ['out of round', round(4.75, 0, 12, 0.03)],
    ] as const
  ).map(([what, readings]): Page[number] => [
    `dialled in: ${what}`,
    () => dialIn({ readings, throw: 4.75, toward: 0, limit: 0.05 }),
  ]),
  ...[8, 12, null].map((range): Page[number] => [
    `an indicator of ${range ?? 'any'} mm`,
    () => indicatorPlan({ throw: 4.75, range }),
  ]),
  [
    'centres laid off for a crank',
    () =>
      offsetCentres({
        throws: [
          { name: 'Crank', throw: 6, phase: 0 },
          { name: 'Second', throw: 6, phase: Math.PI / 2 },
        ],
        barDiameter: 30,
        hole: 3.4,
      }),
  ],
  [
    'centres that run into each other',
    () =>
      offsetCentres({
        throws: [
          { name: 'Crank', throw: 1.5, phase: 0 },
          { name: 'Far', throw: 14, phase: 1 },
        ],
        barDiameter: 30,
        hole: 3.4,
      }),
  ],
  ...(['radius', 'diameter'] as const).map((reads): Page[number] => [
    `laid off with a dial of ${reads}`,
    () => layOff({ throw: 4.755, division: 0.05, reads, lash: 0.1 }),
  ]),
  [
    'what swings round, and the weight against it',
    () => {
      const found = balance({
        masses: [
          { axis: { x: 4.75, y: 0 }, diameter: 54, length: 18 },
          { axis: { x: 0, y: 3 }, diameter: 30, length: 8 },
        ],
        spindle: { x: 0, y: 0 },
        density: 7.85,
      });
      return {
        found,
        light: lightSide(found),
        weight: counterweight({ unbalance: found.unbalance, radius: 80 }),
      };
    },
  ],
  ['a set screw over the keyway', () => setScrew({ hub: 34, bore: 20, thread: M6, phase: 0.4, finder: 10 })],
  ['one in a thin wall', () => setScrew({ hub: 24, bore: 20, thread: M6, phase: 0, finder: 10 })],
  ...(['direct', 'rocking-lever'] as const).flatMap((drive): Page =>
    (['clockwise', 'anticlockwise'] as const).map((turns): Page[number] => [
      `a valve driven by ${drive}, turning ${turns}`,
      () => valveMotion({ throw: 4.75, lap: 2, lead: 0.2, exhaustLap: 0.3, drive, turns }),
    ]),
  ),
  ...(
    [
      ['its throw', { throw: 5 }],
      ['its diameter', { diameter: 56 }],
      ['its bore', { bore: 22 }],
      ['its hub', { hub: 34 }],
      ['nothing', {}],
    ] as const
  ).map(([what, change]): Page[number] => [
    `${what} is drawn anew: what was made before`,
    () =>
      invalidates(
        MADE_IDS.map((made) => ({ what: made, basis: BASIS })),
        { ...BASIS, ...change },
      ),
  ]),
  ...(
    [
      [[0.2, 0.1, 0, 0.1], 0.02],
      [[0.02, 0.08, 0.05, 0.01], 0.02],
      [[0.012, 0.01, 0.008, 0.01], 0.02],
      [[0.2, null, 0, 0.1], 0.02],
      [[3, 0, -3, 0], 0.05],
    ] as const
  ).flatMap(([readings, limit]): Page =>
    TRUEING_SCHOOLS.map((school): Page[number] => [
      `trued in four jaws, ${school}: ${readings.join(', ')}`,
      () => trueUp({ readings, limit, school, resolution: 0.01 }),
    ]),
  ),
  [
    'out of round, read at twelve',
    () => readRound({ readings: round(0.02, 0.3, 12, 0.01), resolution: 0.001 }),
  ],
  ['a stick in the chuck', () => stickOffset({ readings: [0.4, 0.2, 0, 0.2], short: 20, long: 200 })],
  [
    'rim and face',
    () => rimAndFace({ rim: [0.1, 0.02, -0.1, 0], face: [0.05, 0.01, -0.05, 0], faceRadius: 25 }),
  ],
  ['near and far', () => nearAndFar({ near: [0.1, 0, -0.1, 0], far: [0.3, 0.1, -0.1, 0.1], apart: 120 })],
  [
    'the part’s runout and the chuck’s',
    () => separateRunout({ first: [0.03, 0, -0.03, 0], turned: [0.01, 0.02, -0.01, -0.02] }),
  ],
];
