import { AnelloError } from '../../basics/error';
import { MORSE_INCH } from './morseInch';
import { MORSE_ISO } from './morseIso';
import type { TaperSeries, TaperSize } from './series';

/** Every series Anello knows, in the order they are offered. */
export const TAPER_SERIES: readonly TaperSeries[] = [MORSE_ISO, MORSE_INCH];

/** A size of a series. Error: unknown-size. */
export function taperSize(series: string, size: string): TaperSize {
  const found = TAPER_SERIES.find((s) => s.id === series)?.sizes.find((s) => s.size === size);
  if (!found)
    throw new AnelloError('unknown-size', 'size', `There is no size ${size} in the series ${series}.`);
  return found;
}
