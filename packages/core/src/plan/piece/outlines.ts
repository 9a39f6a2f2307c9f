import type { OutlinePoint } from '../../part/kinds/outline';
import type { End } from '../../taper/task';
import type { Placed } from './laid';
import { drawnAt, type Piece } from './piece';
import { SAME } from './usual';

/** The piece as it is drawn: outside from end to end; inside from end to end with 0 where it is solid, empty where it has no hole. */
export interface Outlines {
  readonly outer: readonly OutlinePoint[];
  readonly inner: readonly OutlinePoint[];
  /** What is cut in it off the axis or in its faces by then: flats, cross holes, centres that stay. */
  readonly marks: readonly Mark[];
}

/** Something cut in a piece that its outline does not show. */
export interface Mark {
  readonly id: string;
  readonly kind: Placed['kind'];
  readonly at: End;
  readonly z0: number;
  readonly z1: number;
  /** Radius it leaves, and of the outside it lies on. */
  readonly r: number;
  readonly outside: number;
}

/** A detail that its outline does not show, as a mark. */
const markOf = ({ id, kind, at, z0, z1, largest, outside }: Placed): Mark[] =>
  at === undefined || outside === undefined ? [] : [{ id, kind, at, z0, z1, r: largest, outside }];

/** The outlines of the piece as it stands. */
export const outlinesOf = (piece: Piece): Outlines => ({
  outer: outer(piece),
  inner: inner(piece),
  marks: piece.laid.details.filter((d) => !d.corner && piece.done.has(d.id)).flatMap(markOf),
});

/** Points without those that say the same twice. */
const plain = (points: readonly OutlinePoint[]): OutlinePoint[] =>
  points.filter((p, i) => {
    const before = points[i - 1];
    return !before || Math.abs(before.z - p.z) > SAME || Math.abs(before.r - p.r) > SAME;
  });

function outer(piece: Piece): OutlinePoint[] {
  const { laid, spare } = piece;
  const bar = (from: number, to: number): OutlinePoint[] =>
    to - from > SAME
      ? [
          { z: from, r: laid.barRadius },
          { z: to, r: laid.barRadius },
        ]
      : [];
  return plain([
    ...bar(-spare.headstock, 0),
    ...laid.outside.flatMap((s) => drawnAt(piece, s) ?? []),
    ...bar(laid.length, laid.length + spare.tailstock),
  ]);
}

function inner(piece: Piece): OutlinePoint[] {
  const { laid, spare } = piece;
  const holes = laid.inside
    .map((s) => drawnAt(piece, s))
    .filter((points) => points !== null)
    .sort((a, b) => (a[0]?.z ?? 0) - (b[0]?.z ?? 0));
  if (holes.length === 0) return [];
  const from = -spare.headstock;
  const to = laid.length + spare.tailstock;
  const beyond = (z: number, edge: number): OutlinePoint[] =>
    laid.holeRadius > 0 && Math.abs(z - edge) > SAME
      ? [
          { z: Math.min(z, edge), r: laid.holeRadius },
          { z: Math.max(z, edge), r: laid.holeRadius },
        ]
      : [];
  const points = [...beyond(from, 0)];
  let reached = laid.holeRadius > 0 ? 0 : from;
  for (const hole of holes) {
    const start = hole[0]?.z ?? 0;
    if (start - reached > SAME) points.push({ z: reached, r: 0 }, { z: start, r: 0 });
    points.push(...hole);
    reached = hole.at(-1)?.z ?? start;
  }
  const end = laid.holeRadius > 0 ? laid.length : to;
  if (end - reached > SAME) points.push({ z: reached, r: 0 }, { z: end, r: 0 });
  return plain([...points, ...beyond(laid.length, to)]);
}
