import { formatFigure } from './format';
import type { UnitSystem } from './format';
import type { Figure } from './figure';

/** A sentence with its figures left as figures, so that it reads right in either unit system. */
export type Phrase = readonly (string | Figure)[];

/**
 * The phrase as plain text in one unit system.
 *
 * @example
 * plainText(['Run ', length(75, 1), ' and watch.'])
 * // → 'Run 75\u00a0mm and watch.'
 */
export function plainText(phrase: Phrase, system: UnitSystem = 'mm'): string {
  return phrase.map((part) => (typeof part === 'string' ? part : formatFigure(part, system))).join('');
}
