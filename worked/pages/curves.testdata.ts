import {
  bestFit,
  coordinateTable,
  creepCosts,
  creepFound,
  finishing,
  goesInWhole,
  mateCurve,
  offsetProfile,
  outOfReach,
  pairJoint,
  printerScale,
  reversedShape,
  sampled,
  shapeCurve,
  standardShape,
  tracerTemplate,
  type Piece,
} from '../../packages/core/src/curve';
import { SHAPES as SHAPES_BY_NAME } from '../../packages/core/src/curve/standardShapes';
import { CURVE, STEEL, TEMPLATE } from '../../packages/core/src/examples.testdata';
import {
  chatterRisk,
  circularFormTool,
  flatFormTool,
  formTool,
  formToolOutline,
  plungeSpeed,
  soakMinutes,
  testCut,
} from '../../packages/core/src/form-tool';
import type { Member } from '../../packages/core/src/taper/task';
import { compareCurveWays } from '../../packages/core/src/ways';
import type { Page } from '../page.testdata';

/** Shapes as they are sketched: places with a radius, some run to by an arc, an ogee or a spline. */
const SHAPES: Readonly<Record<string, readonly Piece[]>> = {
  'a finial': CURVE,
  'a ball': shapeCurve([
    { z: 0, r: 4 },
    { z: 26, r: 4, run: 'arc', radius: 15, bulge: 'out' },
  ]),
  'a handle': shapeCurve([
    { z: 0, r: 5 },
    { z: 14, r: 9, run: 'spline' },
    { z: 30, r: 7, run: 'spline' },
  ]),
  'two cones': shapeCurve([
    { z: 0, r: 10 },
    { z: 12, r: 14 },
    { z: 20, r: 9 },
  ]),
};
const context = (pieces: readonly Piece[], member: Member): Parameters<typeof compareCurveWays>[0] => ({
  pieces,
  plunge: null,
  member,
  noseRadius: 0.8,
  stylusRadius: 0.8,
  ridge: 0.02,
  longest: 1,
  division: 0.05,
  reads: 'diameter',
  stickOut: 3,
});

const table = (pieces: readonly Piece[], of: 'tip' | 'centre', member: Member): unknown => {
  const { rows, ...more } = coordinateTable({
    pieces,
    member,
    noseRadius: 0.8,
    ridge: 0.02,
    longest: 2,
    along: 0.1,
    division: 0.05,
    reads: 'diameter',
    of,
    allowance: of === 'tip' ? 0 : 0.3,
  });
  return { ...more, rows: rows.length, some: rows.filter((_, i) => i % 12 === 0 || i === rows.length - 1) };
};

/** A template's places, some of them, and what no nose gets into. */
function template(pieces: readonly Piece[], stylusRadius: number): unknown {
  const { checks, lost } = tracerTemplate({ pieces, member: 'external', noseRadius: 0.8, stylusRadius });
  return { lost, places: checks.length, some: checks.filter((_, i) => i % 6 === 0) };
}

/** Read along a shape: everywhere a little fat and further on, once more so. */
const read = (pieces: readonly Piece[]): { z: number; r: number }[] =>
  sampled(pieces, 3, 1)
    .filter((_, i) => i % 4 === 0)
    .map(({ z, r }, i) => ({ z: z + 0.1, r: r + 0.02 + (i === 3 ? 0.05 : 0) }));

const BEAD = [
  { z: 0, r: 10 },
  { z: 3, r: 13 },
  { z: 6, r: 10 },
];

