import { MORSE_ISO } from './morseIso';
import { sizeOf, type TaperSeries } from './series';

/** size, the Morse taper it is a piece of, large diameter and length, mm. Source: DIN 238-1, ISO 239. */
const ROWS: readonly (readonly [string, string, number, number])[] = [
  ['B10', '1', 10.094, 14.5],
  ['B12', '1', 12.065, 18.5],
  ['B16', '2', 15.733, 24],
  ['B18', '2', 17.78, 32],
  ['B22', '3', 21.793, 40.5],
  ['B24', '3', 23.825, 50.5],
];

const morseRatio = (size: string): number => MORSE_ISO.sizes.find((one) => one.size === size)?.ratio ?? 0;

/** Drill-chuck tapers of the B series: short pieces of Morse tapers. */
export const CHUCK_METRIC: TaperSeries = {
  id: 'chuck-metric',
  title: 'Drill chuck, B series',
  standard: 'DIN 238-1, ISO 239',
  unit: 'mm',
  calledAs: ['b', 'chuck'],
  use: 'The short taper between a drill chuck and its arbor.',
  note: 'A piece of a Morse taper each: the setting of that one serves.',
  sizes: ROWS.map(([size, morse, gauge, length]) =>
    sizeOf({
      series: 'chuck-metric',
      size,
      name: `Chuck taper ${size}`,
      ratio: morseRatio(morse),
      gaugeDiameter: gauge,
      length,
    }),
  ),
};
