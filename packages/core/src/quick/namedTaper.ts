import { AnelloError } from '../basics/error';
import { parseQuantity } from '../quantity/parseQuantity';
import { halfAngleOf } from '../taper/solve';
import { taperSize } from '../taper/series/registry';
import type { TaperSize } from '../taper/series/series';

export interface NamedTaper {
  readonly name: string;
  readonly ratio: number;
  readonly halfAngle: number;
  readonly size: TaperSize | null;
}

/** Short names of the series people say out loud. */
const NAMES: readonly (readonly [RegExp, (size: string) => TaperSize])[] = [
  [/^(?:mt|morse)\s*(\d+)$/i, (n) => taperSize('morse-iso', n)],
  [/^(?:jarno)\s*(\d+)$/i, (n) => taperSize('jarno', n)],
  [/^(?:bs|b&s)\s*(\d+)$/i, (n) => taperSize('brown-sharpe', n)],
  [/^(?:steep)\s*(\d+)$/i, (n) => taperSize('steep', n)],
];

/** A taper said by name (mt3, jarno 6), by ratio (1:12, 7/24, 0.6 in/ft) or as a half angle (8°). */
export function namedTaper(text: string): NamedTaper {
  const trimmed = text.trim();
  for (const [pattern, find] of NAMES) {
    const found = pattern.exec(trimmed);
    if (found?.[1]) {
      const size = find(found[1]);
      return { name: size.name, ratio: size.ratio, halfAngle: halfAngleOf(size.ratio), size };
    }
  }
  return byFigure(trimmed);
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
