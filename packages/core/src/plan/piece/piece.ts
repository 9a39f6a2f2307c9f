import { withCorner } from '../../part/kinds/corner';
import type { OutlinePoint } from '../../part/kinds/outline';
import type { End } from '../../taper/task';
import { leftAsBar, other, type Laid, type Placed } from './laid';
import type { Holding } from './line';
import { CENTRE_DRILLS, CENTRE_MOUTH, FACING, leastGrip, MOUTH_OF_BODY, PARTING_ROOM, SAME } from './usual';
import { isGroove } from '../../part/kinds/is';

/** The piece as it stands at a moment of its making. */
export interface Piece {
  readonly laid: Laid;
  /** How far the bar reaches past each of the part's faces. */
  readonly spare: Readonly<Record<End, number>>;
  readonly faced: ReadonlySet<End>;
  readonly centred: ReadonlySet<End>;
  /** The shape that stands where a feature will be, once anything was taken off there. */
  readonly rough: ReadonlyMap<string, readonly OutlinePoint[]>;
  /** Threads whose mouth was counterbored. */
  readonly opened: ReadonlySet<string>;
  /** Features that are done, and the holding they were done in. */
  readonly done: ReadonlyMap<string, string>;
  /** What held it last, and has it still until it is held otherwise. */
  readonly held: Pick<Holding, 'by' | 'grips' | 'toward'> | null;
}

const SPARE_FOR_JAWS = 2 * FACING + PARTING_ROOM;

/** Whether the bar is long enough to be held beside the part and parted off. */
export const holdsBeside = ({ part: { stock }, length }: Laid): boolean =>
  stock.length - length >= SPARE_FOR_JAWS + leastGrip(stock.across) - SAME;

/** The bar, before anything is done; what is over lies at the end the first holding takes it by. */
export function rawPiece(laid: Laid, first: Pick<Holding, 'toward'>): Piece {
  const over = laid.part.stock.length - laid.length;
  const near = holdsBeside(laid) ? FACING : over / 2;
  const spare = { [first.toward]: near, [other(first.toward)]: over - near } as Record<End, number>;
  const done = new Map(laid.outside.filter((s) => leftAsBar(laid, s)).map((s) => [s.id, 'bar']));
  return {
    laid,
    spare,
    faced: new Set(),
    centred: new Set(),
    rough: new Map(),
    opened: new Set(),
    done,
    held: null,
  };
}

const flat = ({ z0, z1 }: Placed, r: number): OutlinePoint[] => [
  { z: z0, r },
  { z: z1, r },
];

/** The shape that stands at a section now; null inside, where there is still metal. */
export function shapeAt(piece: Piece, section: Placed): readonly OutlinePoint[] | null {
  if (piece.done.has(section.id)) return section.points;
  const rough = piece.rough.get(section.id);
  if (rough) return rough;
  if (section.side === 'external') return flat(section, piece.laid.barRadius);
  return piece.laid.holeRadius > 0 ? flat(section, piece.laid.holeRadius) : null;
}

/** The same with the corners that are cut or filled already. */
export function drawnAt(piece: Piece, section: Placed): readonly OutlinePoint[] | null {
  const shape = shapeAt(piece, section);
  if (!shape || !piece.done.has(section.id)) return shape;
  return piece.laid.details
    .filter((d) => d.on === section.id && d.corner && d.at && piece.done.has(d.id))
    .reduce((points, { at, corner }) => (at && corner ? withCorner(points, at, corner) : points), shape);
}

/** The largest radius that stands at a section now; 0 where there is none. */
export const standing = (piece: Piece, section: Placed): number =>
  Math.max(0, ...(shapeAt(piece, section) ?? []).map((p) => p.r));

/** Whether nothing was done yet at an outside section. */
export const isRaw = (piece: Piece, section: Placed): boolean =>
  !piece.done.has(section.id) && !piece.rough.has(section.id);

/** Largest and smallest radius of the outside between two places; the bar's beyond the part. */
export function outsideRadii(piece: Piece, from: number, to: number): { largest: number; smallest: number } {
  const { laid } = piece;
  const radii = outsideBetween(piece, from, to).map((p) => p.r);
  if (from < -SAME || to > laid.length + SAME || radii.length === 0) radii.push(laid.barRadius);
  return { largest: Math.max(...radii), smallest: Math.min(...radii) };
}

/** The part's outside as it stands between two places: its corners there, and where the two places cut it. */
export const outsideBetween = (piece: Piece, from: number, to: number): readonly OutlinePoint[] =>
  piece.laid.outside
    .filter((s) => s.z1 > from + SAME && s.z0 < to - SAME)
    .flatMap((s) => within(shapeAt(piece, s) ?? [], from, to));

