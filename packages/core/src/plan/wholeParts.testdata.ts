import type { Feature } from '../part/kinds/registry';
import { NO_KIT } from '../kit/kit';
import { LONG } from '../testkit.testdata';
import type { PlanPart } from './piece/line';

const DEG = Math.PI / 180;

/** Everything that is turned, cut and milled on an outside, and hardened. */
const SPINDLE: Feature[] = [
  { id: 'head', name: 'Head', kind: 'cylinder', side: 'external', diameter: 40, length: 30 },
  { id: 'relief', name: 'Relief', kind: 'groove', side: 'external', diameter: 30, length: 4 },
  {
    id: 'cone',
    name: 'Cone',
    kind: 'taper',
    side: 'external',
    largeEnd: 'headstock',
    largeDiameter: 36,
    length: 30,
    halfAngle: 10 * DEG,
  },
  {
    id: 'knob',
    name: 'Knob',
    kind: 'profile',
    side: 'external',
    points: [
      { z: 0, diameter: 25 },
      { z: 10, diameter: 28 },
      { z: 20, diameter: 25 },
    ],
  },
  { id: 'throw', name: 'Throw', kind: 'eccentric', side: 'external', diameter: 20, length: 10, throw: 1.5 },
  {
    id: 'thread',
    name: 'Thread',
    kind: 'thread',
    side: 'external',
    designation: 'M20',
    diameter: 20,
    pitch: 2.5,
    length: 22,
  },
  { id: 'edge', name: 'Edge', kind: 'chamfer', side: 'external', at: 'headstock', on: 'head', size: 1.5 },
  {
    id: 'round',
    name: 'Round',
    kind: 'corner-radius',
    side: 'external',
    at: 'tailstock',
    on: 'head',
    radius: 2,
  },
  {
    id: 'flats',
    name: 'Flats',
    kind: 'flats',
    side: 'external',
    at: 'headstock',
    on: 'head',
    across: 34,
    count: 6,
    length: 12,
  },
  {
    id: 'hole',
    name: 'Pin hole',
    kind: 'cross-hole',
    side: 'external',
    at: 'headstock',
    diameter: 5,
    place: 22,
  },
  { id: 'centre', name: 'Centre', kind: 'centre', side: 'external', at: 'tailstock', diameter: 6 },
];
/** Inside: drilled, reamed, bored, tapped and screw-cut. */
const SLEEVE: Feature[] = [
  { id: 'out', name: 'Out', kind: 'cylinder', side: 'external', diameter: 60, length: 60 },
  {
    id: 'socket',
    name: 'Socket',
    kind: 'taper',
    side: 'internal',
    from: 'tailstock',
    largeEnd: 'tailstock',
    largeDiameter: 34,
    length: 20,
    halfAngle: 4 * DEG,
  },
  {
    id: 'bore',
    name: 'Bore',
    kind: 'bore',
    side: 'internal',
    from: 'tailstock',
    diameter: 26,
    length: 15,
    fit: 'H7',
  },
  {
    id: 'reamed',
    name: 'Reamed',
    kind: 'bore',
    side: 'internal',
    from: 'tailstock',
    diameter: 16,
    length: 10,
    fit: 'H7',
  },
  {
    id: 'tapped',
    name: 'Tapped',
    kind: 'thread',
    side: 'internal',
    from: 'headstock',
    designation: 'M10',
    diameter: 10,
    pitch: 1.5,
    length: 12,
  },
];
/** Thin and long, between centres, with a cone so slight that the tailstock is set over for it. */
const SHAFT: Feature[] = [
  {
    id: 'a',
    name: 'Journal',
    kind: 'cylinder',
    side: 'external',
    diameter: 18,
    length: 60,
  },
  {
    id: 'b',
    name: 'Slope',
    kind: 'taper',
    side: 'external',
    largeEnd: 'headstock',
    largeDiameter: 18,
    length: 120,
    halfAngle: 0.5 * DEG,
  },
  { id: 'c', name: 'End', kind: 'cylinder', side: 'external', diameter: 15, length: 40 },
];
/** A holder: a thread inside that is cut, a hole that a drill makes, a bead for a form tool, a tang and a tapped cross hole. */
const HOLDER: Feature[] = [
  { id: 'body', name: 'Body', kind: 'cylinder', side: 'external', diameter: 50, length: 50 },
  {
    id: 'bead',
    name: 'Bead',
    kind: 'profile',
    side: 'external',
    points: [
      { z: 0, diameter: 40 },
      { z: 2, diameter: 44 },
      { z: 4, diameter: 40 },
    ],
  },
  { id: 'nose', name: 'Nose', kind: 'cylinder', side: 'external', diameter: 40, length: 20 },
  {
    id: 'screw',
    name: 'Screw',
    kind: 'thread',
    side: 'internal',
    from: 'tailstock',
    designation: 'M30x1.5',
    diameter: 30,
    pitch: 1.5,
    length: 20,
  },
  {
    id: 'through',
    name: 'Through',
    kind: 'bore',
    side: 'internal',
    from: 'tailstock',
    diameter: 12,
    length: 30,
  },
  {
    id: 'tang',
    name: 'Tang',
    kind: 'tang',
    side: 'external',
    at: 'headstock',
    thickness: 20,
    length: 15,
    radius: 6,
  },
  {
    id: 'screwhole',
    name: 'Screw hole',
    kind: 'cross-hole',
    side: 'external',
    at: 'tailstock',
    diameter: 6,
    place: 40,
    depth: 10,
    designation: 'M6',
  },
];

const part = (
  features: Feature[],
  across: number,
  length: number,
  more: Partial<PlanPart> = {},
): PlanPart => ({
  features,
  stock: { shape: 'round', across, length },
  quantity: 1,
  lathe: LONG,
  kit: NO_KIT,
  ...more,
});
/** Parts that between them ask for every kind of operation. */
export const WHOLE = {
  spindle: part(SPINDLE, 42, 150, { harden: 58 }),
  sleeve: part(SLEEVE, 62, 64, { kit: { ...NO_KIT, reamers: [16], drills: [8.5, 15.5, 15.7, 20, 25] } }),
  shaft: part(SHAFT, 20, 224, { lathe: { ...LONG, attachment: null } }),
  holder: part(HOLDER, 52, 78, { ways: { bead: 'form-tool' } }),
};
