import { AnelloError } from '../basics/error';
import { notNegative } from '../basics/check';
import { leastSquares } from '../basics/linear';
import type { Member } from '../taper/task';
import { arcsAlong } from './arcsAlong';
import type { Measured } from './bestFit';
import { nearestOn } from './nearestOn';
import { surfaceOf } from './offsetProfile';
import { sampled, type CurvePoint, type Piece } from './piece';
import { least, most } from '../basics/extent';

/**
 * Which of the two its mate is.
 *
 * @example
 * mateOf('external')
 * // → 'internal'
 */
export const mateOf = (member: Member): Member => (member === 'external' ? 'internal' : 'external');

/** The mate's curve is followed to this, mm. */
const FOLLOWED = 5e-4;

/**
 * The curve of a part's mate, a clearance (mm) from it everywhere and square to it: a plug's socket outside it, a
 * socket's plug inside. It is the path of a nose as round as the clearance, so no loop can stand in it. Errors:
 * out-of-range; impossible where a plug would have no metal left; underdetermined without a profile.
 *
 * @example
 * mateCurve({ pieces: CURVE, member: 'external', clearance: 0.1 }).length
 * // → 4
 */
export function mateCurve({
  pieces,
  member,
  clearance,
}: {
  pieces: readonly Piece[];
  member: Member;
  clearance: number;
}): readonly Piece[] {
  notNegative(clearance, 'mateClearance', 'The clearance');
  if (clearance === 0) return pieces;
  if (pieces.length === 0) throw new AnelloError('underdetermined', 'points', 'There is no profile yet.');
  const surface = surfaceOf(pieces, member);
  const sign = member === 'external' ? 1 : -1;
  const mate = arcsAlong((part) => {
    const z = surface.from + part * (surface.to - surface.from);
    return { z, r: sign * (surface.rest(z, clearance)?.r ?? 0) };
  }, FOLLOWED);
  if (!sampled(mate, 1, 0.01).every((p) => p.r > 0))
    throw new AnelloError(
      'impossible',
      'mateClearance',
      'With that much clearance nothing of the plug is left where the curve is thinnest.',
    );
  return mate;
}

/** Rises and falls smaller than this do not hold a plug back, mm. */
const HELD_BACK = 0.01;

/**
 * Whether a plug of this curve can be pushed into a socket of one piece: it only ever grows, or only ever shrinks, along.
 *
 * @example
 * goesInWhole(CURVE)
 * // → true
 */
export function goesInWhole(pieces: readonly Piece[]): boolean {
  const radii = sampled(pieces, 0.25, 0.002).map((p) => p.r);
  const against = (sign: 1 | -1): number => {
    let [furthest, most] = [-Infinity, 0];
    for (const r of radii) {
      furthest = Math.max(furthest, sign * r);
      most = Math.max(most, furthest - sign * r);
    }
    return most;
  };
  return Math.min(against(1), against(-1)) <= HELD_BACK;
}

/** The datum of both drawings of a pair lies this far inside the lowest of either line, mm. */
const INSIDE = 10;

/**
 * How far from the axis the line lies that both drawings of a pair are laid by, mm: on the axis where there is no room.
 *
 * @example
 * sharedDatum([{ z: 0, r: 9 }], [{ z: 0, r: 8 }])
 * // → 0
 */
export const sharedDatum = (...lines: readonly (readonly CurvePoint[])[]): number =>
  Math.max(0, least(lines.flat().map((p) => Math.abs(p.r))) - INSIDE);

export interface JointPlace {
  /** Along the joint, mm. */
  readonly z: number;
  /** Room square to it, mm; less than nothing is metal in the way. */
  readonly gap: number;
}

export interface Joint {
  readonly places: readonly JointPlace[];
  readonly least: JointPlace;
  readonly most: JointPlace;
  /** How far toward the tailstock the plug stands out of its place, mm, as far as the gaps tell. */
  readonly shift: number;
  /** It is far enough to be worth a word. */
  readonly shifted: boolean;
  /** Evenly too much room, on diameter, mm. */
  readonly room: number;
  /** Most any gap is out when those two are taken off. */
  readonly left: number;
}

/** A shift smaller than this is not worth a word, mm. */
const FELT = 0.01;

