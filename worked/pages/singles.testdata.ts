import { diameterOnLathe, hardnessSeen, passFrom, sizeOnLathe } from '../../packages/core/src/approach';
import {
  arcsAlong,
  endForEnd,
  feedToFollow,
  mateOf,
  nearestOn,
  pathPlaces,
  pointOn,
  sharedDatum,
} from '../../packages/core/src/curve';
import { feedForFinish, overhangOf, reamerWear } from '../../packages/core/src/cutting';
import {
  endOn,
  threeJawPacking,
  usualThrowLimit,
  valveAdvance,
  valveAt,
} from '../../packages/core/src/eccentric';
import { angleNow, fitEvidence } from '../../packages/core/src/evidence';
import {
  BASIS,
  CURVE,
  DISC,
  DISC_PART,
  FITTED,
  RECORDS,
  SETTING,
  SHANK_PART,
  SWEEP,
  PLANNED,
  COLLET_HOLDER,
} from '../../packages/core/src/examples.testdata';
import {
  angle,
  count,
  duration,
  exactText,
  figureParts,
  formatFigure,
  length,
  perFoot,
  plainText,
  ratio,
  snap,
  snapDown,
} from '../../packages/core/src/figure';
import { sideOfLimits } from '../../packages/core/src/fit';
import { fourJawOffset, roundFit, towardJaws, trueingLimit } from '../../packages/core/src/holding';
import { figureOf, shownOf } from '../../packages/core/src/instrument';
import {
  currentPiece,
  isBeside,
  ofKind,
  recordsOf,
  settingInForce,
  sizeFigure,
  unitOfSize,
} from '../../packages/core/src/job';
import { dialOf, radialOf, seeded } from '../../packages/core/src/machine';
import { holdsNow, workedMinutes } from '../../packages/core/src/memory';
import {
  chiefOf,
  featureKind,
  inDivisions,
  isDetail,
  layoutPart,
  profileCurve,
  shankEnds,
  shapePoints,
  solveTaperFeature,
  taperOfPart,
} from '../../packages/core/src/part';
import {
  alikeInAnyMaterial,
  goesOn,
  operationNamed,
  operationsAlike,
  planPart,
  usualStock,
} from '../../packages/core/src/plan';
import { nextLevel } from '../../packages/core/src/practice';
import { schoolOf, slopeWanted, withinBand } from '../../packages/core/src/setting';
import {
  coneAngleTolerance,
  halfAngleOf,
  ratioOf,
  shopSeries,
  taperSeries,
  taperSize,
} from '../../packages/core/src/taper';
import { DRAWER, LONG, SHANK, SHORT } from '../../packages/core/src/testkit.testdata';
import { driftOver } from '../../packages/core/src/thread';
import { propagate } from '../../packages/core/src/uncertainty';
import {
  attachmentBarShift,
  attachmentCheck,
  barLacks,
  compoundCheck,
  compoundInfeed,
  eccentricWayOf,
  fitBars,
  plungesCurve,
  tailstockSetOver,
  wayName,
  wayOf,
} from '../../packages/core/src/ways';
import { answered, type Page } from '../page.testdata';

/** One question put with each of several givens. */
const each = <T>(asked: string, givens: readonly T[], answer: (given: T) => unknown): Page[number] => [
  asked,
  () => givens.map((given) => ({ of: given, is: answered(() => answer(given)) })),
];
const DEGREE = Math.PI / 180;
const { halfAngle } = SHANK;

