import {
  allowanceFor,
  boreTools,
  drillPlan,
  feedAndSpeed,
  handFeedPace,
  passPlan,
  plungeStops,
  reamAdvice,
  scallopHeight,
  staircase,
  theoreticalFinish,
} from '../../packages/core/src/cutting';
import { ALLOWANCE_FOR } from '../../packages/core/src/cutting/allowance';
import { SOCKET } from '../../packages/core/src/examples.testdata';
import { FITS, holeLimits, shaftLimits, sizeLimits } from '../../packages/core/src/fit';
import {
  advanceFromInfeed,
  bearingDiameter,
  boreBetweenBalls,
  diameterAt20,
  driveUp,
  ELASTIC,
  halfAngleFromIndicator,
  halfAngleOverRollers,
  ratioErrorFromSwing,
  salvageWays,
  SIZE_METHODS,
  smallEndOverRollers,
  standOffBy,
  stockFromStandOff,
} from '../../packages/core/src/gauging';
import {
  checkDue,
  gaugeBlockStack,
  lubricantFor,
  materialNamed,
  pinBlock,
  pinBlockDesign,
  sineBarStack,
} from '../../packages/core/src/kit';
import { METRIC_88 } from '../../packages/core/src/kit/blockSets';
import { USUAL_MATERIALS } from '../../packages/core/src/kit/materials/usual';
import { copyTaper, COPY_IDS } from '../../packages/core/src/old-part';
import { DRAWER, SHANK } from '../../packages/core/src/testkit.testdata';
import { identifyTaper, selfHolding, tangOf, taperTolerance } from '../../packages/core/src/taper';
import {
  bestWire,
  changeGears,
  outsideThread,
  overWires,
  pitchFromWires,
  tapDrill,
  tappedHole,
  threadLimits,
  threadNamed,
  usualClass,
  usualThreadLength,
} from '../../packages/core/src/thread';
import { answered, type Page } from '../page.testdata';

/** Everything that is worked out of a thread's name. */
function ofThread(name: string): unknown {
  const thread = threadNamed(name);
  const classes = [thread.class, usualClass(thread.form, 'external'), usualClass(thread.form, 'internal')];
  const wire = bestWire(thread);
  const drill = tapDrill({ thread, engagement: 0.75, drills: [5, 8.5, 10.2, 10.8, 28.5] });
  return {
    thread,
    limits: classes.flatMap((one) => (one ? [{ of: one, ...threadLimits(thread, one) }] : [])),
    outside: outsideThread(thread),
    wires: [
      overWires({ thread, wire }),
      overWires({ thread, wire: 1.2 * wire, pitchDiameter: thread.diameter - thread.pitch }),
    ],
    left: pitchFromWires({ thread, wire, measured: overWires({ thread, wire }).over + 0.06 }),
    drill,
    hole: tappedHole({ thread, length: usualThreadLength(thread), drill: drill.exact }),
    gears: changeGears({
      gears: [20, 24, 30, 36, 40, 45, 48, 60, 72, 127],
      leadScrew: 6,
      pitch: thread.pitch,
    }).slice(0, 2),
  };
}

const THREADS = [
  'M6',
  'M12x1.25 LH',
  'M30x1.5 6g',
  '1/4-20 UNC',
  '#10-32',
  '1/2 UNF-2A',
  '1/2 BSW',
  'G 3/8',
  '.5-13',
  'M12 x 1.75',
  'm 8*1',
  'M10,5',
  'M13',
  'M6x4',
  'M7x0.9 6H',
  'M8 LH 6g',
  'M12-6g',
  'M12 4h',
  'M12 2A',
  '1/2-13 UNC-2B',
  '1/2-20 UNC',
  '1/2 UNC 6g',
  '10-32 UNF',
  '10-24 LH',
  '#10',
  '10 UNF',
  '12-28',
  '8-32 UNC',
  '1-8',
  '1-12',
  '2-64',
  '9-32',
  '5-12',
  'no. 4-40',
  '1 1/8-7',
  '1-1/8-7 UNC',
  '.312-18',
  '0.3-18',
  '7/16 UNEF',
  '7/16-28 UNEF',
  '1/2-30 UN',
  '9/16-10',
  '3/4 in 10 TPI',
  '3/4 x 16',
  '5/8 W',
  '5/8-11 Whitworth',
  '5/8-12 BSW',
  '1/2-16 BSF',
  '1/2-12 BSF',
  '11/16-11 BSW',
  '1-7/8-6 UNC',
  'G1/4',
  'G 1 1/4',
  '1/4 BSP',
  '3/8 in BSPP',
  'G5',
  'Tr 20x4',
  'M',
  '',
];
const FLAT = { member: 'external', division: 0.05, reads: 'diameter' } as const;
const [MATERIAL] = USUAL_MATERIALS;

