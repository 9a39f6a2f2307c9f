import type { TaperSeries, TaperSize } from './series';

/**
 * The shop's own tapers as a series: its sizes come from what the shop has saved.
 *
 * @example
 * shopSeries([]).sizes
 * // → []
 */
export const shopSeries = (sizes: readonly TaperSize[]): TaperSeries => ({
  id: 'shop',
  title: 'This shop’s own',
  standard: 'saved here',
  unit: 'mm',
  calledAs: ['our', 'own', 'shop'],
  use: 'Saved by this shop.',
  sizes,
});
