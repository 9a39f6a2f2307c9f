import type { Section } from '@anello/core/part';
import type { StripScale } from './scale';

/** Screen coordinates of a point on the axis. */
export interface Place {
  x(z: number): number;
  /** y of a radius above (side 1) or below (side -1) the axis, with the section's own offset. */
  y(r: number, side: 1 | -1, offset?: number): number;
}

/** A part on the axis; turned end for end it is drawn from its other end, which needs its length. */
export function placeOn(scale: StripScale, centre: number, turned: number | null = null): Place {
  return {
    x: (z) => scale.x0 + (turned === null ? z : turned - z) * scale.along,
    y: (r, side, offset = 0) => centre - (offset + side * r) * scale.across,
  };
}

/** A coordinate as a path has it: to a hundredth of a pixel, without noughts at its end. */
export const two = (n: number): string => (Math.round(n * 100) / 100).toString();

/** Closed outline of an outside section, both sides of the axis. */
export function wholePath(section: Pick<Section, 'points' | 'offset'>, place: Place): string {
  const top = section.points.map((p) => `${two(place.x(p.z))} ${two(place.y(p.r, 1, section.offset))}`);
  const bottom = [...section.points]
    .reverse()
    .map((p) => `${two(place.x(p.z))} ${two(place.y(p.r, -1, section.offset))}`);
  return `M${[...top, ...bottom].join('L')}Z`;
}

/** One side of a section down to its own axis: what is cut in a half section. */
export function halfPath(section: Section, place: Place, side: 1 | -1): string {
  const edge = section.points.map((p) => `${two(place.x(p.z))} ${two(place.y(p.r, side, section.offset))}`);
  const first = two(place.x(section.z0));
  const last = two(place.x(section.z1));
  const axis = two(place.y(0, side, section.offset));
  return `M${first} ${axis}L${edge.join('L')}L${last} ${axis}Z`;
}

/** The edge of a section on one side, open. */
export function edgePath(section: Section, place: Place, side: 1 | -1): string {
  return `M${section.points.map((p) => `${two(place.x(p.z))} ${two(place.y(p.r, side, section.offset))}`).join('L')}`;
}

/** Upright lines at the ends of a section, where its face can be seen. */
export function facePath(section: Section, place: Place, sides: readonly (1 | -1)[]): string {
  const ends = [section.points[0], section.points.at(-1)].filter((p) => p !== undefined);
  return ends
    .flatMap((p) =>
      sides.map(
        (side) =>
          `M${two(place.x(p.z))} ${two(place.y(0, side, section.offset))}V${two(place.y(p.r, side, section.offset))}`,
      ),
    )
    .join('');
}
