import type { UnitSystem } from '../../packages/core/src/figure/format';
import type { Lathe } from '../../packages/core/src/machine/lathe';
import {
  benchOf,
  coneTruth,
  gaugeOfCone,
  PIECE_IDS,
  pieceFaults,
  pieceOf,
  whyNotTried,
  type Bench,
  type WorkTried,
} from '../../packages/core/src/practice';
import { taperTolerance, type TaperTask } from '../../packages/core/src/taper';
import { LONG, SHANK, SHORT } from '../../packages/core/src/testkit.testdata';
import {
  BADNESS,
  chosenFault,
  FAULT_IDS,
  makeVirtualLathe,
  type Blank,
  type ConeGauge,
  type Faults,
  type LatheAction,
  type VirtualLathe,
} from '../../packages/core/src/virtual-lathe';
import type { Page } from '../page.testdata';

const DEGREE = Math.PI / 180;
const along = (by: number, feed = 0.1): LatheAction => ({ do: 'turn', handle: 'carriage', by, feed });
const cross = (by: number): LatheAction => ({ do: 'turn', handle: 'cross', by });
const slide = (by: number): LatheAction => ({ do: 'turn', handle: 'compound', by, feed: 0.1 });
const across = (at: number, side: 'outside' | 'inside' = 'outside', direction = 0): LatheAction => ({
  do: 'measure',
  at,
  side,
  direction,
});
const BAR: Blank = { diameter: 30, length: 110 };
const HOLD: LatheAction = { do: 'hold', by: 'three-jaw', blank: BAR, out: 80 };
const TOOL: LatheAction = { do: 'tool', side: 'outside', nose: 0.4 };
const there = (length: number): LatheAction[] => [along(-length), along(length)];

const SLEEVE: ConeGauge = { diameter: 24, halfAngle: Math.atan(1 / 40), toLarge: 5, toSmall: 90 };
const PLUG: ConeGauge = { diameter: 30, halfAngle: 8 * DEGREE, toLarge: 10, toSmall: 60 };

/** Bored before it is measured by balls and rollers. */
const HUB: LatheAction[] = [
  { do: 'hold', by: 'three-jaw', blank: { diameter: 60, length: 80, bore: 20 }, out: 40 },
  { do: 'tool', side: 'inside', nose: 0.4, barDiameter: 12 },
  { do: 'set', device: 'compound', to: -8 * DEGREE },
];

