import {
  detailSummary,
  featureMixUps,
  layoutPart,
  limitsOf,
  outsideDiameter,
  plungeOf,
} from '../../packages/core/src/part';
import type { Feature } from '../../packages/core/src/part/kinds/registry';
import type { Section } from '../../packages/core/src/part/section';
import { pinBlockDesign } from '../../packages/core/src/kit/pinBlockDesign';
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
import { answered, type Page } from '../page.testdata';

const HEAD = 'headstock';
const TAIL = 'tailstock';
const BODY = cylinder('body', 40, 30);
const STEM = cylinder('stem', 24, 50);
const CONE = cone('cone', HEAD, 24, 40, 8);

/** Parts as they are drawn: what lies on them, what is missing, and what cannot be. */
const PARTS: Readonly<Record<string, readonly Feature[]>> = {
  'a stepped pin': [BODY, STEM],
  'a cone that leaves a shoulder': [BODY, CONE],
  'a cone of which the length is missing': [BODY, { ...CONE, length: undefined } as Feature, STEM],
  'a cylinder of which the diameter is missing': [{ ...BODY, diameter: undefined } as Feature, STEM],
  'a cylinder of nothing': [cylinder('body', 0, 30), STEM],
  'a cone past its point': [BODY, cone('cone', HEAD, 24, 400, 8)],
  'a bore through': [BODY, STEM, bore('through', TAIL, 12, 80)],
  'a bore deeper than the part': [BODY, bore('deep', TAIL, 12, 31)],
  'a bore that breaks out': [BODY, STEM, bore('wide', TAIL, 24, 20)],
  'a bore that leaves a hair': [BODY, STEM, bore('wide', TAIL, 23.9, 20)],
  'bores from both ends that meet': [BODY, bore('a', TAIL, 12, 15), bore('b', HEAD, 12, 15)],
  'bores from both ends that cross': [BODY, bore('a', TAIL, 12, 16), bore('b', HEAD, 12, 16)],
  'a socket, and a hole on from it': [BODY, STEM, socket('seat', TAIL, 20, 30, 3), bore('on', TAIL, 10, 20)],
  'a tapped hole in a bore': [BODY, tapped('thread', TAIL, 'M16', 16, 2, 20)],
  'a thread with no pitch said': [BODY, screw('thread', '', 24, 0, 20)],
  'a throw': [BODY, throwOf('pin', 12, 20, 5)],
  'a throw by its travel': [BODY, throwOf('pin', 12, 20, 0, { throw: undefined, travel: 9.5 })],
  'a throw by both, and they disagree': [BODY, throwOf('pin', 12, 20, 5, { travel: 9.5 })],
  'grooves for one plunge': [
    cylinder('a', 30, 10),
    groove('g1', 26, 3),
    cylinder('b', 30, 6),
    groove('g2', 26, 3),
    cylinder('c', 30, 10),
  ],
  'a groove wider than what it is in': [cylinder('a', 30, 10), groove('g', 34, 3), cylinder('c', 30, 10)],
  'a shape of two places': [
    BODY,
    shape('foot', [
      [0, 40],
      [10, 20],
    ]),
  ],
  'a shape of one place': [BODY, shape('foot', [[0, 40]])],
  'a shape that goes back': [
    BODY,
    shape('foot', [
      [0, 40],
      [10, 20],
      [8, 20],
    ]),
  ],
  'chamfers at both ends': [
    BODY,
    detail('c1', 'chamfer', TAIL, { on: 'body', size: 2 }),
    detail('c2', 'chamfer', HEAD, { on: 'body', size: 1, angle: Math.PI / 6 }),
  ],
  'a chamfer larger than its diameter': [BODY, detail('c', 'chamfer', TAIL, { on: 'body', size: 20 })],
  'a chamfer longer than its feature': [BODY, detail('c', 'chamfer', TAIL, { on: 'body', size: 31 })],
  'two chamfers that meet': [
    cylinder('ring', 40, 4),
    detail('c1', 'chamfer', TAIL, { on: 'ring', size: 2 }),
    detail('c2', 'chamfer', HEAD, { on: 'ring', size: 2.5 }),
  ],
  'two chamfers on one corner': [
    BODY,
    detail('c1', 'chamfer', TAIL, { on: 'body', size: 2 }),
    detail('c2', 'chamfer', TAIL, { on: 'body', size: 1 }),
  ],
  'a corner radius': [BODY, detail('r', 'corner-radius', TAIL, { on: 'body', radius: 4 })],
  'a corner radius on a cone': [BODY, CONE, detail('r', 'corner-radius', HEAD, { on: 'cone', radius: 1.5 })],
  'a corner radius as wide as the part': [
    BODY,
    detail('r', 'corner-radius', TAIL, { on: 'body', radius: 20 }),
  ],
  'a corner radius in a bore': [
    BODY,
    bore('hole', TAIL, 20, 20),
    detail('r', 'corner-radius', TAIL, { on: 'hole', radius: 2 }),
  ],
  'a chamfer in a bore': [
    BODY,
    bore('hole', TAIL, 20, 20),
    detail('c', 'chamfer', TAIL, { on: 'hole', size: 2, side: 'internal' }),
  ],
  'two flats': [BODY, detail('flats', 'flats', TAIL, { on: 'body', across: 32, count: 2, length: 12 })],
  'six flats all along': [
    BODY,
    detail('flats', 'flats', TAIL, { on: 'body', across: 34, count: 6, length: 30 }),
  ],
  'flats wider than what they are on': [
    BODY,
    detail('flats', 'flats', TAIL, { on: 'body', across: 41, count: 2, length: 12 }),
  ],
  'flats longer than what they are on': [
    BODY,
    detail('flats', 'flats', TAIL, { on: 'body', across: 32, count: 2, length: 31 }),
  ],
  'flats that begin past what they are on': [
    BODY,
    detail('flats', 'flats', TAIL, { on: 'body', across: 32, count: 2, start: 31 }),
  ],
  'flats from some way in to the end': [
    BODY,
    detail('flats', 'flats', TAIL, { on: 'body', across: 32, count: 2, start: 8 }),
  ],
  'flats from some way in, and too long': [
    BODY,
    detail('flats', 'flats', TAIL, { on: 'body', across: 32, count: 2, start: 20, length: 12 }),
  ],
  'flats some way in': [
    BODY,
    detail('flats', 'flats', TAIL, { on: 'body', across: 32, count: 2, length: 12, place: 8 }),
  ],
  'a hole across': [BODY, STEM, detail('pin', 'cross-hole', TAIL, { diameter: 6, place: 20 })],
  'a hole across at an edge': [BODY, STEM, detail('pin', 'cross-hole', TAIL, { diameter: 6, place: 2 })],
  'a hole across a step': [BODY, STEM, detail('pin', 'cross-hole', TAIL, { diameter: 6, place: 50 })],
  'a hole across as wide as what it is in': [
    BODY,
    STEM,
    detail('pin', 'cross-hole', TAIL, { diameter: 24, place: 20 }),
  ],
  'a tang': [BODY, CONE, detail('tang', 'tang', TAIL, { thickness: 7, length: 12 })],
  'a tang thicker than its end': [BODY, CONE, detail('tang', 'tang', TAIL, { thickness: 17, length: 12 })],
  'a centre hole': [BODY, detail('centre', 'centre', TAIL, { diameter: 6.3 })],
  'a centre hole wider than its face': [STEM, detail('centre', 'centre', TAIL, { diameter: 24 })],
  'something on a feature that is not there': [BODY, detail('c', 'chamfer', TAIL, { on: 'gone', size: 2 })],
  nothing: [],
};

