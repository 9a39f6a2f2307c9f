import { AnelloError } from '../basics/error';
import { parseQuantity } from '../quantity/parseQuantity';
import { halfAngleOf } from '../taper/solve';
import { findTapers } from '../taper/find';
import { TAPER_SERIES, taperSize } from '../taper/series/registry';
import type { TaperSize } from '../taper/series/series';

export interface NamedTaper {
  readonly name: string;
  readonly ratio: number;
  readonly halfAngle: number;
  readonly size: TaperSize | null;
}

/** A name has a word in it, and the size beside it: what is only a figure with its unit is none. */
const NAMED = /^(?=.*\p{L}{2})(?=.*\d)[\p{L}\d\s&.:/]+$/u;

/** A taper said by name (mt3, 4 mt, b&s 9, iso 40), by ratio (1:12, 7/24, 0.6 in/ft) or as a half angle (8°). */
export function namedTaper(text: string): NamedTaper {
  const trimmed = text.trim();
  const size = NAMED.test(trimmed) ? sizeNamed(trimmed) : null;
  return size
    ? { name: size.name, ratio: size.ratio, halfAngle: halfAngleOf(size.ratio), size }
    : byFigure(trimmed);
}

/** The likeliest size of a name; none where it names no series. Error: unknown-size for a size its series has not. */
function sizeNamed(text: string): TaperSize | null {
  const [first] = findTapers(text).found;
  const said: readonly string[] = text.match(/\d+(?:\.\d+)?/g) ?? [];
  if (first && said.includes(first.size)) return first;
  const words: readonly string[] =
    text
      .toLowerCase()
      .replaceAll('&', '')
      .match(/\p{L}+/gu) ?? [];
  const series = TAPER_SERIES.find(({ calledAs }) => words.some((word) => calledAs.includes(word)));
  return series && said[0] !== undefined && !first ? taperSize(series.id, said[0]) : null;
}

function byFigure(text: string): NamedTaper {
  if (/[°d]/i.test(text) && !/[:/]/.test(text)) {
    const halfAngle = parseQuantity({ text, dimension: 'angle', defaultUnit: 'deg' }).value;
    if (halfAngle <= 0)
      throw new AnelloError('out-of-range', null, 'A taper needs an angle of more than zero.');
    return { name: `half angle ${text}`, ratio: 2 * Math.tan(halfAngle), halfAngle, size: null };
  }
  const { value: ratio, canonical } = parseQuantity({ text, dimension: 'taper', defaultUnit: 'ratio' });
  if (ratio <= 0) throw new AnelloError('out-of-range', null, 'A taper needs a ratio of more than zero.');
  return { name: canonical, ratio, halfAngle: halfAngleOf(ratio), size: null };
}