/** What is done at a lathe, one after the other. */
const RUNS: Readonly<Record<string, readonly LatheAction[]>> = {
  'a bar is turned along and measured': [
    HOLD,
    TOOL,
    { do: 'touch' },
    along(25),
    cross(1.5),
    ...there(60),
    across(40),
    across(40, 'outside', 90 * DEGREE),
    across(70),
    { do: 'rule', at: 70, side: 'outside' },
    cross(0.3),
    ...there(60),
    across(40),
    across(70),
  ],
  'a bar is turned to figures of the dial, and polished': [
    HOLD,
    TOOL,
    { do: 'spindle', turns: 900 },
    { do: 'touch' },
    along(25),
    { do: 'turn-to', handle: 'cross', to: 0.6 },
    ...there(50),
    { do: 'turn-to', handle: 'cross', to: 0.4 },
    ...there(50),
    { do: 'turn-to', handle: 'cross', to: 1 },
    along(-50, 0.25),
    along(50),
    { do: 'cloth', from: 45, to: 60 },
    across(50),
    { do: 'cloth', from: 45, to: 60 },
    { do: 'cloth', from: 45, to: 60 },
    across(50),
    { do: 'wait', seconds: 900 },
    across(50),
  ],
  'a slender bar, without a centre and with one': [
    { do: 'hold', by: 'three-jaw', blank: { diameter: 12, length: 190 }, out: 150 },
    TOOL,
    { do: 'spindle', turns: 1200 },
    { do: 'touch' },
    along(100),
    cross(1),
    ...there(130),
    across(20),
    across(80),
    across(140),
    { do: 'hold', by: 'three-jaw', out: 150, centre: true },
    ...there(130),
    across(20),
    across(80),
    across(140),
  ],
  'a bar in four jaws, brought nearer': [
    { do: 'hold', by: 'four-jaw', blank: { diameter: 40, length: 90 }, out: 50 },
    { do: 'spindle', turns: 0 },
    { do: 'zero', of: 'needle' },
    ...[0, 90, 180, 270].flatMap((at): LatheAction[] => [
      { do: 'spin', to: at * DEGREE },
      { do: 'indicate', on: 'work' },
    ]),
    { do: 'jaw', jaw: 1, by: -0.4 },
    { do: 'jaw', jaw: 3, by: 0.4, felt: true },
    { do: 'jaw', jaw: 2, by: 0.1, felt: true },
    ...[0, 90, 180, 270].flatMap((at): LatheAction[] => [
      { do: 'spin', to: at * DEGREE },
      { do: 'indicate', on: 'work' },
    ]),
    { do: 'spin', by: 45 * DEGREE },
    { do: 'indicate', on: 'work' },
  ],
  'packing under a jaw': [
    { do: 'hold', by: 'three-jaw', blank: { diameter: 40, length: 90 }, out: 50 },
    { do: 'spindle', turns: 0 },
    { do: 'pack', by: 4 },
    ...[0, 60, 120, 180, 240, 300].flatMap((at): LatheAction[] => [
      { do: 'spin', to: at * DEGREE },
      { do: 'indicate', on: 'work' },
    ]),
    { do: 'spindle', turns: 500 },
    { do: 'touch' },
    cross(0.4),
    ...there(30),
    across(40),
  ],
  'between centres, the tailstock set over': [
    { do: 'hold', by: 'centres', blank: { diameter: 28, length: 140 }, out: 140 },
    TOOL,
    { do: 'set', device: 'tailstock', to: 3 },
    { do: 'nudge', device: 'tailstock', by: 0.25 },
    { do: 'indicate', on: 'barrel' },
    { do: 'barrel', by: 20 },
    { do: 'indicate', on: 'barrel' },
    { do: 'touch' },
    along(90),
    cross(3),
    ...there(120),
    across(30),
    across(80),
    across(130),
    { do: 'try', gauge: SLEEVE, line: 40, from: 40, to: 130 },
  ],
  'a shank by the attachment, tried in its sleeve': [
    { do: 'hold', by: 'three-jaw', blank: { diameter: 27, length: 150 }, out: 100, centre: true },
    TOOL,
    { do: 'set', device: 'attachment', to: Math.atan(1 / 40) },
    { do: 'nudge', device: 'attachment', by: 0.03, pivotLength: 180 },
    { do: 'touch' },
    cross(-1),
    along(60),
    { do: 'engage', on: true },
    { do: 'spindle', turns: 0 },
    { do: 'sweep', on: 'test-bar', handle: 'carriage', by: -60, count: 7 },
    { do: 'spindle', turns: 600 },
    along(60),
    cross(5),
    ...there(118),
    cross(3.4),
    ...there(118),
    across(20),
    across(60),
    across(95),
    { do: 'try', gauge: SLEEVE, line: 12, from: 10, to: 100 },
    cross(0.6),
    ...there(118),
    { do: 'try', gauge: SLEEVE, line: 12, from: 10, to: 100 },
    cross(0.8),
    ...there(118),
    { do: 'try', gauge: SLEEVE, line: 12, from: 10, to: 100 },
    { do: 'engage', on: false },
    along(-20),
    across(20),
  ],
  'a bar against a master': [
    { do: 'master', z: 40, radius: 11, slope: -1 / 40 },
    { do: 'set', device: 'attachment', to: Math.atan(1 / 40) },
    { do: 'spindle', turns: 0 },
    along(-10),
    { do: 'engage', on: true },
    { do: 'zero', of: 'needle', on: 'master' },
    { do: 'sweep', on: 'master', handle: 'carriage', by: -40, count: 5 },
    { do: 'sweep', on: 'master', handle: 'carriage', by: 40, count: 5 },
    { do: 'nudge', device: 'attachment', by: -0.05, pivotLength: 180 },
    { do: 'sweep', on: 'master', handle: 'carriage', by: -40, count: 5 },
  ],
  'a hub by the compound, by balls, rollers and a plug': [
    ...HUB,
    { do: 'turn-to', handle: 'carriage', to: -16 },
    cross(64),
    { do: 'zero', of: 'cross' },
    cross(-8),
    slide(34),
    slide(-34),
    cross(-4),
    slide(34),
    slide(-34),
    across(38, 'inside'),
    across(20, 'inside'),
    { do: 'ball', diameter: 22 },
    { do: 'ball', diameter: 26 },
    { do: 'ball', diameter: 60 },
    { do: 'try', gauge: PLUG, line: 40, from: 4, to: 40 },
    { do: 'rule', at: 38, side: 'inside' },
  ],
  'rollers on a shank': [
    { do: 'hold', by: 'three-jaw', blank: { diameter: 30, length: 90 }, out: 60 },
    TOOL,
    { do: 'set', device: 'compound', to: 7 * DEGREE },
    { do: 'turn-to', handle: 'carriage', to: -10 },
    { do: 'touch' },
    cross(-2),
    { do: 'turn-to', handle: 'carriage', to: 4 },
    cross(7),
    slide(45),
    slide(-45),
    cross(4),
    slide(45),
    slide(-45),
    { do: 'rollers', diameter: 10, blocks: 0 },
    { do: 'rollers', diameter: 10, blocks: 20 },
    { do: 'rollers', diameter: 6, blocks: 50 },
    across(30),
    across(55),
  ],
  'a groove by a form tool': [
    { do: 'hold', by: 'three-jaw', blank: { diameter: 30, length: 90 }, out: 60 },
    {
      do: 'tool',
      side: 'outside',
      nose: 0.2,
      form: [-4, -3, -1, 1, 3, 4].map((z) => ({ z, back: Math.abs(z) > 3.5 ? 2 : Math.abs(z) > 2 ? 1 : 0 })),
    },
    { do: 'spindle', turns: 200 },
    { do: 'turn-to', handle: 'carriage', to: -20 },
    { do: 'touch' },
    cross(1.5),
    cross(1.5),
    cross(-8),
    across(40),
    across(37),
    across(36),
    across(44),
  ],
  'the height of the edge': [
    HOLD,
    TOOL,
    { do: 'height' },
    { do: 'raise', by: 0.4 },
    { do: 'height' },
    { do: 'touch' },
    along(25),
    cross(2),
    ...there(50),
    across(50),
  ],
  'the needle run along a bar and into a bore': [
    HOLD,
    TOOL,
    { do: 'spindle', turns: 0 },
    { do: 'sweep', on: 'work', handle: 'carriage', by: -30, count: 4 },
    { do: 'sweep', on: 'work', handle: 'carriage', by: 30, count: 4 },
    { do: 'indicate', on: 'bore' },
    { do: 'zero', of: 'needle', on: 'test-bar' },
    { do: 'sweep', on: 'test-bar', handle: 'cross', by: 0.3, count: 4 },
    { do: 'sweep', on: 'test-bar', handle: 'cross', by: -0.3, count: 4 },
  ],
};