/** Roughing, the last pass, and the shoulders under a cone. */
const CUTS: Page = [
  [
    'passes to size',
    () =>
      passPlan({
        ...FLAT,
        now: 25,
        finish: 23.8,
        dialNow: 25,
        roughDepth: 0.25,
        lastStock: 0.4,
        allowance: 0.1,
      }),
  ],
  [
    'passes in a bore, on a dial of the radius',
    () =>
      passPlan({
        member: 'internal',
        division: 0.02,
        reads: 'radius',
        now: 18,
        finish: 20,
        dialNow: 3.1,
        roughDepth: 0.3,
        lastStock: 0.3,
        allowance: 0.02,
      }),
  ],
  [
    'nothing is left to cut',
    () =>
      passPlan({
        ...FLAT,
        now: 23.8,
        finish: 23.8,
        dialNow: 25,
        roughDepth: 0.25,
        lastStock: 0.4,
        allowance: 0.1,
      }),
  ],
  [
    'shoulders under a cone',
    () =>
      staircase({
        ...FLAT,
        largeDiameter: 24,
        smallDiameter: 20,
        halfAngle: 0.025,
        stock: 25,
        allowance: 0.5,
        depth: 0.5,
      }),
  ],
  [
    'shoulders in a socket',
    () =>
      staircase({
        member: 'internal',
        division: 0.02,
        reads: 'radius',
        largeDiameter: 24,
        smallDiameter: 20,
        halfAngle: 0.025,
        stock: 19.5,
        allowance: 0.3,
        depth: 0.5,
      }),
  ],
  [
    'drills before a socket',
    () =>
      drillPlan({
        drills: [10, 16, 18, 20, 21, 22],
        largeDiameter: 24,
        smallDiameter: 20,
        length: 80,
        halfAngle: 0.025,
        margin: 0.5,
      }),
  ],
  [
    'drills, none of them fits',
    () =>
      drillPlan({
        drills: [30],
        largeDiameter: 24,
        smallDiameter: 20,
        length: 80,
        halfAngle: 0.025,
        margin: 0.5,
      }),
  ],
  [
    'a bore and what is owned',
    () => [
      boreTools({ diameter: 12, drills: [11.5, 11.8], reamers: [12] }),
      boreTools({ diameter: 40, drills: [20], reamers: [] }),
    ],
  ],
  ...(['hss', 'carbide'] as const).flatMap((tool): Page =>
    [true, false].map((finishing): Page[number] => [
      `speeds with ${tool}${finishing ? ', finishing' : ''}`,
      () =>
        USUAL_MATERIALS.map((material) => [
          material.name,
          feedAndSpeed({
            material,
            tool,
            diameter: 24,
            duty: { finishing },
            speeds: [45, 80, 125, 200, 315, 500, 800, 1250],
          }),
          lubricantFor(material, tool),
        ]),
    ]),
  ),
  [
    'long and thin, interrupted, by its whole edge, bored',
    () =>
      [{ overhang: 9 }, { interrupted: true }, { form: true }, { boring: 6 }].map((duty) =>
        feedAndSpeed({ material: MATERIAL!, tool: 'hss', diameter: 8, duty: { finishing: true, ...duty } }),
      ),
  ],
  [
    'what is left on for what comes after',
    () => ALLOWANCE_FOR.map((next) => [next, allowanceFor(next, 8), allowanceFor(next, 60)]),
  ],
  [
    'reaming a socket',
    () => [0.02, 0.1, 0.6].map((left) => reamAdvice({ task: SOCKET, reamers: DRAWER.taperReamers, left })),
  ],
  [
    'a reamer for another taper',
    () => reamAdvice({ task: { ...SOCKET, halfAngle: 0.05 }, reamers: DRAWER.taperReamers, left: 0.1 }),
  ],
  [
    'plunged side by side',
    () => [
      plungeStops({ near: 20, far: 26, width: 3 }),
      plungeStops({ near: 20, far: 22, width: 3 }),
      plungeStops({ near: 20, far: 27, width: 3 }),
    ],
  ],
  [
    'fed by hand',
    () => [
      handFeedPace({ spindleSpeed: 150, feedPerRev: 0.1, travelPerTurn: 2 }),
      scallopHeight({ step: 0.5, noseRadius: 0.8 }),
      theoreticalFinish({ feed: 0.1, noseRadius: 0.4 }),
    ],
  ],
];

