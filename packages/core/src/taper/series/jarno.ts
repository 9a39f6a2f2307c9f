import { INCH, sizeOf, type TaperSeries } from './series';

const SMALLEST = 2;
const LARGEST = 20;

/** Jarno tapers by their rule: for size N, large N/8, small N/10, length N/2 inches, 0.6 inch per foot. */
export const JARNO: TaperSeries = {
  id: 'jarno',
  title: 'Jarno',
  standard: 'by formula',
  unit: 'in',
  calledAs: ['jarno'],
  use: 'Some lathe and profiling-machine spindles; worked out from the size alone.',
  sizes: Array.from({ length: LARGEST - SMALLEST + 1 }, (_, i) => i + SMALLEST).map((n) =>
    sizeOf({
      series: 'jarno',
      size: String(n),
      name: `No. ${n} Jarno`,
      ratio: 0.6 / 12,
      gaugeDiameter: (n / 8) * INCH,
      length: (n / 2) * INCH,
      small: { value: (n / 10) * INCH, rounding: 0 },
    }),
  ),
};
