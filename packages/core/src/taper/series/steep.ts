import { sizeOf, type TaperSeries } from './series';

/** size, gauge diameter, taper length: mm, ISO 297. */
const ROWS: readonly (readonly [string, number, number])[] = [
  ['30', 31.75, 48.4],
  ['40', 44.45, 65.4],
  ['45', 57.15, 82.8],
  ['50', 69.85, 101.8],
  ['60', 107.95, 161.8],
];

/** The steep 7:24 tapers of milling spindles. */
export const STEEP: TaperSeries = {
  id: 'steep',
  title: 'Steep, 7:24',
  standard: 'ISO 297, ISO 7388-1, ASME B5.50, DIN 2080',
  unit: 'mm',
  calledAs: ['steep', 'iso', 'int', 'sk', 'nt', 'nmtb', 'bt', 'cat'],
  use: 'Milling-machine spindles: pulled up by a drawbar and let go without a knock.',
  note: 'Nose lengths differ between shank standards: the drawing overrides the length.',
  sizes: ROWS.map(([size, gauge, length]) =>
    sizeOf({ series: 'steep', size, name: `7:24 No. ${size}`, ratio: 7 / 24, gaugeDiameter: gauge, length }),
  ),
};