/** What a gauge, rollers, balls and warmth tell. */
const GAUGES: Page = [
  ...(['axis', 'slide'] as const).map((travelAlong): Page[number] => [
    `an indicator along the ${travelAlong}`,
    () => halfAngleFromIndicator({ travel: 75, radial: 1.882, travelAlong }),
  ]),
  [
    'an infeed and a gauge',
    () =>
      (['radius', 'diameter'] as const).map((dial) =>
        advanceFromInfeed({ infeed: 0.04, dial, halfAngle: SHANK.halfAngle }),
      ),
  ],
  ['a swing', () => ratioErrorFromSwing({ swing: 0.04, distance: 70 })],
  [
    'a stand-off',
    () => [1.6, 0, -0.3].map((standOff) => stockFromStandOff({ standOff, halfAngle: SHANK.halfAngle })),
  ],
  ...(['external', 'internal'] as const).flatMap((member): Page =>
    [0.1, 0.5, 6, 60].map((past): Page[number] => [
      `${member}, past its line by ${past}`,
      () => salvageWays({ member, past, allowed: 0.25, taperLength: 86 }),
    ]),
  ),
  [
    'over rollers',
    () => [
      halfAngleOverRollers({ lower: 30, upper: 32, height: 40 }),
      smallEndOverRollers({ measurement: 30, rollerDiameter: 5, halfAngle: 0.025 }),
    ],
  ],
  [
    'between balls',
    () => boreBetweenBalls({ largeBall: 20, smallBall: 16, largeBallDepth: 5, smallBallDepth: 60 }),
  ],
  [
    'balls the wrong way round',
    () => boreBetweenBalls({ largeBall: 16, smallBall: 20, largeBallDepth: 5, smallBallDepth: 60 }),
  ],
  ['warm', () => diameterAt20({ diameter: 40, temperature: 45, expansion: 11.5e-6 })],
  ...[0.2, 0.5, 3].map((advance): Page[number] => [
    `driven up ${advance}`,
    () => [
      driveUp({
        diameter: 40,
        halfAngle: 0.025,
        advance,
        hubDiameter: 80,
        shaftBore: 0,
        hub: ELASTIC.steel,
        shaft: ELASTIC.steel,
      }),
      bearingDiameter(SHANK),
    ],
  ]),
  ...(
    [
      [80, 40],
      [80, 39.9],
      [80, 20],
      [80, -1],
      [40, 0],
      [40.1, 0],
    ] as const
  ).map(([hubDiameter, shaftBore]): Page[number] => [
    `driven up a shaft of 40, hub ${hubDiameter}, hole ${shaftBore}`,
    () =>
      driveUp({
        ...{ diameter: 40, halfAngle: 0.025, advance: 0.5, hubDiameter, shaftBore },
        hub: ELASTIC.steel,
        shaft: ELASTIC.steel,
      }),
  ]),
  ...SIZE_METHODS.map((method): Page[number] => [
    `${method.title}: how far off`,
    () =>
      (['external', 'internal'] as const).map((member) =>
        [0.4, 1.6, 32].map((seen) =>
          answered(() =>
            standOffBy(method, seen, { wanted: 1, roller: 5, ball: 22, apart: 2 }, { ...SHANK, member }),
          ),
        ),
      ),
  ]),
  ...COPY_IDS.map((method): Page[number] => [
    `copied by ${method}`,
    () => {
      const { taper, ...copied } = copyTaper(
        method,
        Object.fromEntries(
          Object.entries({
            large: 24,
            small: 20,
            along: 80,
            travel: 75,
            radial: 1.9,
            roller: 5,
            lower: 30,
            upper: 32,
            height: 40,
            largeBall: 20,
            smallBall: 16,
            largeBallDepth: 5,
            smallBallDepth: 60,
          }).map(([key, value]) => [key, { value, uncertainty: 0.005 }]),
        ),
      );
      return { taper, parts: Object.keys(copied) };
    },
  ]),
];

