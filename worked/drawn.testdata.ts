import type { Feature } from '../packages/core/src/part/kinds/registry';
import type { End } from '../packages/core/src/taper/task';

/** Features as they are drawn, in as few words as a sketch. */
const DEG = Math.PI / 180;
const of = (id: string) => ({ id, name: id });
type More = Partial<Record<string, unknown>>;
const drawn = (feature: object, more: More): Feature => ({ ...feature, ...more }) as unknown as Feature;

export const cylinder = (id: string, diameter: number, length: number, more: More = {}): Feature =>
  drawn({ ...of(id), kind: 'cylinder', side: 'external', diameter, length }, more);
export const bore = (id: string, from: End, diameter: number, length: number, more: More = {}): Feature =>
  drawn({ ...of(id), kind: 'bore', side: 'internal', from, diameter, length }, more);
/** A cone by its large end and half angle in degrees. */
export const cone = (
  id: string,
  largeEnd: End,
  largeDiameter: number,
  length: number,
  half: number,
  more: More = {},
): Feature =>
  drawn(
    { ...of(id), kind: 'taper', side: 'external', largeEnd, largeDiameter, length, halfAngle: half * DEG },
    more,
  );
/** The same inside. */
export const socket = (
  id: string,
  from: End,
  largeDiameter: number,
  length: number,
  half: number,
  more: More = {},
): Feature => cone(id, from, largeDiameter, length, half, { side: 'internal', from, ...more });
export const groove = (id: string, diameter: number, length: number, more: More = {}): Feature =>
  drawn({ ...of(id), kind: 'groove', side: 'external', diameter, length }, more);
export const screw = (
  id: string,
  designation: string,
  diameter: number,
  pitch: number,
  length: number,
  more: More = {},
): Feature =>
  drawn({ ...of(id), kind: 'thread', side: 'external', designation, diameter, pitch, length }, more);
export const tapped = (
  id: string,
  from: End,
  designation: string,
  diameter: number,
  pitch: number,
  length: number,
): Feature => screw(id, designation, diameter, pitch, length, { side: 'internal', from });
/** A shape by pairs of place and diameter. */
export const shape = (id: string, points: readonly (readonly [number, number])[], more: More = {}): Feature =>
  drawn(
    {
      ...of(id),
      kind: 'profile',
      side: 'external',
      points: points.map(([z, diameter]) => ({ z, diameter })),
    },
    more,
  );
export const throwOf = (
  id: string,
  diameter: number,
  length: number,
  off: number,
  more: More = {},
): Feature => drawn({ ...of(id), kind: 'eccentric', side: 'external', diameter, length, throw: off }, more);
/** What lies on the part: a chamfer, flats, a cross hole, a tang, a centre. */
export const detail = (id: string, kind: string, at: End, more: More = {}): Feature =>
  drawn({ ...of(id), kind, side: 'external', at }, more);
