import { sizeOf, type TaperSeries } from './series';

/** Inches a foot on diameter, as it is written, and where it is met. */
const ROWS: readonly (readonly [string, number, string])[] = [
  ['1/2', 0.5, 'machine parts'],
  ['3/4', 0.75, 'propeller and pump shafts'],
  ['1', 1, 'shaft ends'],
  ['1 1/4', 1.25, 'shaft ends'],
  ['1 1/2', 1.5, 'engine shaft ends'],
  ['3', 3, 'short shaft ends'],
];

/** Shaft ends and other cones a drawing gives by the foot; its diameters are the drawing's. */
export const BY_THE_FOOT: TaperSeries = {
  id: 'by-the-foot',
  title: 'Shaft ends, by the foot',
  standard: 'Shop practice; SAE J499 for engine shafts',
  unit: 'in',
  calledAs: ['foot', 'shaft end', 'shaft'],
  use: 'Shaft ends, hubs and couplings drawn in inches.',
  sizes: ROWS.map(([size, perFoot, use]) =>
    sizeOf({ series: 'by-the-foot', size, name: `${size} in a foot, ${use}`, ratio: perFoot / 12 }),
  ),
};
