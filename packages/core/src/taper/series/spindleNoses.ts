import { INCH, sizeOf, type TaperSeries } from './series';

/** Nose number and its large diameter at the face, mm. Source: ISO 702-1. */
const SHORT: readonly (readonly [string, number])[] = [
  ['3', 53.975],
  ['4', 63.513],
  ['5', 82.563],
  ['6', 106.375],
  ['8', 139.719],
  ['11', 196.869],
  ['15', 285.775],
  ['20', 412.775],
];

/** The short cone of lathe spindle noses, 1:4, that a chuck is centred by. */
export const SHORT_NOSE: TaperSeries = {
  id: 'short-nose',
  title: 'Short spindle nose, 1:4',
  standard: 'ISO 702-1',
  unit: 'mm',
  calledAs: ['short nose', 'nose', 'camlock', 'd1', 'a2'],
  use: 'Lathe spindles: chucks and faceplates are centred by it and drawn against the face.',
  note: 'Cone and face touch together: a few hundredths of a millimetre on the cone decide whether they do.',
  sizes: SHORT.map(([size, gauge]) =>
    sizeOf({
      series: 'short-nose',
      size,
      name: `Short nose No. ${size}`,
      ratio: 1 / 4,
      gaugeDiameter: gauge,
    }),
  ),
};

/** Nose, large diameter and length of its cone, inches. Source: ASME B5.9, type L, and makers' tables. */
const LONG: readonly (readonly [string, number, number])[] = [
  ['L00', 2.75, 2],
  ['L0', 3.25, 2.375],
  ['L1', 4.125, 2.875],
  ['L2', 5.25, 3.375],
  ['L3', 6.5, 3.875],
];
const PER_FOOT = 3.5;

/** The long cone of older lathe spindles, keyed and drawn home by a ring. */
export const LONG_NOSE: TaperSeries = {
  id: 'long-nose',
  title: 'Long spindle nose, 3 1/2 in a foot',
  standard: 'ASME B5.9, makers’ tables',
  unit: 'in',
  calledAs: ['long nose', 'nose'],
  use: 'Lathe spindles with a key and a ring that draws the chuck home.',
  note: '3 1/2 in a foot is 7:24 to the last figure: L00 and the steep No. 50 are one cone, told apart by what they are on.',
  sizes: LONG.map(([size, gauge, length]) =>
    sizeOf({
      series: 'long-nose',
      size,
      name: `Long nose ${size}`,
      ratio: PER_FOOT / 12,
      gaugeDiameter: gauge * INCH,
      length: length * INCH,
    }),
  ),
};
