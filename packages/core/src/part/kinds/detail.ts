import { AnelloError } from '../../basics/error';
import type { End } from '../../taper/task';
import type { Base, Side } from './base';
import type { OutlinePoint } from './outline';

/** What every detail has: the end it is at or counted from, and the feature it lies on where it lies on one. */
export interface DetailBase extends Base {
  readonly at: End;
  readonly on?: string | undefined;
}

/** A feature where it stands on the axis. */
export interface Standing {
  readonly id: string;
  readonly side: Side;
  readonly from: End;
  readonly z0: number;
  readonly z1: number;
  readonly points: readonly OutlinePoint[];
  readonly offset: number;
}

/** The part as laid, for what lies on it. Every section here has its figures. */
export interface Ground {
  readonly outside: readonly Standing[];
  readonly inside: readonly Standing[];
  readonly length: number;
  /** How much of a section's length its other corners take already, and whether this one is taken. */
  cornered(host: string): number;
  taken(host: string, at: End): boolean;
}

/** Where a detail lies: the stretch it covers and the radius of what is there. */
export interface Lie {
  readonly side: Side;
  readonly z0: number;
  readonly z1: number;
  readonly points: readonly OutlinePoint[];
  readonly offset: number;
  /** Of an inside one, the face it is reached from. */
  readonly from: End;
  /** Radius of the outside it lies on. */
  readonly outside: number;
  /** A corner of its feature, cut or filled: its new points, from the feature's side to the face's. */
  readonly corner?: readonly OutlinePoint[];
}

/** The section a detail lies on. Errors: underdetermined, or not-found, at `on`. */
export function hostOf({ on }: Pick<DetailBase, 'on'>, { outside, inside }: Ground): Standing {
  const host = [...outside, ...inside].find((s) => s.id === on);
  if (host) return host;
  if (on === undefined) throw new AnelloError('underdetermined', 'on', 'Still missing: what it lies on.');
  throw new AnelloError('not-found', 'on', 'What it lies on is gone, or has no figures yet: say another.');
}

/** A figure that must be there. Errors: underdetermined at its field. */
export function given(value: number | undefined, field: string, what: string): number {
  if (value === undefined) throw new AnelloError('underdetermined', field, `Still missing: ${what}.`);
  return value;
}

/** A place counted from an end of the part, on its own z. */
export const countedFrom = (at: End, distance: number, length: number): number =>
  at === 'headstock' ? distance : length - distance;

/** Radius of the outside at a place, the smaller one at a step; 0 past the part. */
export function outsideAt({ outside }: Pick<Ground, 'outside'>, z: number): number {
  const radii = outside.filter((s) => z >= s.z0 - SAME && z <= s.z1 + SAME).flatMap((s) => radiusOn(s, z));
  return radii.length === 0 ? 0 : Math.min(...radii);
}
const SAME = 1e-6;

/** Radii of a section's outline at a place. */
export const radiusOn = ({ points }: Pick<Standing, 'points'>, z: number): number[] =>
  points.flatMap((a, i) => {
    const b = points[i + 1];
    if (!b || z < a.z - SAME || z > b.z + SAME) return [];
    return [b.z === a.z ? a.r : a.r + ((b.r - a.r) * (z - a.z)) / (b.z - a.z)];
  });
