import { length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import { drillMark } from '../quantity/drillMarks';

/**
 * A drill by its size (mm), shown to `step`, with what stands on its shank where that is no size: 5.105 mm (#7).
 *
 * @example
 * drillSaid(5.1054).at(-1)
 * // → ' (#7)'
 */
export function drillSaid(diameter: number, step = 0.01): Phrase {
  const mark = drillMark(diameter);
  return [length(diameter, step), ...(mark === null ? [] : [` (${mark})`])];
}
