import { sizeOf, type TaperSeries } from './series';

/** Nominal size and the diameter at the gauge line, mm. Source: ISO 12164-1. */
const ROWS: readonly (readonly [string, number])[] = [
  ['32', 24.007],
  ['40', 30.007],
  ['50', 38.009],
  ['63', 48.01],
  ['80', 60.012],
  ['100', 75.013],
];
/** Called 1:10, cut 1:9.98: a hair steeper, so that it seats at its large end as it is pulled in. */
const X = 9.98;

/** The hollow 1:10 shanks of milling spindles, pulled in until their face touches. */
export const HOLLOW_SHANK: TaperSeries = {
  id: 'hollow-shank',
  title: 'Hollow shank, 1:10',
  standard: 'ISO 12164-1',
  unit: 'mm',
  calledAs: ['hollow shank', 'hsk'],
  use: 'Milling spindles: the hollow cone gives until the flange touches.',
  note: 'It is called 1:10 and cut 1:9.98.',
  sizes: ROWS.map(([size, gauge]) =>
    sizeOf({
      series: 'hollow-shank',
      size,
      name: `Hollow shank ${size}`,
      ratio: 1 / X,
      gaugeDiameter: gauge,
    }),
  ),
};
