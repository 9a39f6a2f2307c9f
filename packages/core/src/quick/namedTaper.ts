import { AnelloError } from '../basics/error';
import { parseQuantity } from '../quantity/parseQuantity';
import { halfAngleOf } from '../taper/solve';
import { findTapers, seriesCalled } from '../taper/find';
import { TAPER_SERIES, taperSize } from '../taper/series/registry';
import type { TaperSize } from '../taper/series/series';

export interface NamedTaper {
  readonly name: string;
  readonly ratio: number;
  readonly halfAngle: number;
  readonly size: TaperSize | null;
}

/** An included angle is said with this word; every other angle is half of it. */
const INCLUDED = /\bincluded(?:\s+angle)?\b/i;

/**
 * A taper said by name (mt3, 4 mt, b&s 9, iso 40), by ratio (1:12, 1 in 20, 7/24, 0.6 in/ft), as a half angle (8°) or as
 * an included one (16° included). Errors: unknown-size, ambiguous for a figure that could be any, or as parseQuantity.
 */
export function namedTaper(text: string): NamedTaper {
  const trimmed = text.trim();
  return seriesTaper(trimmed) ?? byFigure(trimmed);
}

/**
 * A size of the tables by its series' name or sign; null where the text names none: what is only a figure with its unit
 * is no name. Errors: unknown-size for a size its series has not, unreadable for none at all.
 */
export function seriesTaper(text: string): NamedTaper | null {
  const size = sizeNamed(text);
  return size && { name: size.name, ratio: size.ratio, halfAngle: halfAngleOf(size.ratio), size };
}

function sizeNamed(text: string): TaperSize | null {
  const bySign = SIGNS.find((size) => size.size.toLowerCase() === text.toLowerCase());
  if (bySign) return bySign;
  const [series] = seriesCalled(text);
  const said = numbersIn(text);
  // A foot and a centimetre are lengths before they are somebody's word for a taper.
  if (!series || isLength(text)) return null;
  if (said.length === 0) throw new AnelloError('unreadable', 'size', `${series.title}: which size?`);
  const found = findTapers(text).found.find((size) => numbersIn(size.size).every((n) => said.includes(n)));
  return found ?? (said.length === 1 ? taperSize(series.id, said[0] as string) : null);
}

/** Sizes that are told by their sign alone: R8, B16, L0. */
const SIGNS = TAPER_SERIES.flatMap(({ sizes }) => sizes).filter(({ size }) => /\p{L}/u.test(size));

const numbersIn = (text: string): readonly string[] => text.match(/\d+(?:\.\d+)?/g) ?? [];

function isLength(text: string): boolean {
  try {
    parseQuantity({ text, dimension: 'length', defaultUnit: 'mm' });
    return true;
  } catch (error) {
    if (error instanceof AnelloError) return false;
    throw error;
  }
}

function byFigure(text: string): NamedTaper {
  return INCLUDED.test(text)
    ? byAngle(text.replace(INCLUDED, '').trim(), 'included angle', 0.5)
    : /[°d]/i.test(text) && !/[:/]/.test(text)
      ? byAngle(text, 'half angle', 1)
      : byRatio(text);
}

function byAngle(text: string, called: string, half: number): NamedTaper {
  const halfAngle = half * parseQuantity({ text, dimension: 'angle', defaultUnit: 'deg' }).value;
  if (halfAngle <= 0)
    throw new AnelloError('out-of-range', null, 'A taper needs an angle of more than zero.');
  if (halfAngle >= Math.PI / 2)
    throw new AnelloError('out-of-range', null, 'A taper’s half angle is less than 90°.');
  return { name: `${called} ${text}`, ratio: 2 * Math.tan(halfAngle), halfAngle, size: null };
}

function byRatio(text: string): NamedTaper {
  const { value: ratio, explicit } = parseQuantity({ text, dimension: 'taper', defaultUnit: 'ratio' });
  if (ratio <= 0) throw new AnelloError('out-of-range', null, 'A taper needs a ratio of more than zero.');
  if (!explicit && ratio >= 1)
    throw new AnelloError('ambiguous', null, `“${text}” could be ${text}° or 1:${text}. Write which.`);
  return { name: text, ratio, halfAngle: halfAngleOf(ratio), size: null };
}
