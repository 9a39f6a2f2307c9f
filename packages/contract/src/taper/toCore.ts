import { AnelloError } from '@anello/core/basics';
import { ratioOf, type TaperSize } from '@anello/core/taper';
import type { ShopTaper } from './schema';

/** A saved taper as a size of the shop's own series. Error: underdetermined. */
export function shopTaperSize(id: string, taper: ShopTaper): TaperSize {
  const ratio = taper.ratio?.value ?? (taper.halfAngle ? ratioOf(taper.halfAngle.value) : null);
  if (ratio === null) throw new AnelloError('underdetermined', 'ratio', 'Give its ratio or its half angle.');
  return {
    series: 'shop',
    size: id,
    name: taper.name,
    ratio,
    gaugeDiameter: taper.gaugeDiameter?.value ?? null,
    beyondGauge: taper.beyondGauge?.value ?? 0,
    length: taper.length?.value ?? null,
    small: null,
    thread: taper.thread || null,
  };
}