const DIALS: Page = [
  each('a dial turned for so much on radius', [0, 0.2, -0.2], (by) => [
    dialOf(by, 'diameter'),
    dialOf(by, 'radius'),
  ]),
  each('what a dial’s move takes off on radius', [0, 0.4, -0.4], (by) => [
    radialOf(by, 'diameter'),
    radialOf(by, 'radius'),
  ]),
  each('a pass to a figure of the dial', [-0.4, 0, 0.4, 2, 61, 70], (to) =>
    (['external', 'internal'] as const).map((member) =>
      (['diameter', 'radius'] as const).map((reads) =>
        answered(() => passFrom({ now: 30, touch: 0, dial: 0 }, to, { member, reads })),
      ),
    ),
  ),
  each('a diameter on a lathe that swings 330', [-1, 0, 24.08, 330, 331, 1e9], (seen) =>
    diameterOnLathe(seen, { swing: 330 }),
  ),
  each('a diameter on a lathe that says nothing', [24.08, 1e5], (seen) => diameterOnLathe(seen, {})),
  each('a size on a lathe of 600 by 330', [-1, 0, 24.08, 600, 700, 1e9], (seen) =>
    sizeOnLathe(seen, { swing: 330, centreDistance: 600 }),
  ),
  each('a hardness', [-1, 0, 20, 58.5, 70, 71, 1e9], hardnessSeen),
  [
    'chances, the same ever again',
    () =>
      [1, 2, 1e9].map((seed) => {
        const draw = seeded(seed);
        return [draw(), draw(), draw()];
      }),
  ],
];

const CURVES: Page = [
  ['a finial end for end', () => endForEnd(CURVE)],
  each('a place on each of its pieces', [0, 0.25, 0.5, 1], (part) =>
    CURVE.map((piece) => pointOn(piece, part)),
  ),
  each(
    'what lies nearest to a place',
    [
      { z: -3, r: 9 },
      { z: 2, r: 9.5 },
      { z: 12, r: 10 },
      { z: 20, r: 14 },
      { z: 34, r: 0 },
      { z: 40, r: 13 },
    ],
    (p) => nearestOn(CURVE, p),
  ),
  ['places of a path', () => pathPlaces(CURVE)],
  each('how slowly a stylus follows, by the steepest', [0, 0.2, 1, 2, 5], feedToFollow),
  each('arcs along a circle, within', [0.1, 0.01, 0.001], (tolerance) =>
    arcsAlong((t) => ({ z: 10 * Math.sin(t), r: 20 + 10 * Math.cos(t) }), tolerance),
  ),
  each(
    'arcs along a wave, within',
    [0.1, 0.02, 0.004],
    (tolerance) => arcsAlong((t) => ({ z: 40 * t, r: 20 + 3 * Math.sin(4 * t) }), tolerance).length,
  ),
  ['what goes with what', () => [mateOf('external'), mateOf('internal')]],
  [
    'where two lines begin',
    () => [
      sharedDatum([{ z: 0, r: 9 }], [{ z: 0, r: 8 }]),
      sharedDatum(
        [
          { z: 3, r: 9 },
          { z: 9, r: 9 },
        ],
        [
          { z: 5, r: 8 },
          { z: 7, r: 8 },
        ],
      ),
    ],
  ],
];

const CUTS: Page = [
  each(
    'a feed for a finish',
    [
      { ra: 0.0008, noseRadius: 0.4 },
      { ra: 0.0032, noseRadius: 0.8 },
      { ra: 0, noseRadius: 0.4 },
    ],
    feedForFinish,
  ),
  each(
    'how far it hangs',
    [
      { length: 120, diameter: 24 },
      { length: 120, diameter: 0 },
    ],
    overhangOf,
  ),
  each(
    'how worn a reamer is',
    [
      { standOff: 1.2, halfAngle },
      { standOff: -1.2, halfAngle },
      { standOff: 0, halfAngle },
    ],
    reamerWear,
  ),
  each('a train that is off, over a thread', [0.001, -0.002, 0], (error) => [
    driftOver({ error }, { pitch: 1, length: 25 }),
    driftOver({ error }, { pitch: 2.5, length: 10 }),
  ]),
];

const THROWS: Page = [
  each('packing for a throw', [0, 0.5, 4, 9, 15, 19.9, 25], (off) =>
    (['narrow', 'wide'] as const).map((jaws) =>
      answered(() => threeJawPacking({ diameter: 40, throw: off, jaws } as never)),
    ),
  ),
  each(
    'a valve’s angle of advance',
    [
      { throw: 4.75, lap: 2, lead: 0.2 },
      { throw: 4.75, lap: 0, lead: 0 },
      { throw: 2, lap: 2, lead: 0.2 },
    ],
    valveAdvance,
  ),
  ['an eccentric from its end', () => endOn(DISC)],
  each('where a valve stands', [0, 0.5, 1.6, 3.2, 6.3], (at) => [
    valveAt({ throw: 4.75 }, at, 0),
    valveAt({ throw: 4.75 }, at, 0.48),
  ]),
  each('how near a throw is clocked', [0.001, 0.01, 0.02, 0.05], usualThrowLimit),
  ['what was made of one', () => BASIS],
];

