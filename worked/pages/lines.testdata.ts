import { describePlan, planPart, type PlanPart } from '../../packages/core/src/plan';
import type { Phrase } from '../../packages/core/src/figure/phrase';
import type { Feature } from '../../packages/core/src/part/kinds/registry';
import { DRAWER, LONG, SHORT } from '../../packages/core/src/testkit.testdata';
import { NO_KIT } from '../../packages/core/src/kit/kit';
import type { Lathe } from '../../packages/core/src/machine/lathe';
import {
  bore,
  cone,
  cylinder,
  detail,
  groove,
  screw,
  shape,
  socket,
  tapped,
  throwOf,
} from '../drawn.testdata';
import type { Page } from '../page.testdata';

const HEAD = 'headstock';
const TAIL = 'tailstock';
const FOUR: Lathe = {
  ...LONG,
  chucks: [
    { name: 'Three-jaw', kind: 'three-jaw', capacity: 160 },
    { name: 'Four-jaw', kind: 'four-jaw', capacity: 200 },
  ],
  spindle: { bore: 36 },
  speeds: [45, 80, 125, 200, 315, 500, 800, 1250],
  changeGears: [20, 24, 30, 36, 40, 45, 48, 60, 72, 127],
  leadScrew: 6,
  swing: 300,
  swingOverSlide: 170,
};

type Sketch = readonly [
  features: readonly Feature[],
  across: number,
  length: number,
  more?: Partial<PlanPart>,
];

/** Things a toolroom is asked for. */
const SKETCHES: Readonly<Record<string, Sketch>> = {
  'a plain pin with two edges': [
    [
      cylinder('pin', 16, 40, { fit: 'h6' }),
      detail('edge', 'chamfer', TAIL, { on: 'pin', size: 1 }),
      detail('other edge', 'chamfer', HEAD, { on: 'pin', size: 1 }),
    ],
    18,
    200,
  ],
  'a pin of 6 by 80 out of a thick bar': [[cylinder('pin', 6, 80)], 30, 120],
  'a washer': [[cylinder('washer', 40, 5), bore('hole', TAIL, 20, 5)], 45, 60],
  'an arbor with a drawbar thread': [
    [
      tapped('draw', HEAD, 'M12', 12, 1.75, 24),
      cone('shank', TAIL, 23.825, 81, 1.4387),
      groove('relief', 22, 3),
      cylinder('flange', 40, 12),
      cylinder('pilot', 22, 20, { fit: 'h6' }),
      screw('nut', 'M20x1.5', 20, 1.5, 15),
    ],
    42,
    170,
  ],
  'a flanged bush, pressed in and reamed': [
    [
      cylinder('flange', 40, 6),
      cylinder('body', 30, 30, { fit: 'p6' }),
      bore('in', HEAD, 16, 36, { fit: 'H7' }),
    ],
    42,
    70,
    { kit: { ...NO_KIT, drills: [5, 10, 15.5, 15.75], reamers: [16] } },
  ],
  'an eccentric bush': [
    [
      cylinder('outside', 40, 25, { fit: 'h6' }),
      throwOf('hole', 20, 25, 2, { side: 'internal', from: TAIL }),
    ],
    42,
    60,
    { lathe: FOUR },
  ],
  'a crank pin between two journals': [
    [
      cylinder('journal', 25, 40, { fit: 'h6' }),
      throwOf('pin', 20, 25, 6),
      cylinder('end', 25, 40, { fit: 'h6' }),
    ],
    40,
    125,
  ],
  'a handle': [
    [
      screw('thread', 'M8', 8, 1.25, 12),
      cylinder('neck', 10, 5),
      shape('grip', [
        [0, 10],
        [10, 14],
        [25, 18],
        [40, 14],
        [50, 17],
        [58, 15],
        [62, 8],
      ]),
    ],
    20,
    100,
  ],
  'a ball on a stem': [
    [
      shape('ball', [
        [0, 8],
        [4, 26],
        [15, 32],
        [26, 26],
        [30, 8],
      ]),
      cylinder('stem', 12, 20),
    ],
    34,
    120,
  ],
  'a dead centre for a Morse socket': [
    [
      cone('shank', TAIL, 23.825, 81, 1.4387),
      cylinder('land', 24, 5),
      cylinder('nose', 20, 10),
      cone('point', HEAD, 20, 17.3, 30),
    ],
    26,
    130,
    { harden: 60 },
  ],
  'a sleeve from one socket to another': [
    [
      cone('outside', TAIL, 23.825, 81, 1.4387),
      cylinder('collar', 24, 6),
      socket('inside', TAIL, 17.78, 64, 1.4307),
    ],
    26,
    95,
  ],
  'a long shaft with three seats': [
    [
      cylinder('seat', 20, 30, { fit: 'h6' }),
      cylinder('middle', 30, 120),
      cylinder('other seat', 20, 30, { fit: 'h6' }),
      screw('thread', 'M16x1.5', 16, 1.5, 18),
    ],
    32,
    205,
  ],
  'a shaft of eighteen diameters with a slow cone': [
    [cylinder('journal', 18, 60), cone('slope', HEAD, 18, 120, 0.5), cylinder('end', 15.9, 140)],
    20,
    324,
    { lathe: { ...LONG, attachment: null } },
  ],
  'a ring bored from both ends': [
    [
      cylinder('outside', 60, 50),
      bore('seat', TAIL, 40, 15, { fit: 'H7' }),
      bore('through', TAIL, 25, 20),
      bore('other seat', HEAD, 40, 15, { fit: 'H7' }),
    ],
    65,
    100,
    { kit: { ...DRAWER, drills: [5, 10, 20, 24] } },
  ],
  'a ring of 2 mm wall': [[cylinder('outside', 60, 40), bore('inside', TAIL, 56, 40)], 65, 60],
  'a plug gauge': [
    [
      cylinder('handle', 12, 40),
      groove('neck', 10, 3),
      cylinder('go', 16, 20, { plus: 0.002, minus: 0, finish: 0.4 }),
    ],
    18,
    100,
    { harden: 62 },
  ],
  'a hexagon bolt': [
    [cylinder('head', 17, 8), cylinder('shank', 10, 30), screw('thread', 'M10', 10, 1.5, 20)],
    17,
    66,
    { stock: { shape: 'hex', across: 17, length: 66 } },
  ],
  'a spindle nose with its thread before a shoulder': [
    [cylinder('body', 50, 60), screw('nose', 'M39x4', 39, 4, 30), cylinder('register', 30, 8, { fit: 'g6' })],
    55,
    110,
    { lathe: FOUR },
  ],
  'a nose piece with a tang and a cross hole': [
    [
      cone('shank', TAIL, 17.78, 64, 1.4307),
      cylinder('body', 30, 40),
      detail('tang', 'tang', HEAD, { thickness: 6.3, length: 12 }),
      detail('pin hole', 'cross-hole', TAIL, { diameter: 5, place: 20 }),
      detail('flats', 'flats', TAIL, { on: 'body', across: 24, count: 2, length: 12 }),
    ],
    32,
    130,
  ],
  'a blank that has its hole already': [
    [cylinder('outside', 48, 30), bore('inside', TAIL, 24, 30, { fit: 'H7' })],
    50,
    60,
    { stock: { shape: 'round', across: 50, length: 60, bore: 18 } },
  ],
  'twelve of them': [
    [cylinder('head', 20, 8), cylinder('stem', 12, 20, { fit: 'f7' })],
    22,
    600,
    { quantity: 12, lathe: FOUR },
  ],
  'a bar too thick for the spindle': [
    [cylinder('pin', 36, 60)],
    52,
    400,
    { lathe: { ...FOUR, spindle: { bore: 20 } } },
  ],
  'a steep cone on a short lathe': [
    [cylinder('flange', 60, 12), cone('cone', HEAD, 44.45, 65.4, 8.2971)],
    62,
    110,
    { lathe: SHORT },
  ],
  'a cone nothing here can make': [
    [cone('long cone', HEAD, 40, 300, 6), cylinder('end', 60, 20)],
    65,
    340,
    { lathe: { ...SHORT, tailstock: null } },
  ],
  'a bead for a form tool': [
    [
      cylinder('body', 30, 20),
      shape('bead', [
        [0, 30],
        [2, 34],
        [4, 30],
      ]),
      cylinder('end', 30, 20),
    ],
    36,
    100,
    { ways: { bead: 'form-tool' } },
  ],
};

