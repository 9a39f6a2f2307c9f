import { sizeOf, type TaperSeries } from './series';

/** size, x of 1:x, gauge diameter, beyond gauge, small diameter and length of the drawbar form, thread: mm, ISO 296. */
const ROWS: readonly (readonly [string, number, number, number, number, number, string | null])[] = [
  ['0', 19.212, 9.045, 3, 6.4, 50, null],
  ['1', 20.047, 12.065, 3.5, 9.4, 53.5, 'M6'],
  ['2', 20.02, 17.78, 5, 14.6, 64, 'M10'],
  ['3', 19.922, 23.825, 5, 19.8, 81, 'M12'],
  ['4', 19.254, 31.267, 6.5, 25.9, 102.5, 'M16'],
  ['5', 19.002, 44.399, 6.5, 37.6, 129.5, 'M20'],
  ['6', 19.18, 63.348, 8, 53.9, 182, 'M24'],
];

/** Morse tapers from the metric table, shanks with a tapped end for a drawbar. */
export const MORSE_ISO: TaperSeries = {
  id: 'morse-iso',
  title: 'Morse, metric table',
  standard: 'ISO 296',
  unit: 'mm',
  calledAs: ['mt', 'mk', 'morse', 'cm'],
  use: 'Tailstocks, drills and reamers, drill-press and milling spindles with a drawbar.',
  note: 'The same tapers as the inch table, to within the rounding of the two.',
  sizes: ROWS.map(([size, x, gauge, beyond, small, length, thread]) =>
    sizeOf({
      series: 'morse-iso',
      size,
      name: `No. ${size} Morse`,
      ratio: 1 / x,
      gaugeDiameter: gauge,
      beyondGauge: beyond,
      length,
      small: { value: small, rounding: 0.05 },
      thread,
    }),
  ),
};
