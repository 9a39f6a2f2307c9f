import { INCH, sizeOf, type TaperSeries } from './series';

/** size, taper per foot, small diameter, plug depth: inches, ASME B5.10. */
const ROWS: readonly (readonly [string, number, number, number])[] = [
  ['1', 0.502, 0.2, 0.9375],
  ['2', 0.502, 0.25, 1.1875],
  ['3', 0.502, 0.3125, 1.5],
  ['4', 0.5024, 0.35, 1.6875],
  ['5', 0.5016, 0.45, 2.125],
  ['6', 0.50329, 0.5, 2.375],
  ['7', 0.50147, 0.6, 3],
  ['8', 0.501, 0.75, 3.5625],
  ['9', 0.50085, 0.9001, 4.25],
  ['10', 0.51612, 1.04465, 5],
  ['11', 0.501, 1.24995, 5.9375],
  ['12', 0.49973, 1.5001, 7.125],
  ['13', 0.5002, 1.75005, 7.75],
  ['14', 0.5, 2, 8.25],
  ['15', 0.5, 2.25, 8.75],
  ['16', 0.5, 2.5, 9.25],
  ['17', 0.5, 2.75, 9.75],
  ['18', 0.5, 3, 10.25],
];

/** Brown and Sharpe tapers, named by their small end. */
export const BROWN_SHARPE: TaperSeries = {
  id: 'brown-sharpe',
  title: 'Brown and Sharpe',
  standard: 'ASME B5.10',
  unit: 'in',
  calledAs: ['bs', 'brown', 'sharpe'],
  use: 'Older milling machines, dividing heads and grinder spindles.',
  note: 'Several plug depths exist for some sizes: the drawing decides.',
  sizes: ROWS.map(([size, perFoot, small, depth]) =>
    sizeOf({
      series: 'brown-sharpe',
      size,
      name: `No. ${size} Brown and Sharpe`,
      ratio: perFoot / 12,
      gaugeDiameter: (small + (perFoot / 12) * depth) * INCH,
      length: depth * INCH,
      small: { value: small * INCH, rounding: 0 },
    }),
  ),
};