const PLACES = [0, 10, 20, 30, 40, 50, 60, 70, 80, 100, 120];
const bothSides = (lathe: VirtualLathe): unknown => {
  const { outline, standOff, faults: _, ...truth } = lathe.reveal();
  const { outline: drawn, ...scene } = lathe.scene();
  return {
    truth,
    outside: PLACES.map((z) => outline('outside', z)),
    inside: PLACES.map((z) => outline('inside', z)),
    sleeve: standOff(SLEEVE, { line: 12, from: 10, to: 100 }),
    scene,
    drawn: drawn && { places: drawn.z.length, outside: drawn.outside, inside: drawn.inside },
    dials: (['carriage', 'cross', 'compound'] as const).map((handle) => lathe.dial(handle)),
    watched: (['work', 'bore', 'test-bar', 'master', 'barrel'] as const).map((on) => lathe.watch(on)),
    seconds: lathe.seconds,
  };
};

/** What an eye tells of it, action by action: those that show nothing are left out. */
const seen = (lathe: VirtualLathe, actions: readonly LatheAction[]): unknown[] =>
  actions.flatMap((action) => {
    const shown = lathe.act(action);
    return Object.values(shown).some((part) => part !== undefined) ? [{ [action.do]: shown }] : [];
  });

const worst = (...ids: (typeof FAULT_IDS)[number][]): Partial<Faults> =>
  Object.fromEntries(ids.map((id) => [id, chosenFault(id, 'worst')]));