/** Form profiles: how they are made, followed, measured and ground into a tool. */
export const CURVES_PAGE: Page = [
  ...Object.entries(SHAPES).flatMap(([name, pieces]): Page => [
    [`${name}: its places`, () => sampled(pieces, 2.5, 0.5).filter((_, i) => i % 3 === 0)],
    [`${name}: which way`, () => compareCurveWays(context(pieces, 'external'))],
    [`${name} inside: which way`, () => compareCurveWays(context(pieces, 'internal'))],
    [`${name}: by figures of the tip`, () => table(pieces, 'tip', 'external')],
    [`${name} inside: by figures of the centre`, () => table(pieces, 'centre', 'internal')],
    [`${name}: its template for a pointer`, () => template(pieces, 0)],
    [`${name}: its template for a wide stylus`, () => template(pieces, 3)],
    [
      `${name}: out of reach of a wide nose`,
      () => outOfReach({ pieces, noseRadius: 4, member: 'external', flank: 0.6 }),
    ],
    [
      `${name}: a nose of 2 run along it`,
      () => offsetProfile({ pieces, noseRadius: 2, member: 'external', count: 13 }),
    ],
    [`${name}: goes in whole`, () => goesInWhole(pieces)],
    [
      `${name}: its mate`,
      () =>
        sampled(mateCurve({ pieces, member: 'external', clearance: 0.1 }), 5, 1).filter(
          (_, i) => i % 3 === 0,
        ),
    ],
    [`${name}: measured`, () => bestFit({ pieces, measured: read(pieces) })],
    [`${name}: measured, and a scale`, () => bestFit({ pieces, measured: read(pieces), withScale: true })],
    [
      `${name}: with its mate`,
      () =>
        pairJoint({ pieces, member: 'external', clearance: 0.1, plug: read(pieces), socket: read(pieces) }),
    ],
  ]),
  [
    'a template that crept',
    () =>
      creepFound({ template: TEMPLATE, read: TEMPLATE.checks.map(({ tip }, i) => tip + 0.05 + 0.001 * i) }),
  ],
  ['what a creep costs', () => creepCosts({ crept: -0.2, steepest: 0.5 })],
  ...[50, 49.7, 40].map((printed): Page[number] => [
    `a bar printed ${printed} mm long`,
    () => printerScale(printed),
  ]),
  [
    'turned end for end',
    () =>
      reversedShape([
        { z: 0, r: 9 },
        { z: 10, r: 8, run: 'ogee' },
        { z: 15, r: 8, run: 'arc', radius: 6, bulge: 'in' },
      ]),
  ],
  ['filing and cloth', () => [0.05, 0.02, 0.004].map((ridge) => finishing({ ridge, finest: 400 }))],
  ...SHAPES_BY_NAME.map((id): Page[number] => [
    `a ${id}`,
    () => standardShape(id, { diameter: 26, endDiameter: 18, length: 20 }),
  ]),
  [
    'a flat form tool',
    () => flatFormTool({ smallRadius: 10, radii: [10, 11, 12, 14], rake: 0.1, clearance: 0.15 }),
  ],
  ['one without rake', () => flatFormTool({ smallRadius: 10, radii: [10, 12], rake: 0, clearance: 0.15 })],
  [
    'a round one',
    () =>
      circularFormTool({ smallRadius: 10, radii: [10, 12, 14], toolRadius: 30, rake: 0.1, clearance: 0.15 }),
  ],
  ...(['flat', 'circular'] as const).map((kind): Page[number] => [
    `a ${kind} tool for a bead, and its outline`,
    () => {
      const tool = formTool({ kind, work: BEAD, rake: 0.1, clearance: 0.15, toolRadius: 30 });
      return { tool, outline: formToolOutline(tool, kind) };
    },
  ]),
  [
    'a tool of one place',
    () => formTool({ kind: 'flat', work: BEAD.slice(1, 2), rake: 0.1, clearance: 0.15, toolRadius: 30 }),
  ],
  ['how long it soaks', () => [3, 12, 40].map((thick) => soakMinutes(thick))],
  ...[3, 10, 25].map((width): Page[number] => [
    `${width} mm plunged at once`,
    () => [
      chatterRisk({ width, diameter: 26, stickOut: 40 }),
      plungeSpeed({
        work: BEAD,
        stickOut: 10 * width,
        material: STEEL,
        tool: 'hss',
        speeds: [45, 80, 125, 200],
      }),
    ],
  ]),
  [
    'a test cut',
    () =>
      testCut([
        {
          name: '1',
          width: 3,
          widthBand: 0.05,
          bottom: 20,
          bottomBand: 0.05,
          seenWidth: 3,
          seenBottom: 20.2,
        },
        {
          name: '2',
          width: 5,
          widthBand: 0.05,
          bottom: 24,
          bottomBand: 0.05,
          seenWidth: 5.2,
          seenBottom: 24.1,
        },
      ]),
  ],
];
