import { sizeOf, type TaperSeries } from './series';

/** size, gauge diameter, beyond gauge, length: mm, ISO 296. */
const ROWS: readonly (readonly [string, number, number, number])[] = [
  ['4', 4, 2, 23],
  ['6', 6, 3, 32],
  ['80', 80, 8, 196],
  ['100', 100, 10, 232],
  ['120', 120, 12, 268],
  ['160', 160, 16, 340],
  ['200', 200, 20, 412],
];

/** The metric 1:20 tapers below and above the Morse range. */
export const METRIC_ISO: TaperSeries = {
  id: 'metric-iso',
  title: 'Metric, 1:20',
  standard: 'ISO 296',
  unit: 'mm',
  calledAs: ['metric', 'me'],
  use: 'Very small and very large machine spindles, beside the Morse range.',
  sizes: ROWS.map(([size, gauge, beyond, length]) =>
    sizeOf({
      series: 'metric-iso',
      size,
      name: `Metric ${size}`,
      ratio: 1 / 20,
      gaugeDiameter: gauge,
      beyondGauge: beyond,
      length,
    }),
  ),
};