/** Whose work it is. */
const LATHES: readonly (readonly [string, () => VirtualLathe])[] = [
  ['a sound lathe', () => makeVirtualLathe({ seed: 5, level: 0 })],
  [
    'a lathe on which all is at its worst',
    () => makeVirtualLathe({ seed: 6, level: 5, faults: worst(...FAULT_IDS) }),
  ],
  ['the long lathe', () => makeVirtualLathe({ seed: 7, level: 3, lathe: LONG })],
];

const WORKED: Page = Object.entries(RUNS).flatMap(([what, actions]): Page =>
  LATHES.map(([whose, make]) => [
    `${what}: ${whose}`,
    () => {
      const lathe = make();
      return { seen: seen(lathe, actions), left: bothSides(lathe) };
    },
  ]),
);

/** One fault alone, and what it does to a bar that is turned along, bored or set by. */
const ONE_FAULT: Page = FAULT_IDS.map((id) => [
  `only this wrong: ${id}`,
  () => ({
    sizes: BADNESS.map((how) => chosenFault(id, how)),
    seen: (
      [
        'a bar is turned to figures of the dial, and polished',
        'a shank by the attachment, tried in its sleeve',
      ] as const
    ).map((run) =>
      seen(makeVirtualLathe({ seed: 9, level: 0, faults: worst(id) }), RUNS[run] as LatheAction[]).slice(-6),
    ),
  }),
]);

const DRAWN: Page = ([0, 1, 2, 3, 4, 5] as const).map((level) => [
  `faults as they are drawn, level ${level}`,
  () => [1, 2, 3].map((seed) => makeVirtualLathe({ seed, level }).reveal().faults),
]);

const refusing = (action: LatheAction, before: readonly LatheAction[] = [HOLD, TOOL]): unknown => {
  const lathe = makeVirtualLathe({ seed: 2, level: 0 });
  for (const one of before) lathe.act(one);
  return lathe.act(action);
};
const REFUSED: Page = [
  ['nothing is held', () => refusing({ do: 'hold', by: 'three-jaw', out: 40 }, [])],
  ['more stands out than there is', () => refusing({ do: 'hold', by: 'three-jaw', blank: BAR, out: 111 })],
  ['all of it stands out', () => refusing({ do: 'hold', by: 'three-jaw', blank: BAR, out: 110 })],
  ['a compound beyond a right angle', () => refusing({ do: 'set', device: 'compound', to: 91 * DEGREE })],
  ['a bar beyond its scale', () => refusing({ do: 'set', device: 'attachment', to: -46 * DEGREE })],
  ['a tailstock beyond its bed', () => refusing({ do: 'set', device: 'tailstock', to: 50.1 })],
  ['a tailstock as far as it goes', () => refusing({ do: 'set', device: 'tailstock', to: 50 })],
  ['a barrel too far out', () => refusing({ do: 'barrel', by: 61 })],
  ['a barrel as far as it goes', () => refusing({ do: 'barrel', by: 60 })],
  ['a barrel all the way in', () => refusing({ do: 'barrel', by: -30 })],
  ['a barrel farther than in', () => refusing({ do: 'barrel', by: -30.1 })],
  ['measured in the jaws', () => refusing(across(-0.1))],
  ['measured at the jaws', () => refusing(across(0))],
  ['measured at its end', () => refusing(across(80))],
  ['measured past its end', () => refusing(across(80.1))],
  ['a bore where there is none', () => refusing(across(40, 'inside'))],
  ['a ball that is none', () => refusing({ do: 'ball', diameter: 0.9 })],
  ['a ball of the least', () => refusing({ do: 'ball', diameter: 1 })],
  ['rollers too thick', () => refusing({ do: 'rollers', diameter: 101, blocks: 0 })],
  ['blocks higher than the work', () => refusing({ do: 'rollers', diameter: 10, blocks: 81 })],
  ['a fifth jaw', () => refusing({ do: 'jaw', jaw: 5, by: 0.1 })],
  ['a nose of nothing', () => refusing({ do: 'tool', side: 'outside', nose: 0 })],
  ['a master of nothing', () => refusing({ do: 'master', z: 0, radius: 0, slope: 0 })],
  ['a nudge at no length', () => refusing({ do: 'nudge', device: 'compound', by: 0.1, pivotLength: 0 })],
  ['a level between two', () => makeVirtualLathe({ seed: 1, level: 2.5 as 2 })],
];