function within(points: readonly OutlinePoint[], from: number, to: number): OutlinePoint[] {
  return points.flatMap((a, i) => {
    const b = points[i + 1];
    if (!b || b.z < from || a.z > to) return [];
    const at = (z: number): OutlinePoint => ({
      z,
      r: b.z === a.z ? a.r : a.r + ((b.r - a.r) * (z - a.z)) / (b.z - a.z),
    });
    return [at(Math.max(a.z, from)), at(Math.min(b.z, to))];
  });
}

/** Radius of the hole at a face now; 0 while it is solid. */
export function mouthRadius(piece: Piece, end: End): number {
  const { laid } = piece;
  const z = end === 'headstock' ? 0 : laid.length;
  const at = laid.inside
    .filter((s) => s.z0 <= z + SAME && s.z1 >= z - SAME)
    .flatMap((s) => (shapeAt(piece, s) ?? []).filter((p) => Math.abs(p.z - z) <= SAME).map((p) => p.r));
  return Math.max(laid.holeRadius, ...at);
}

/** The same once everything is cut: never less than it is now. */
export const finishedMouth = (piece: Piece, end: End): number =>
  Math.max(
    mouthRadius(piece, end),
    mouthRadius({ ...piece, done: new Map(piece.laid.inside.map((s) => [s.id, ''])) }, end),
  );

/** Whether a centre can stand at an end: a hole was made for it, and no wider one has taken its place. */
export function takesCentre(piece: Piece, end: End): boolean {
  return piece.centred.has(end) && mouthBearsCentre(piece, end);
}

/** Radius of the mouth that the smallest centre drill leaves. */
const LEAST_MOUTH = (MOUTH_OF_BODY * CENTRE_DRILLS[0]) / 2;

export function mouthBearsCentre(piece: Piece, end: End): boolean {
  const { laid } = piece;
  const face = end === 'headstock' ? laid.outside[0] : laid.outside.at(-1);
  const edge = face?.points.at(end === 'headstock' ? 0 : -1)?.r ?? laid.barRadius;
  return Math.max(mouthRadius(piece, end), LEAST_MOUTH) <= CENTRE_MOUTH * edge;
}

/** Features finished, as the piece then is. */
export function finished(piece: Piece, ids: readonly string[], holding: string): Piece {
  const done = new Map(piece.done);
  ids.forEach((id) => done.set(id, holding));
  return { ...piece, done };
}

/** Outside features taken down to a shape that is not theirs yet. */
export function roughed(
  piece: Piece,
  shapes: readonly (readonly [string, readonly OutlinePoint[]])[],
): Piece {
  return { ...piece, rough: new Map([...piece.rough, ...shapes]) };
}

/** A hole drilled from an end to the bottom of a section. */
export function drilled(piece: Piece, section: Placed, radius: number): Piece {
  const passed = piece.laid.inside.filter(
    (s) =>
      s.from === section.from &&
      !piece.done.has(s.id) &&
      (section.from === 'headstock' ? s.z1 <= section.z1 + SAME : s.z0 >= section.z0 - SAME),
  );
  return roughed(
    piece,
    passed
      .filter((s) => Math.max(0, ...(shapeAt(piece, s) ?? []).map((p) => p.r)) < radius)
      .map((s) => [s.id, flat(s, Math.min(radius, s.smallest))] as const),
  );
}

/**
 * The sections between one and the free end where nothing is to be thicker than it: the tool comes over them from the face
 * and takes them down on its way. None where something thicker stands between, or is done already.
 */
export function onTheWay(piece: Piece, section: Placed, free: End): readonly Placed[] {
  const { outside } = piece.laid;
  const at = outside.indexOf(section);
  const between = free === 'tailstock' ? outside.slice(at + 1) : outside.slice(0, at);
  return between.every((s) => s.largest <= section.largest + SAME && !piece.done.has(s.id)) ? between : [];
}

/** An outside turned down to one radius along a section and all the way to it; a groove beside it goes with it. */
export function turnedDown(piece: Piece, section: Placed, radius: number, free: End): Piece {
  const { outside } = piece.laid;
  const at = outside.indexOf(section);
  const beside = [outside[at - 1], outside[at + 1]].filter(
    (s): s is Placed => isGroove(s) && isRaw(piece, s) && s.largest <= radius,
  );
  const thicker = (s: Placed): boolean => (shapeAt(piece, s) ?? []).some((p) => p.r > radius + SAME);
  const taken = new Set([section, ...beside, ...onTheWay(piece, section, free).filter(thicker)]);
  return roughed(
    piece,
    [...taken].map((s) => [s.id, flat(s, radius)] as const),
  );
}
