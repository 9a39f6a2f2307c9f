import { AnelloError } from '../basics/error';
import { length } from '../figure/figure';
import { isGroove } from './kinds/is';
import type { Section } from './section';

/** Diameters nearer than this are the same, mm. */
const SAME = 1e-6;

/**
 * What is wrong with a groove that goes in beside nothing: its bottom stands as high as what is on either side of it. Null of
 * any other section, and where what is beside it has no figures yet.
 */
export function standsOut(section: Section, beside: readonly (Section | undefined)[]): AnelloError | null {
  const neighbours = beside.filter((one): one is Section => one !== undefined);
  if (!isGroove(section) || section.ghost || neighbours.length === 0) return null;
  if (neighbours.some(({ ghost }) => ghost)) return null;
  const sign = section.side === 'external' ? 1 : -1;
  const [bottom = 0] = section.points.map(({ r }) => r);
  const ends = neighbours.map(
    ({ z0, points }) => (Math.abs(z0 - section.z1) < SAME ? points[0] : points.at(-1))?.r ?? 0,
  );
  const highest = ends.reduce((a, b) => (sign * b > sign * a ? b : a));
  if (sign * (highest - bottom) > SAME) return null;
  return new AnelloError('impossible', 'diameter', [
    'That is no groove: what is beside it is ',
    length(2 * highest, 0.01),
    ', and its bottom ',
    length(2 * bottom, 0.01),
    '.',
  ]);
}
