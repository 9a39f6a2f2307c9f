import { AnelloError } from '../../basics/error';
import { length } from '../../figure/figure';
import type { End } from '../../taper/task';
import { hostOf, type DetailBase, type Ground, type Lie, type Standing } from './detail';
import type { OutlinePoint } from './outline';

/** A corner where a feature ends at a face: of the part, or of a step to what is beside it. */
export interface Corner {
  readonly point: OutlinePoint;
  /** Unit direction from the corner along its feature. */
  readonly along: { readonly z: number; readonly r: number };
  /** Which way its face runs from it: 1 outward, -1 toward the axis. */
  readonly face: 1 | -1;
  /** How much of both there is, mm. */
  readonly room: { readonly along: number; readonly face: number };
  /** Metal stands in it, and is cut away; else it is a corner between two walls, and is filled. */
  readonly standsOut: boolean;
}

const SAME = 1e-6;

/** Radius of what follows beyond a feature's end: the next section, or at a face the hole in it or what is round it. */
function beyond(host: Standing, z: number, { outside, inside, length: whole }: Ground): number {
  const own = host.side === 'external' ? outside : inside;
  const others = host.side === 'external' ? inside : outside;
  const at = (s: Standing): number => (Math.abs(s.z0 - z) < SAME ? s.points[0] : s.points.at(-1))?.r ?? 0;
  const touches = (s: Standing): boolean => Math.abs(s.z0 - z) < SAME || Math.abs(s.z1 - z) < SAME;
  const next = own.find((s) => s.id !== host.id && touches(s));
  if (next) return at(next) + Math.abs(next.offset - host.offset) * (host.side === 'external' ? 1 : -1);
  const atFace = z < SAME || z > whole - SAME;
  const across = others.filter(touches).map(at);
  if (atFace) return across.length === 0 ? 0 : Math.max(...across);
  return 0;
}

/** The corner of a feature toward an end. Errors: impossible at `at` where there is none. */
export function cornerOf(host: Standing, at: End, ground: Ground): Corner {
  const points = at === 'tailstock' ? [...host.points].reverse() : host.points;
  const [point, next] = points as [OutlinePoint, OutlinePoint];
  const other = beyond(host, point.z, ground);
  if (Math.abs(other - point.r) < SAME)
    throw new AnelloError(
      'impossible',
      'at',
      'There is no corner there: what follows has the same diameter.',
    );
  const long = Math.hypot(next.z - point.z, next.r - point.r);
  const face = other > point.r ? 1 : -1;
  return {
    point,
    along: { z: (next.z - point.z) / long, r: (next.r - point.r) / long },
    face,
    room: {
      along: Math.abs(next.z - point.z) - ground.cornered(host.id),
      face: Math.abs(other - point.r),
    },
    standsOut: (host.side === 'external') === (face === -1),
  };
}

/** A corner in a face is reached from it, the far mouth of a hole right through too; one further in as its feature is. */
function reachedFrom(host: Standing, z: number, whole: number): End {
  if (z < SAME) return 'headstock';
  return z > whole - SAME ? 'tailstock' : host.from;
}

/** Where a detail at a corner lies, once its shape is known. Errors: impossible at `field` where it has no room. */
export function atCorner(
  feature: Pick<DetailBase, 'on' | 'at'>,
  ground: Ground,
  field: string,
  shape: (corner: Corner) => readonly OutlinePoint[],
): Lie {
  const host = hostOf(feature, ground);
  if (ground.taken(host.id, feature.at))
    throw new AnelloError('impossible', 'at', 'This corner has a detail already.');
  const corner = cornerOf(host, feature.at, ground);
  const points = shape(corner);
  const [first, last] = [points[0] as OutlinePoint, points.at(-1) as OutlinePoint];
  const takes = { along: Math.abs(first.z - corner.point.z), face: Math.abs(last.r - corner.point.r) };
  for (const way of ['along', 'face'] as const)
    if (takes[way] > corner.room[way] + SAME)
      throw new AnelloError('impossible', field, [
        'It takes ',
        length(takes[way], 0.01),
        way === 'along' ? ' along, and there is only ' : ' of the face, and there is only ',
        length(Math.max(0, corner.room[way]), 0.01),
        '.',
      ]);
  const z = [first.z, corner.point.z].sort((a, b) => a - b) as [number, number];
  return {
    side: host.side,
    from: reachedFrom(host, corner.point.z, ground.length),
    z0: z[0],
    z1: z[1],
    points: z[0] === first.z ? points : [...points].reverse(),
    offset: host.offset,
    outside: corner.point.r,
    corner: points,
  };
}

/** Points of a section with one of its corners cut or filled. */
export function withCorner(
  points: readonly OutlinePoint[],
  at: End,
  corner: readonly OutlinePoint[],
): readonly OutlinePoint[] {
  return at === 'headstock'
    ? [...[...corner].reverse(), ...points.slice(1)]
    : [...points.slice(0, -1), ...corner];
}