const shank = (over: Partial<TaperTask> = {}): TaperTask => ({
  member: 'external',
  largeDiameter: 24,
  smallDiameter: 20,
  length: 80,
  halfAngle: Math.atan(1 / 40),
  largeEnd: 'headstock',
  workLength: 120,
  tolerance: taperTolerance({ grade: 'AT8', length: 80 }),
  ...over,
});
const HUB_TASK = shank({
  member: 'internal',
  largeDiameter: 40,
  smallDiameter: 35,
  length: 40,
  halfAngle: Math.atan(1 / 16),
  largeEnd: 'tailstock',
});
const cone = (
  way: 'attachment' | 'compound' | 'tailstock',
  task: TaperTask,
  until: 'set' | 'made' = 'made',
): WorkTried => ({
  kind: 'cone',
  way,
  task,
  until,
  standOff: 0.3,
});
const ARC = Array.from({ length: 13 }, (_, i) => ({ z: 3 * i, r: 12 + 4 * Math.sin((i * Math.PI) / 12) }));
const GROOVES = [
  { name: 'First groove', at: 2, width: 3, bottom: 24 },
  { name: 'Second groove', at: 9, width: 4, bottom: 22 },
];
const PLUNGE = [
  { z: 0, r: 15 },
  { z: 2, r: 15 },
  { z: 2, r: 12 },
  { z: 5, r: 12 },
  { z: 5, r: 15 },
  { z: 9, r: 15 },
  { z: 9, r: 11 },
  { z: 13, r: 11 },
  { z: 13, r: 15 },
];

