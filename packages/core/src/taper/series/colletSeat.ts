import { sizeOf, type TaperSeries } from './series';

/** size, mouth diameter, usual nut thread: mm, ISO 15488. */
const ROWS: readonly (readonly [string, number, string | null])[] = [
  ['11', 11, null],
  ['16', 16, 'M22x1.5'],
  ['20', 20, 'M25x1.5'],
  ['25', 25, 'M32x1.5'],
  ['32', 32, 'M40x1.5'],
  ['40', 40, 'M50x1.5'],
];
const HALF_ANGLE = (8 / 180) * Math.PI;

/** Seats for spring collets, 8° per side. */
export const COLLET_SEAT: TaperSeries = {
  id: 'collet-seat',
  title: 'Spring-collet seat, 8° per side',
  standard: 'ISO 15488',
  unit: 'mm',
  calledAs: ['collet', 'seat'],
  use: 'Collet chucks and spindle noses for spring collets.',
  note: 'The 8° is the half angle: 16° included. Confusing the two doubles or halves the cone.',
  sizes: ROWS.map(([size, mouth, thread]) =>
    sizeOf({
      series: 'collet-seat',
      size,
      name: `Collet seat ${size}`,
      ratio: 2 * Math.tan(HALF_ANGLE),
      gaugeDiameter: mouth,
      thread,
    }),
  ),
};