const HELD: Page = [
  each(
    'four readings in four jaws',
    [
      [0.2, 0.1, 0, 0.1],
      [0, 0, 0, 0],
      [0.1, 0.3, -0.1, -0.3],
      [0.1, 0.1, 0.1, 0.2],
    ] as const,
    (readings) =>
      fourJawOffset({ readings: readings as unknown as readonly [number, number, number, number] }),
  ),
  each(
    'how true it need be',
    [{ indicator: 0.01 }, { indicator: 0.001 }, { indicator: 0.01, stock: 0.5 }] as never[],
    (given) => trueingLimit(given),
  ),
  each(
    'rounds as they were read',
    [
      [0, 90, 180, 270].map((at, i) => ({ direction: at * DEGREE, reading: [0.2, 0.1, 0, 0.1][i]! })),
      [0, 60, 120, 180, 240, 300].map((at) => ({
        direction: at * DEGREE,
        reading: 0.05 + 0.1 * Math.cos((at - 40) * DEGREE),
      })),
      [0, 45, 90, 135, 180, 225, 270, 315].map((at) => ({
        direction: at * DEGREE,
        reading: 0.1 * Math.cos((at - 40) * DEGREE) + 0.03 * Math.cos(3 * at * DEGREE),
      })),
      [0, 90].map((at) => ({ direction: at * DEGREE, reading: 0 })),
      [0, 0, 0].map((at) => ({ direction: at, reading: 0.1 })),
    ],
    (readings) => roundFit(readings),
  ),
  each(
    'toward which jaws',
    [
      { x: 0.1, y: 0 },
      { x: 0, y: -0.1 },
      { x: 0.1, y: 0.2 },
      { x: -0.1, y: -0.004 },
      { x: 0, y: 0 },
    ],
    (by) => towardJaws(by, 0.01),
  ),
];

const FIGURES: Page = [
  each('a length shown', [0, 25.4, -25.4, 0.00004, 1234.5678], (mm) =>
    [0.1, 0.01, 0.001, undefined].map((step) => [
      formatFigure(length(mm, step), 'mm'),
      formatFigure(length(mm, step), 'inch'),
    ]),
  ),
  each('a length with its sign', [0, 0.2, -0.2], (mm) =>
    (['mm', 'inch'] as const).map((system) => figureParts(length(mm, 0.01, { signed: true }), system)),
  ),
  each('an angle shown', [0, 0.025, -0.025, 1.5707963, 0.0000048], (rad) => [
    formatFigure(angle(rad), 'mm'),
    exactText(angle(rad)),
  ]),
  each(
    'other figures',
    [ratio(1 / 19.922), ratio(0), count(12.345, 0.1), count(3), perFoot(0.05), perFoot(0.0502, 0.0001)],
    (figure) => [formatFigure(figure, 'mm'), formatFigure(figure, 'inch'), exactText(figure)],
  ),
  each('how long it takes', [0, 0.4, 1, 59.6, 60, 95.4, 600, 1500], (minutes) =>
    plainText(duration(minutes)),
  ),
  each(
    'to a step',
    [
      [12.37, 0.05],
      [12.39, 0.05],
      [-12.37, 0.05],
      [0.1 + 0.2, 0.1],
      [7, 0],
    ] as const,
    ([value, step]) => [snap(value, step), snapDown(value, step)],
  ),
  each('inside its limits', [37.99, 38, 38.005, 38.01, 38.02], (seen) =>
    sideOfLimits(seen, { least: 38, most: 38.01 }),
  ),
  each('what a size is read in', ['Hardness, HRC', 'Collar, diameter'], (what) => unitOfSize({ what })),
  each('a size as it is shown', [58.5, 24], (value) => [sizeFigure(value), sizeFigure(value, 'HRC')]),
  each(
    'an indicator in use',
    [
      { zero: 1, against: true, reads: 'double', contactAngle: 60 * DEGREE },
      { zero: 0, against: false, reads: 'itself', contactAngle: 0 },
      { zero: -0.2, against: false, reads: 'half', contactAngle: 12 * DEGREE },
    ] as Parameters<typeof figureOf>[0][],
    (use) => [figureOf(use, 1.4), shownOf(use, -0.4), shownOf(use, figureOf(use, 0.7))],
  ),
  each('a product of what is not known well', [0.1, 0.5], (uncertainty) =>
    propagate({ a: { value: 3, uncertainty }, b: { value: 4, uncertainty: 0.1 } }, ({ a, b }) => a * b),
  ),
  each('a quotient of it', [0.1, 0.5], (uncertainty) =>
    propagate({ a: { value: 3, uncertainty }, b: { value: 4, uncertainty: 0.1 } }, ({ a, b }) => a / b),
  ),
];

