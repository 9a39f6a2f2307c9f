import { INCH, sizeOf, type TaperSeries } from './series';

/** size, taper per foot, large diameter, small diameter, length: inches, ASME B5.10 and makers' tables. */
const ROWS: readonly (readonly [string, number, number, number, number])[] = [
  ['0', 0.59145, 0.25, 0.22844, 0.4375],
  ['1', 0.92508, 0.384, 0.33341, 0.65625],
  ['2', 0.97861, 0.559, 0.48764, 0.875],
  ['2 short', 0.97861, 0.5488, 0.48764, 0.75],
  ['3', 0.63898, 0.811, 0.7461, 1.21875],
  ['4', 0.62886, 1.124, 1.0372, 1.6563],
  ['5', 0.6201, 1.413, 1.3161, 1.875],
  ['6', 0.62292, 0.676, 0.62409, 1],
  ['33', 0.76194, 0.624, 0.56051, 1],
];

/** Drill-chuck tapers of the J series. */
export const CHUCK: TaperSeries = {
  id: 'chuck',
  title: 'Drill chuck, J series',
  standard: 'ASME B5.10, makers’ tables',
  unit: 'in',
  calledAs: ['j', 'jt', 'chuck'],
  use: 'The short taper between a drill chuck and its arbor.',
  sizes: ROWS.map(([size, perFoot, large, small, length]) =>
    sizeOf({
      series: 'chuck',
      size,
      name: `Chuck taper J${size}`,
      ratio: perFoot / 12,
      gaugeDiameter: large * INCH,
      length: length * INCH,
      small: { value: small * INCH, rounding: 0.0001 * INCH },
    }),
  ),
};
