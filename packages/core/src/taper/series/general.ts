import { sizeOf, type TaperSeries } from './series';

/** The x of 1:x, ISO 1119. */
const RATIOS = [3, 5, 6, 7, 8, 10, 12, 15, 16, 20, 30, 50, 100, 200];

const USES: Readonly<Record<number, string>> = {
  10: 'hubs and shaft ends',
  12: 'hubs and bearing sleeves',
  16: 'pipe threads',
  30: 'bearing sleeves',
};

/** General cones by ratio; the drawing gives the diameters. */
export const GENERAL: TaperSeries = {
  id: 'general',
  title: 'General cones by ratio',
  standard: 'ISO 1119',
  unit: 'mm',
  calledAs: ['cone', 'general'],
  use: 'Hubs, shaft ends, bearing sleeves and fittings.',
  sizes: RATIOS.map((x) =>
    sizeOf({
      series: 'general',
      size: `1:${x}`,
      name: `1:${x}${USES[x] ? `, ${USES[x]}` : ''}`,
      ratio: 1 / x,
    }),
  ),
};
