import { sizeLimits } from '../../fit/sizeLimits';
import { limitsOf } from '../../part/limitsOf';
import type { Placed } from '../piece/laid';
import type { Measure } from './card';

/** What a length may be where the drawing says nothing: the general rule, as for an outside size. */
export function lengthMeasure(what: string, size: number): Measure {
  const { least, most } = sizeLimits({ size, side: 'external', given: {} });
  return { what, least, most };
}

/** Micrometres of a drawing's Ra in a millimetre. */
const MICRO = 1e-3;

/** How smooth a feature is to be, Ra, mm. */
export const finishOf = ({ feature: { finish } }: Placed): number | null =>
  finish === undefined ? null : finish * MICRO;

/** The diameter of a feature that has one. */
export function diameterMeasure({ feature, largest }: Placed): Measure {
  const limits = limitsOf(feature) ?? sizeLimits({ size: 2 * largest, side: feature.side, given: {} });
  return { what: `${feature.name}, diameter`, least: limits.least, most: limits.most };
}

/** What a chamfer or a corner radius may be over and under, mm, up to each size (ISO 2768-1 table 2, medium). */
const CORNERS: readonly (readonly [number, number])[] = [
  [3, 0.2],
  [6, 0.5],
  [Infinity, 1],
];

/** A chamfer or a corner radius, by the general rule for them. */
export function cornerMeasure(what: string, size: number): Measure {
  const allowed = CORNERS.find(([upTo]) => size <= upTo)?.[1] ?? 0;
  return { what, least: Math.max(0, size - allowed), most: size + allowed };
}