const JOBS: Page = [
  [
    'the setting a piece is made at',
    () => [settingInForce(RECORDS, 1)?.body ?? null, settingInForce(RECORDS, 2)?.body ?? null],
  ],
  ['the piece in hand', () => [currentPiece(RECORDS), currentPiece([])]],
  [
    'rows of a kind',
    () =>
      (['pass', 'reading', 'verdict'] as const).map((kind) => [
        ofKind(RECORDS, kind).length,
        ofKind(RECORDS, kind, 2).length,
      ]),
  ],
  [
    'rows of a shape',
    () => [recordsOf(RECORDS, 'cone', true).length, recordsOf(RECORDS, 'cone', false).length],
  ],
  [
    'what is said beside the work',
    () =>
      (['note', 'photo', 'pass', 'withdrawn', 'verdict', 'crept'] as const).map((kind) => [
        kind,
        isBeside(kind),
      ]),
  ],
  each(
    'what holds of a lathe now',
    [
      { points: [{ value: 0.9 }, { value: 1 }], mean: 0.95, scatter: 0.14, changed: null },
      { points: [{ value: 0.9 }], mean: 0.9, scatter: null, changed: null },
    ] as never[],
    (shown) => holdsNow(shown),
  ),
  each(
    'minutes worked',
    [
      [],
      ['2026-11-20T10:00:00Z'],
      ['2026-11-20T10:00:00Z', '2026-11-20T10:12:00Z', '2026-11-20T14:00:00Z'],
      ['2026-11-20T10:12:00Z', '2026-11-20T10:00:00Z'],
    ],
    workedMinutes,
  ),
  each(
    'the next level',
    [
      [],
      [[1, true]],
      [
        [1, true],
        [1, true],
      ],
      [
        [2, true],
        [1, true],
      ],
      [
        [3, false],
        [3, false],
      ],
      [
        [5, true],
        [5, true],
      ],
      [
        [0, false],
        [0, false],
      ],
    ] as [number, boolean][][],
    (runs) => nextLevel(runs.map(([level, right]) => ({ level, right }) as never)),
  ),
  each('what is known of an angle', [1e-5, 1e-4, 1e-2], (band) => angleNow(FITTED, { halfAngle, band })),
  [
    'what is known where nothing was seen',
    () =>
      angleNow(fitEvidence({ member: 'external', evidence: [], halfAngle, length: 86 }), {
        halfAngle,
        band: 1e-4,
      }),
  ],
];