const section = ({ id, kind: _, points, drawn, ...more }: Section): unknown => ({
  [id]: { ...more, points: points.map(({ z, r }) => [z, r]) },
  ...(drawn.length !== points.length ? { drawn: drawn.map(({ z, r }) => [z, r]) } : {}),
});

/** What is made of a drawing before anything is planned. */
function laidOut(features: readonly Feature[]): unknown {
  const { sections, details, problems, ...more } = layoutPart(features);
  return {
    ...more,
    sections: sections.map(section),
    details: details.map(({ drawn: _, points, ...one }) => ({
      ...one,
      points: points.map(({ z, r }) => [z, r]),
    })),
    summary: features
      .map((one) => answered(() => detailSummary(one)))
      .filter((one) => !Array.isArray(one) || one.length > 0),
    problems: [...problems].map(([id, { code, field, phrase }]) => ({
      [`${id}, ${code} at ${field}`]: phrase,
    })),
    outside: answered(() => outsideDiameter({ sections })),
    limits: features.map((one) => answered(() => limitsOf(one))),
    looks: features
      .map((one) => answered(() => featureMixUps(one)))
      .filter((one) => !Array.isArray(one) || one.length > 0),
    plunge: answered(() => plungeOf(features)),
  };
}

const MORSE = { name: 'No. 3 Morse', halfAngle: Math.atan(1 / 19.922 / 2) };
const STEEP = { name: '7:24', halfAngle: Math.atan(7 / 48) };
const BLOCK = { tapers: [MORSE], width: 120, height: 30, holeDiameter: 6, resolution: 0.01, wall: 4 };
/** Blocks with holes for pins that lie at a taper's angle. */
const BLOCKS: Readonly<Record<string, Partial<typeof BLOCK>>> = {
  'for a Morse': {},
  'for a Morse and a steep one': { tapers: [MORSE, STEEP] },
  'for the same twice': { tapers: [MORSE, MORSE] },
  'for a steep one in a low block': { tapers: [STEEP], height: 20 },
  'as high as its walls': { height: 14 },
  'lower than its walls': { height: 13.9 },
  'just long enough': { width: 24.01 },
  'as long as its walls': { width: 24 },
  'read to a thousandth': { resolution: 0.001 },
  'of nothing': { width: 0 },
  'for no taper': { tapers: [] },
};

export const PARTS_PAGE: Page = [
  ...Object.entries(PARTS).map(([name, features]): Page[number] => [
    `drawn: ${name}`,
    () => laidOut(features),
  ]),
  ...Object.entries(BLOCKS).map(([name, more]): Page[number] => [
    `a pin block ${name}`,
    () => pinBlockDesign({ ...BLOCK, ...more }),
  ]),
];