/** What is set up from the drawer, and looked up. */
const DRAWERS: Page = [
  ...[14.36, 21.1472, 1.0005].map((target): Page[number] => [
    `blocks for ${target}`,
    () => gaugeBlockStack({ target, blocks: METRIC_88, maxCount: 5 }),
  ]),
  [
    'a sine bar',
    () => [Math.PI / 6, SHANK.halfAngle].map((angle) => sineBarStack({ barLength: 100, angle })),
  ],
  ['pins', () => pinBlock({ halfAngles: [SHANK.halfAngle, 0.1448], span: 90, resolution: 0.01 })],
  [
    'a block of pins',
    () =>
      pinBlockDesign({
        tapers: [
          { name: 'No. 3 Morse', halfAngle: SHANK.halfAngle },
          { name: 'Steep', halfAngle: 0.1448 },
        ],
        width: 120,
        height: 30,
        holeDiameter: 6,
        resolution: 0.01,
        wall: 4,
      }),
  ],
  [
    'due',
    () =>
      ['2026-02-27', '2026-02-28', '2026-03-02'].map((today) =>
        checkDue({ checkedOn: '2026-01-31', checkEvery: 1 }, today),
      ),
  ],
  [
    'materials by name',
    () =>
      ['bronze', 'EN8', '303', 'grey iron', 'unobtainium'].map((name) => [
        name,
        materialNamed(name, USUAL_MATERIALS)?.name ?? null,
      ]),
  ],
  ...FITS.map((fit): Page[number] => [
    `the fit ${fit}`,
    () =>
      [3, 18, 40, 75, 250].map((diameter) =>
        answered(() => (/^[A-Z]/.test(fit) ? holeLimits : shaftLimits)({ diameter, fit } as never)),
      ),
  ]),
  [
    'limits given otherwise',
    () => [
      sizeLimits({ size: 30, side: 'external', given: { plus: 0, minus: 0.02 } }),
      sizeLimits({ size: 30, side: 'internal', given: {} }),
      sizeLimits({ size: 300, side: 'external', given: { fit: 'h6' } as never }),
    ],
  ],
  ...(['AT4', 'AT6', 'AT8'] as const).map((grade): Page[number] => [
    `the grade ${grade}`,
    () => [8, 86, 400].map((length) => taperTolerance({ grade, length })),
  ]),
  [
    'tapers that were measured',
    () => [
      identifyTaper({
        largeDiameter: 24.05,
        smallDiameter: 20.04,
        length: 80,
        uncertainty: 0.01,
      }).matches.slice(0, 3),
      identifyTaper({
        largeDiameter: 44.4,
        smallDiameter: 25.4,
        length: 65,
        uncertainty: 0.05,
      }).matches.slice(0, 2),
      identifyTaper({ largeDiameter: 30, smallDiameter: 11, length: 50, uncertainty: 0.02 }).matches.slice(
        0,
        2,
      ),
    ],
  ],
  [
    'whether it holds',
    () => [0.5, 1.4, 3.4, 8.3].map((half) => selfHolding({ halfAngle: (half * Math.PI) / 180 })),
  ],
  ['tangs', () => ['1', '3', '6'].map((size) => tangOf({ series: 'morse-iso', size }))],
];

/** Sizes: how they are measured, cut to and held. */
export const SIZES_PAGE: Page = [
  ...THREADS.map((name): Page[number] => [`the thread ${name}`, () => ofThread(name)]),
  ...CUTS,
  ...GAUGES,
  ...DRAWERS,
];