const GIVEN = { length: 86, beyondGauge: 5 };
const PARTS: Page = [
  each(
    'a taper of a part',
    [
      { gaugeDiameter: 23.825, ratio: 1 / 19.922, ...GIVEN },
      { largeDiameter: 24.076, halfAngle, length: 86 },
      { smallDiameter: 20, ratio: 0.05, length: 40 },
      { largeDiameter: 24, smallDiameter: 20, length: 80 },
      { largeDiameter: 24, smallDiameter: 20, ratio: 0.05 },
      { largeDiameter: 24, length: 80 },
      { largeDiameter: 24, smallDiameter: 26, length: 80 },
      { largeDiameter: 24, ratio: 0.5, length: 80 },
      { gaugeDiameter: 23.825, largeDiameter: 24.076, ...GIVEN },
      { gaugeDiameter: 23.825, largeDiameter: 24.2, ratio: 1 / 19.922, ...GIVEN },
      { gaugeDiameter: 23.825, smallDiameter: 19.76, ...GIVEN },
      { gaugeDiameter: 23.825, length: 86, beyondGauge: 0 },
      { largeDiameter: 24, halfAngle: 0, length: 80 },
      { largeDiameter: 24, halfAngle: -0.1, length: 80 },
      { largeDiameter: 24, halfAngle: 2, length: 80 },
      { largeDiameter: 24, halfAngle: 1.56, length: 0.1 },
      { largeDiameter: 24, smallDiameter: -1, length: 80 },
      { largeDiameter: 0, ratio: 0.05, length: 80 },
      { largeDiameter: 24, ratio: -0.05, length: 80 },
      { largeDiameter: 24, ratio: 0.05, length: 0 },
    ] as never[],
    (given) => solveTaperFeature(given),
  ),
  ['the taper of a shank', () => taperOfPart(SHANK_PART, { grade: 'AT6' })],
  ['the taper of a part that has none', () => taperOfPart(DISC_PART, { grade: 'AT6' })],
  each('a slip in divisions', [0, 0.05, 0.4, -0.4, 1.27], (by) => [
    inDivisions(by, LONG.dial),
    inDivisions(by, SHORT.dial),
  ]),
  ['a shank’s ends', () => shankEnds(SHANK, solveTaperFeature(SHANK_PART[0] as never))],
  [
    'a shape drawn',
    () => {
      const shape = {
        points: [
          { z: 0, diameter: 18 },
          { z: 6, diameter: 20, run: 'ogee' as const },
          { z: 10, diameter: 20 },
        ],
      };
      return [profileCurve(shape as never), shapePoints(shape as never)];
    },
  ],
  ['what a part is chiefly', () => [chiefOf(SHANK_PART)?.id, chiefOf(DISC_PART)?.id, chiefOf([]) ?? null]],
  [
    'what features are',
    () =>
      (['taper', 'bore', 'tang', 'flats', 'corner-radius', 'groove', 'cross-hole', 'thread'] as const).map(
        (kind) => [
          kind,
          featureKind(kind as never)?.name,
          isDetail({ id: 'x', name: '', kind, side: 'external' } as never),
        ],
      ),
  ],
];

const LINES: Page = [
  [
    'how thick and how long parts are',
    () =>
      [SHANK_PART, DISC_PART, COLLET_HOLDER.features].map((features) => {
        const { length: long, largestRadius } = layoutPart(features);
        return { long, largestRadius };
      }),
  ],
  [
    'stock that is usual',
    () => [SHANK_PART, DISC_PART, COLLET_HOLDER.features].map((features) => usualStock(layoutPart(features))),
  ],
  ['which operations are alike', () => operationsAlike(COLLET_HOLDER, planPart(COLLET_HOLDER).holdings)],
  each(
    'alike whatever the metal',
    ['thread external 20 x 1.5', 'face Facing tool, Caliper or depth gauge', ''],
    alikeInAnyMaterial,
  ),
  [
    'what operations are called',
    () =>
      (['taper', 'turn', 'face', 'drill', 'thread', 'part-off', 'harden'] as const).map((kind) =>
        operationNamed(kind as never),
      ),
  ],
  [
    'which holding goes on from which',
    () =>
      [PLANNED, COLLET_HOLDER].map((part) =>
        planPart(part).holdings.map((one, _, all) => all.map((other) => goesOn(other, one))),
      ),
  ],
];