const WORKS: Readonly<Record<string, WorkTried>> = {
  'a shank by the attachment': cone('attachment', shank()),
  'a shank by the attachment, from the other end': cone(
    'attachment',
    shank({ largeEnd: 'tailstock' }),
    'set',
  ),
  'a shank by the compound': cone('compound', shank({ length: 40, smallDiameter: 22 })),
  'a shank by the tailstock': cone('tailstock', shank()),
  'a shank by the tailstock, from the other end': cone('tailstock', shank({ largeEnd: 'tailstock' }), 'set'),
  'a shank to a line of its own': {
    ...cone('attachment', SHANK),
    gauge: { diameter: 23.825, beyond: 5 },
  } as WorkTried,
  'a hub by the compound': cone('compound', HUB_TASK),
  'a hub by the attachment': cone('attachment', HUB_TASK, 'set'),
  'a hub by the tailstock': cone('tailstock', HUB_TASK),
  'a hub with its mouth inside': cone('compound', { ...HUB_TASK, largeEnd: 'headstock' }),
  'a hub too small to bore': cone('compound', { ...HUB_TASK, smallDiameter: 11.9 }),
  'a hub as small as can be bored': cone('compound', { ...HUB_TASK, smallDiameter: 12 }),
  'a throw': { kind: 'throw', throw: 3, limit: 0.04, diameter: 50, length: 40 },
  'a curve': { kind: 'curve', points: ARC, nose: 2, limit: 0.1 },
  'a curve of no length': { kind: 'curve', points: ARC.slice(0, 1), nose: 2, limit: 0.1 },
  'a curve too long': {
    kind: 'curve',
    points: ARC.map(({ z, r }) => ({ z: 7 * z, r })),
    nose: 2,
    limit: 0.1,
  },
  'a curve that comes to a point': {
    kind: 'curve',
    points: ARC.map(({ z, r }) => ({ z, r: r - 10.1 })),
    nose: 2,
    limit: 0.1,
  },
  'grooves plunged': { kind: 'plunge', points: PLUNGE, width: 13, grooves: GROOVES, band: 0.05 },
  'grooves too wide together': {
    kind: 'plunge',
    points: PLUNGE,
    width: 13,
    grooves: [...GROOVES, { name: 'Third', at: 14, width: 10, bottom: 22 }],
    band: 0.05,
  },
  'a groove down to the axis': {
    kind: 'plunge',
    points: PLUNGE.map(({ z, r }) => ({ z, r: r - 11 })),
    width: 13,
    grooves: GROOVES,
    band: 0.05,
  },
};

const SOME: readonly LatheAction[] = [
  { do: 'spindle', turns: 500 },
  { do: 'touch' },
  along(20),
  cross(1),
  along(-40),
  along(40),
];
const STEEP: Partial<Faults> = { barAngle: 0.002, crossLash: 0.05, formDepth: 0.95 };

/** A lathe made ready, how it is worked, and what it says of work begun. */
function ready(bench: Bench): unknown {
  const lathe = bench.begin(3, 2, STEEP);
  const { knobs, raise, scale, cone: place, sense: _s, found, begin: _b, judge, gone, ...rest } = bench;
  const before = { right: judge(lathe).right, gone: gone(lathe) };
  const turned = [...knobs, ...(raise ? [raise] : [])].map(({ turn, ...knob }) => ({
    ...knob,
    one: turn(knob.coarse),
  }));
  if (scale) lathe.act(scale.set(scale.shows === 'angle' ? 0.03 : 2));
  const looked = bench.needleOn.map((on) => ({ on, sense: bench.sense(on), reads: lathe.watch(on) }));
  const chips = SOME.map((action) => lathe.act(action));
  return {
    knobs: turned,
    scale: scale && { title: scale.title, shows: scale.shows, set: scale.set(0.03) },
    found: found(0.03, 0.031),
    ...rest,
    cone: place && { line: place.line, ends: [place.toLarge, place.toSmall], gauge: gaugeOfCone(place) },
    before,
    looked,
    chips,
    stands: judge(lathe),
    gone: gone(lathe),
    truth: place && coneTruth(place, lathe),
    seconds: lathe.seconds,
  };
}
const BENCHES: Page = Object.entries(WORKS).flatMap(([what, work]): Page =>
  (
    [
      ['the practice lathe', undefined, 'mm'],
      ['the long lathe', LONG, 'mm'],
      ['the short lathe', SHORT, 'inch'],
    ] as [string, Lathe | undefined, UnitSystem][]
  ).map(([whose, lathe, system]) => [
    `${what}, at ${whose}`,
    () => whyNotTried(work, lathe) ?? ready(benchOf(work, lathe)),
    system,
  ]),
);

const PIECES: Page = PIECE_IDS.map((id) => [
  `an exercise that is a job: ${id}`,
  () => ({ ...pieceOf(id), faults: [1, 2, 3].map((seed) => pieceFaults(id, seed)) }),
]);

/** The practice lathe: what it does when it is worked, what its faults do, and how it is made ready for work. */
export const BENCHES_PAGE: Page = [...WORKED, ...ONE_FAULT, ...DRAWN, ...REFUSED, ...BENCHES, ...PIECES];