/** Phrases in a row, as one. */
const joined = (phrases: readonly Phrase[]): Phrase =>
  phrases.flatMap((phrase, i) => (i === 0 ? [...phrase] : [' | ', ...phrase]));

const partOf = ([features, across, length, more]: Sketch): PlanPart => ({
  features,
  stock: { shape: 'round', across, length },
  quantity: 1,
  lathe: LONG,
  kit: DRAWER,
  ...more,
});

/** One of them by its name, as it is planned. */
export function sketched(name: string): PlanPart {
  const sketch = SKETCHES[name];
  if (!sketch) throw new Error(`There is no sketch of ${name}.`);
  return partOf(sketch);
}

/** A line of work without what is only drawn: how it is held, and each operation with what is looked at before it. */
function line(sketch: Sketch): unknown {
  const part = partOf(sketch);
  const { holdings, findings } = planPart(part);
  const { holdings: said, batch } = describePlan(part, holdings);
  return [
    ...said.map(({ held, clocked, minutes, tools, operations, holding: { by, toward, centre, grips } }) => ({
      [`${by} toward ${toward}${centre ? ', on a centre' : ''}`]: [
        ...held,
        ...(clocked ? [' · ', ...clocked] : []),
      ],
      grips,
      minutes,
      tools: joined(tools),
      work: operations.map(({ lines, before, ...one }) => ({
        [`${one.minutes.toFixed(1)}${one.setUp > 0 ? ` and ${one.setUp}` : ''}${one.loop ? ' loop' : ''}${one.away ? ' away' : ''}`]:
          joined(lines),
        ...(before.length > 0 ? { before: joined(before) } : {}),
      })),
    })),
    ...findings.map(({ code, level, phrase }) => ({ [`${code}, ${level}`]: phrase })),
    batch,
  ];
}

/** Parts whose line of work is worked out from the drawing, one of them read in inches. */
export const LINES: Page = Object.entries(SKETCHES).map(([name, sketch]) => [
  name,
  () => line(sketch),
  sketch[3]?.lathe === SHORT ? 'inch' : 'mm',
]);
