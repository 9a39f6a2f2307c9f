import { AnelloError } from '../../basics/error';
import { BY_THE_FOOT } from './byTheFoot';
import { BROWN_SHARPE } from './brownSharpe';
import { CHUCK } from './chuck';
import { CHUCK_METRIC } from './chuckMetric';
import { COLLET_SEAT } from './colletSeat';
import { GENERAL } from './general';
import { HOLLOW_SHANK } from './hollowShank';
import { JARNO } from './jarno';
import { METRIC_ISO } from './metricIso';
import { MORSE_INCH } from './morseInch';
import { MORSE_ISO } from './morseIso';
import { PIPE_THREAD } from './pipeThread';
import { shopSeries } from './shop';
import { LONG_NOSE, SHORT_NOSE } from './spindleNoses';
import { STEEP } from './steep';
import { TAPER_PIN_INCH, TAPER_PIN_METRIC } from './taperPins';
import { DRAW_IN } from './workCollets';
import type { TaperSeries, TaperSize } from './series';

/** Every series Anello knows, in the order they are offered. */
export const TAPER_SERIES: readonly TaperSeries[] = [
  MORSE_ISO,
  MORSE_INCH,
  STEEP,
  METRIC_ISO,
  BROWN_SHARPE,
  JARNO,
  CHUCK,
  CHUCK_METRIC,
  COLLET_SEAT,
  TAPER_PIN_METRIC,
  TAPER_PIN_INCH,
  SHORT_NOSE,
  LONG_NOSE,
  HOLLOW_SHANK,
  DRAW_IN,
  PIPE_THREAD,
  BY_THE_FOOT,
  GENERAL,
];

/**
 * A series by its id. Error: unknown-size.
 *
 * @example
 * taperSeries('morse-iso').sizes.length
 * // → 7
 */
export function taperSeries(id: string): TaperSeries {
  if (id === 'shop') return shopSeries([]);
  const found = TAPER_SERIES.find((s) => s.id === id);
  if (!found) throw new AnelloError('unknown-size', 'series', `There is no taper series ${id}.`);
  return found;
}

/**
 * A size of a series. Error: unknown-size.
 *
 * @example
 * taperSize('morse-iso', '3').gaugeDiameter
 * // → 23.825
 */
export function taperSize(series: string, size: string): TaperSize {
  const { sizes, title } = taperSeries(series);
  const found = sizes.find((s) => s.size === size);
  if (!found) throw new AnelloError('unknown-size', 'size', `${title}: there is no size ${size}.`);
  return found;
}
