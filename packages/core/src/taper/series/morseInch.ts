import { INCH, sizeOf, type TaperSeries } from './series';

/** size, taper per foot, gauge diameter, small diameter, plug depth: inches, ASME B5.10. */
const ROWS: readonly (readonly [string, number, number, number, number])[] = [
  ['0', 0.6246, 0.3561, 0.252, 2],
  ['1', 0.59858, 0.475, 0.369, 2.125],
  ['2', 0.59941, 0.7, 0.572, 2.5625],
  ['3', 0.60235, 0.938, 0.778, 3.1875],
  ['4', 0.62326, 1.231, 1.02, 4.0625],
  ['4 1/2', 0.624, 1.5, 1.266, 4.5],
  ['5', 0.63151, 1.748, 1.475, 5.1875],
  ['6', 0.62565, 2.494, 2.116, 7.25],
  ['7', 0.624, 3.27, 2.75, 10],
];

/** Morse tapers from the inch table: gauge line at the socket's mouth, small end at the plug's depth. */
export const MORSE_INCH: TaperSeries = {
  id: 'morse-inch',
  title: 'Morse, inch table',
  standard: 'ASME B5.10',
  unit: 'in',
  calledAs: ['mt', 'morse'],
  use: 'Tailstocks, drills and reamers, drill-press spindles, lathe centres.',
  note: 'Every size has its own taper: none is the round 0.6 or 5/8 inch per foot.',
  sizes: ROWS.map(([size, perFoot, gauge, small, depth]) =>
    sizeOf({
      series: 'morse-inch',
      size,
      name: `No. ${size} Morse`,
      ratio: perFoot / 12,
      gaugeDiameter: gauge * INCH,
      length: depth * INCH,
      small: { value: small * INCH, rounding: 0.0006 * INCH },
    }),
  ),
};
