import { INCH, sizeOf, type TaperSeries } from './series';

const RAD = Math.PI / 180;
const ofIncluded = (degrees: number): number => 2 * Math.tan((degrees / 2) * RAD);

/** Seats of collets drawn in by a bar: size, included angle in degrees, diameter at the face in inches, length. Makers' tables. */
const ROWS: readonly (readonly [string, number, number, number | null])[] = [
  ['R8', 16 + 51 / 60, 1.25, 0.9375],
  ['5C', 20, 1.485, null],
];

/** Collets and shanks drawn into a spindle by a bar. */
export const DRAW_IN: TaperSeries = {
  id: 'draw-in',
  title: 'Draw-in collets',
  standard: 'Makers’ tables',
  unit: 'in',
  calledAs: ['collet', 'draw-in'],
  use: 'Mill spindles and lathe collet chucks: drawn in by a bar or a tube.',
  note: 'Not a published standard: measure the spindle the part goes into.',
  sizes: ROWS.map(([size, included, gauge, length]) =>
    sizeOf({
      series: 'draw-in',
      size,
      name: size,
      ratio: ofIncluded(included),
      gaugeDiameter: gauge * INCH,
      ...(length === null ? {} : { length: length * INCH }),
    }),
  ),
};
