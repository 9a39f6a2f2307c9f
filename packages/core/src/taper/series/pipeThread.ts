import { sizeOf, type TaperSeries } from './series';

/** Size, major diameter at the gauge plane, and from there to the small end, mm. Source: ISO 7-1. */
const ROWS: readonly (readonly [string, number, number])[] = [
  ['1/8', 9.728, 4],
  ['1/4', 13.157, 6],
  ['3/8', 16.662, 6.4],
  ['1/2', 20.955, 8.2],
  ['3/4', 26.441, 9.5],
  ['1', 33.249, 10.4],
  ['1 1/4', 41.91, 12.7],
  ['1 1/2', 47.803, 12.7],
  ['2', 59.614, 15.9],
];

/** The 1:16 cone a pipe thread that seals on its flanks is cut on. */
export const PIPE_THREAD: TaperSeries = {
  id: 'pipe-thread',
  title: 'Taper pipe thread, 1:16',
  standard: 'ISO 7-1',
  unit: 'mm',
  calledAs: ['pipe', 'bspt'],
  use: 'Pipe threads that seal on their flanks: the cone their crests lie on.',
  sizes: ROWS.map(([size, gauge, length]) =>
    sizeOf({
      series: 'pipe-thread',
      size,
      name: `Taper pipe ${size}`,
      ratio: 1 / 16,
      gaugeDiameter: gauge,
      length,
    }),
  ),
};
