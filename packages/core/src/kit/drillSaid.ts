import { length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import { drillMark } from '../quantity/drillMarks';

/** A marked drill's size has its thousandths, or an inch of it comes out between two marks. */
const BY_MARK = 0.001;
const BY_SIZE = 0.01;

/**
 * A drill by its size (mm), shown to `step` or as its kind of drill is, with what stands on its shank where that is no size: 5.105 mm (#7).
 *
 * @example
 * drillSaid(5.1054).at(-1)
 * // → ' (#7)'
 */
export function drillSaid(diameter: number, step?: number): Phrase {
  const mark = drillMark(diameter);
  return [
    length(diameter, step ?? (mark === null ? BY_SIZE : BY_MARK)),
    ...(mark === null ? [] : [` (${mark})`]),
  ];
}
