import { count, length, type Figure } from '../../figure/figure';
import { SEEN } from './kind';

/** What a measured figure that is no length is in. */
export type SizeUnit = 'HRC';

/** A hardness tester is read to half a number. */
const HARD_SEEN = 0.5;

/**
 * What a measured figure is in; nothing said is mm. Rows kept before it was said are known by the name of the figure.
 *
 * @example
 * unitOfSize({ what: 'Hardness, HRC' })
 * // → 'HRC'
 */
export const unitOfSize = ({
  what,
  unit,
}: {
  readonly what: string;
  readonly unit?: SizeUnit | undefined;
}): SizeUnit | undefined => unit ?? (what.endsWith(', HRC') ? 'HRC' : undefined);

/**
 * A measured figure on its way to the eye: a length to a micrometre, a hardness to half a number.
 *
 * @example
 * sizeFigure(58.5, 'HRC')
 * // → { quantity: 'number', value: 58.5, resolution: 0.5 }
 */
export const sizeFigure = (value: number, unit?: SizeUnit): Figure =>
  unit === 'HRC' ? count(value, HARD_SEEN) : length(value, SEEN);
