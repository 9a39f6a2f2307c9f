import { taperSeries, type TaperSize } from '@anello/core/taper';
import { entry, type Entry } from '../../entry/entry';
import type { TaperDocument } from './schema';

const INCH = 25.4;
/** Enough figures that a published value survives the division by 25.4. */
const FIGURES = 10;

export type TaperFigures = Required<Pick<TaperDocument, 'series' | 'ratio'>> &
  Pick<TaperDocument, 'gaugeDiameter' | 'beyondGauge' | 'length' | 'smallDiameter'>;

/**
 * A table's size as the figures of a part's taper, typed in the table's own unit. What the table leaves out
 * stays out, for the drawing to give. A socket stops at its gauge line; a shank runs on past it.
 */
export function taperFigures(size: TaperSize, side: 'external' | 'internal'): TaperFigures {
  const inch = taperSeries(size.series).unit === 'in';
  const typed = (mm: number): Entry => entry(inch ? `${short(mm / INCH)} in` : `${short(mm)} mm`);
  const beyond = side === 'external' ? size.beyondGauge : 0;
  const place =
    size.gaugeDiameter !== null
      ? { gaugeDiameter: typed(size.gaugeDiameter), beyondGauge: typed(beyond) }
      : size.small !== null
        ? { smallDiameter: typed(size.small.value) }
        : {};
  return {
    series: { series: size.series, size: size.size },
    ratio: entry(inch ? `${short(size.ratio * 12)} in/ft` : `1:${short(1 / size.ratio)}`, 'taper'),
    ...place,
    ...(size.length === null ? {} : { length: typed(size.length + beyond) }),
  };
}

const short = (value: number): number => Number(value.toPrecision(FIGURES));
