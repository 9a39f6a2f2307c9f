import { INCH, sizeOf, type TaperSeries } from './series';

/** size, large diameter: inches, ASME B18.8.2. */
const INCH_ROWS: readonly (readonly [string, number])[] = [
  ['7/0', 0.0625],
  ['6/0', 0.078],
  ['5/0', 0.094],
  ['4/0', 0.109],
  ['3/0', 0.125],
  ['2/0', 0.141],
  ['0', 0.156],
  ['1', 0.172],
  ['2', 0.193],
  ['3', 0.219],
  ['4', 0.25],
  ['5', 0.289],
  ['6', 0.341],
  ['7', 0.409],
  ['8', 0.492],
  ['9', 0.591],
  ['10', 0.706],
];

/** size and small diameter alike: mm, ISO 2339. */
const METRIC_SIZES = [0.6, 0.8, 1, 1.2, 1.5, 2, 2.5, 3, 4, 5, 6, 8, 10, 12, 16, 20, 25, 30, 40, 50];

/** Taper pins, a quarter inch per foot, named by their large end. */
export const TAPER_PIN_INCH: TaperSeries = {
  id: 'taper-pin-inch',
  title: 'Taper pin, 1:48',
  standard: 'ASME B18.8.2',
  unit: 'in',
  calledAs: ['pin', 'pins'],
  use: 'Fixing a hub or a collar to its shaft in a reamed hole.',
  sizes: INCH_ROWS.map(([size, large]) =>
    sizeOf({
      series: 'taper-pin-inch',
      size,
      name: `Taper pin No. ${size}`,
      ratio: 0.25 / 12,
      gaugeDiameter: large * INCH,
    }),
  ),
};

/** Taper pins 1:50, named by their small end. */
export const TAPER_PIN_METRIC: TaperSeries = {
  id: 'taper-pin-metric',
  title: 'Taper pin, 1:50',
  standard: 'ISO 2339',
  unit: 'mm',
  calledAs: ['pin', 'pins'],
  use: 'Fixing a hub or a collar to its shaft in a reamed hole.',
  sizes: METRIC_SIZES.map((small) =>
    sizeOf({
      series: 'taper-pin-metric',
      size: String(small),
      name: `Taper pin ${small}`,
      ratio: 1 / 50,
      small: { value: small, rounding: 0 },
    }),
  ),
};