const SETTINGS: Page = [
  ['the slope that is wanted', () => slopeWanted(SWEEP, SETTING)],
  each('within its band', [1.8784, 1.8785, 1.879, 1.885, 1.8855, 1.8856], (seen) =>
    withinBand(seen, { low: 1.879, high: 1.885 }, 0.001),
  ),
  [
    'the school of a way',
    () =>
      (['attachment', 'compound', 'tailstock', 'reamer', 'form-tool', 'copy-master'] as const).map((way) => [
        way,
        schoolOf(way as never).id,
        schoolOf(way as never, 'master').id,
      ]),
  ],
  each('half angle and ratio', [0.05, 7 / 24, 0.5, 1 / 19.922], (value) => [
    halfAngleOf(value),
    ratioOf(halfAngleOf(value)),
  ]),
  each('what a grade allows', ['AT3', 'AT4', 'AT5', 'AT6', 'AT8', 'AT10'] as const, (grade) =>
    [6, 10, 16, 25, 40, 63, 81, 100, 160, 250, 400, 630].map((long) =>
      answered(() => coneAngleTolerance({ grade: grade as never, length: long })),
    ),
  ),
  [
    'sizes of a series',
    () =>
      ['morse-iso', 'jarno', 'brown-sharpe', 'steep', 'nothing'].map((id) =>
        answered(() => taperSeries(id).sizes.map(({ size, ratio: of }) => [size, of])),
      ),
  ],
  [
    'a size',
    () =>
      [
        ['morse-iso', '3'],
        ['steep', '40'],
        ['morse-iso', '9'],
      ].map(([series, size]) => answered(() => taperSize(series!, size!))),
  ],
  ['a shop’s own', () => shopSeries([taperSize('morse-iso', '3')])],
  each(
    'a bar moved at its end',
    [
      [0.025, 0.026],
      [0.026, 0.025],
      [0.025, 0.025],
      [0, 0.14],
    ] as const,
    ([fromHalfAngle, toHalfAngle]) => attachmentBarShift({ pivotLength: 180, fromHalfAngle, toHalfAngle }),
  ),
  each('a check along the carriage', [10, 75, 200], (carriageTravel) =>
    attachmentCheck({ halfAngle, carriageTravel, lash: 0.08 }),
  ),
  each('a check along the slide', [10, 75], (slideTravel) => [
    compoundCheck({ halfAngle, slideTravel }),
    compoundCheck({ halfAngle: 30 * DEGREE, slideTravel }),
  ]),
  each('set over', [60, 200, 700], (workLength) => [
    tailstockSetOver({ workLength, halfAngle }),
    tailstockSetOver({ workLength, halfAngle: 0.1 }),
  ]),
  each('fed by the compound', [0.05, -0.05, 0], (radial) =>
    [0.1, 45 * DEGREE, 90 * DEGREE].map((compoundAngle) => compoundInfeed({ radial, compoundAngle })),
  ),
  each(
    'bars for a bore',
    [
      { depth: 60, smallEnd: 5 },
      { depth: 60, smallEnd: 22 },
      { depth: 100, smallEnd: 30 },
      { depth: 130, smallEnd: 30 },
    ],
    (bore) =>
      fitBars(DRAWER.boringBars, bore).map((bar) => [bar, answered(() => barLacks(bar, bore.smallEnd))]),
  ),
  [
    'ways by their names',
    () => ['four-jaw', 'attachment', 'form-tool', 'packing', 'nothing'].map((id) => wayName(id)),
  ],
  [
    'a way and what it moves',
    () =>
      (['attachment', 'compound', 'reamer'] as const).map((id) => [
        wayOf(id).name,
        wayOf(id).device,
        wayOf(id).adjusts,
      ]),
  ],
  [
    'ways of a throw',
    () => (['packing', 'four-jaw', 'offset-centres'] as const).map((id) => eccentricWayOf(id).title),
  ],
  ['curves that are plunged', () => ['form-tool', 'steps', undefined].map((way) => plungesCurve(way))],
];

/** Every small question that no other page asks, each with several givens. */
export const SINGLES_PAGE: Page = [
  ...DIALS,
  ...CURVES,
  ...CUTS,
  ...THROWS,
  ...HELD,
  ...FIGURES,
  ...JOBS,
  ...PARTS,
  ...LINES,
  ...SETTINGS,
];
