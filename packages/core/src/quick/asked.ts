import { parseQuantity } from '../quantity/parseQuantity';
import { namedTaper, type NamedTaper } from './namedTaper';
import type { QuickContext } from './quickPhrase';
import { twoFigures } from './twoFigures';

/** What a line says besides its own words, wherever they stand in it; null where it has none of them. */
export function besides(text: string, words: RegExp): string | null {
  return words.test(text) ? text.replace(words, ' ').trim() : null;
}

/** A length as typed in the quick line, mm. Errors: as parseQuantity. */
export const lengthSaid =
  ({ lengthUnit }: QuickContext) =>
  (text: string): number =>
    parseQuantity({ text, dimension: 'length', defaultUnit: lengthUnit }).value;

/** A length and a taper, in either order. Errors: as twoFigures. */
export function lengthAndTaper(
  text: string,
  context: QuickContext,
  example: string,
): readonly [number, NamedTaper] {
  return twoFigures(text, { read: lengthSaid(context), and: namedTaper, example });
}
