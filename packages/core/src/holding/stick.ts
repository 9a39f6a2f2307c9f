import { finite, positive } from '../basics/check';
import { fourJawOffset } from './fourJawOffset';

/**
 * Where a punch mark sits from the spindle's axis, read by a pivoted centre-finder stick: the needle moves the other way
 * and long/short times as far. Readings with jaws 1 to 4 up, larger is higher; lengths mm. Errors: not-finite,
 * out-of-range.
 *
 * @example
 * stickOffset({ readings: [0.4, 0.2, 0, 0.2], short: 20, long: 200 })
 * // → { x: -0.02, y: 0 }
 */
export function stickOffset({
  readings,
  short,
  long,
}: {
  readings: readonly number[];
  short: number;
  long: number;
}): { x: number; y: number } {
  const scale = -positive(short, 'short', 'Mark to pivot') / positive(long, 'long', 'Pivot to needle');
  const [a = NaN, b = NaN, c = NaN, d = NaN] = readings.map((r, i) => finite(r, `readings.${i}`));
  const { x, y } = fourJawOffset({ readings: [a, b, c, d] });
  return { x: scale * x, y: scale * y };
}