/** Least places each half is measured at. */
const LEAST = 3;

/**
 * The gap along the joint of a plug and its socket, each measured on its own, and the shift along and the evenly wrong
 * size that explain it as well as they can: a plug moved by s closes the gap by s times the curve's own lean there. mm.
 * Errors: underdetermined at `plug` or `socket` with fewer than three places each, or where they share no stretch.
 *
 * @example
 * pairJoint({
 *   pieces: CURVE,
 *   member: 'external',
 *   clearance: 0.1,
 *   plug: [
 *     { z: 2, r: 9 },
 *     { z: 28, r: 13 },
 *     { z: 32, r: 13 },
 *   ],
 *   socket: [
 *     { z: 2, r: 9.1 },
 *     { z: 28, r: 13.1 },
 *     { z: 32, r: 13.1 },
 *   ],
 * }).least.gap
 * // → 0.1
 */
export function pairJoint({
  pieces,
  member,
  clearance,
  plug,
  socket,
}: {
  /** The curve drawn, and which of the two it is. */
  pieces: readonly Piece[];
  member: Member;
  clearance: number;
  plug: readonly Measured[];
  socket: readonly Measured[];
}): Joint {
  const mate = mateCurve({ pieces, member, clearance });
  const [plugCurve, socketCurve] = member === 'external' ? [pieces, mate] : [mate, pieces];
  const plugOff = deviations(plugCurve, plug, 'plug');
  const socketOff = deviations(socketCurve, socket, 'socket');
  const from = Math.max(plugOff[0]?.z ?? 0, socketOff[0]?.z ?? 0);
  const to = Math.min(plugOff.at(-1)?.z ?? 0, socketOff.at(-1)?.z ?? 0);
  const along = [...new Set([...plugOff, ...socketOff].map((d) => d.z))]
    .filter((z) => z >= from && z <= to)
    .sort((a, b) => a - b);
  if (along.length < 2)
    throw new AnelloError(
      'underdetermined',
      'socket',
      'Plug and socket must be measured along the same stretch.',
    );
  const places = along.map((z) => ({ z, gap: clearance + offAt(socketOff, z) - offAt(plugOff, z) }));
  const rows = places.map(({ z, gap }) => {
    const { normal } = nearestOn(plugCurve, onCurve(plugOff, z));
    return { terms: [-normal.z, normal.r / 2], value: gap - clearance };
  });
  const [shift = 0, room = 0] = leastSquares(rows, 2);
  const left = rows.map(({ terms, value }) => value - (terms[0] ?? 0) * shift - (terms[1] ?? 0) * room);
  const by = (better: (a: number, b: number) => boolean): JointPlace =>
    places.reduce((a, b) => (better(b.gap, a.gap) ? b : a));
  return {
    places,
    least: by((a, b) => a < b),
    most: by((a, b) => a > b),
    shift,
    shifted: Math.abs(shift) >= FELT,
    room,
    left: most(left.map(Math.abs)),
  };
}

/** How far a half's surface lies outside its drawing, by place along, in order. */
interface Off extends CurvePoint {
  readonly off: number;
}

function deviations(pieces: readonly Piece[], measured: readonly Measured[], field: string): Off[] {
  if (measured.length < LEAST)
    throw new AnelloError('underdetermined', field, 'Measure each half at three places at least.');
  return measured
    .map((p) => {
      const { foot, off } = nearestOn(pieces, p);
      return { ...foot, off };
    })
    .sort((a, b) => a.z - b.z);
}

function between(list: readonly Off[], z: number, of: (d: Off) => number): number {
  const after = list.findIndex((d) => d.z >= z);
  const b = list[after === -1 ? list.length - 1 : after];
  const a = list[Math.max(0, (after === -1 ? list.length : after) - 1)];
  if (!a || !b || b.z === a.z) return b ? of(b) : 0;
  return of(a) + ((of(b) - of(a)) * (z - a.z)) / (b.z - a.z);
}
const offAt = (list: readonly Off[], z: number): number => between(list, z, (d) => d.off);
const onCurve = (list: readonly Off[], z: number): CurvePoint => ({ z, r: between(list, z, (d) => d.r) });
