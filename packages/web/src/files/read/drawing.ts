import { arcsAlong, pointOn, type Along, type Piece } from '@anello/core/curve';
import { length, type Phrase } from '@anello/core/figure';
import { arcStretch, type Stretch } from './chain';
import { joined, type ReadProfile } from './readProfile';

/** A place on a drawing as its file has it, y upward. */
export interface Place {
  readonly x: number;
  readonly y: number;
}

/** A straight or an arc of a drawing, and what its file calls the pen it was drawn with. */
export interface Drawn {
  readonly from: Place;
  readonly to: Place;
  readonly centre?: Place;
  readonly layer: string;
}

/** Which way a file's own axes lie: the part's axis along x, or along y. */
export type AxisAlong = 'x' | 'y';

export interface Reading {
  /** One unit of the file, mm. */
  readonly scale: number;
  readonly axis: AxisAlong;
  /** Where the part's axis lies across it, in the file's units, when no centre line is drawn. */
  readonly axisAt: number;
}

/** Ellipses and splines are followed by arcs to this, mm. */
const FOLLOWED = 5e-4;
/** Nearer the axis than this is on it, mm. */
const ON_AXIS = 0.005;

/** A curve of a file as straights and arcs, in its own units. */
export function followed(at: (part: number) => Place, scale: number, layer: string): Drawn[] {
  const along: Along = (part) => {
    const { x, y } = at(part);
    return { z: x, r: y };
  };
  return arcsAlong(along, FOLLOWED / scale).map((piece) => drawnPiece(piece, layer));
}

export function drawnPiece(piece: Piece, layer: string): Drawn {
  const place = (part: number): Place => {
    const { z, r } = pointOn(piece, part);
    return { x: z, y: r };
  };
  const ends = { from: place(0), to: place(1), layer };
  return piece.kind === 'line' ? ends : { ...ends, centre: { x: piece.c.z, y: piece.c.r } };
}

/** Arcs of more than this are given as two: their shorter way round is not theirs. */
const MOST_SWEEP = 0.9 * Math.PI;

/** An arc about a centre from an angle through a sweep, rad, anticlockwise positive. */
export function drawnArc(centre: Place, radius: number, from: number, sweep: number, layer: string): Drawn[] {
  const count = Math.max(1, Math.ceil(Math.abs(sweep) / MOST_SWEEP));
  const at = (k: number): Place => {
    const angle = from + (sweep * k) / count;
    return { x: centre.x + radius * Math.cos(angle), y: centre.y + radius * Math.sin(angle) };
  };
  return Array.from({ length: count }, (_, k) => ({ from: at(k), to: at(k + 1), centre, layer }));
}

interface Put {
  readonly z: number;
  readonly r: number;
}

/**
 * A profile from a drawing: measured from its centre line where one is drawn along the axis, or from where the axis is
 * said to be; of a part drawn with both halves the upper one. What was left out, and what was taken for the axis, is said.
 */
export function profileOf(drawn: readonly Drawn[], left: readonly Phrase[], reading: Reading): ReadProfile {
  const { scale, axis, axisAt } = reading;
  const across = (p: Place): number => (axis === 'x' ? p.y : p.x);
  const along = (p: Place): number => (axis === 'x' ? p.x : p.y);
  const lines = drawn.filter((d) => isCentreLine(d, across));
  const level = lines[0] ? across(lines[0].from) : axisAt;
  const put = (p: Place): Put => ({ z: along(p) * scale, r: (across(p) - level) * scale });
  const placed = drawn
    .filter((d) => !lines.includes(d))
    .map((d) => ({ from: put(d.from), to: put(d.to), centre: d.centre && put(d.centre) }))
    .filter((d) => Math.max(Math.abs(d.from.r), Math.abs(d.to.r)) > ON_AXIS || d.centre);
  const { kept, below } = upperHalf(placed);
  const said: Phrase[] = [
    ...left,
    ...(below > 0 ? [[`${below} below the axis, the same part’s other side`] as const] : []),
  ];
  const taken: Phrase =
    lines.length > 0
      ? ['its centre line is the axis']
      : ['its axis taken at ', length(axisAt * scale, 0.01), ' across'];
  return { ...joined(kept.map(stretchOf), said), taken };
}

const CENTRE_NAMES = /cent(re|er)|axis/i;
const isCentreLine = (d: Drawn, across: (p: Place) => number): boolean =>
  !d.centre && CENTRE_NAMES.test(d.layer) && Math.abs(across(d.from) - across(d.to)) < 1e-6;

interface Placed {
  readonly from: Put;
  readonly to: Put;
  readonly centre?: Put | undefined;
}

/** The half above the axis, where there is one; what crosses it is cut off there. */
function upperHalf(placed: readonly Placed[]): { kept: Placed[]; below: number } {
  const height = ({ from, to }: Placed): number => from.r + to.r;
  if (!placed.some((d) => height(d) > ON_AXIS)) return { kept: placed.map(mirrored), below: 0 };
  const upper = placed.filter((d) => Math.max(d.from.r, d.to.r) > ON_AXIS);
  return { kept: upper.map(cutOff), below: placed.length - upper.length };
}

const mirrored = ({ from, to, centre }: Placed): Placed => ({
  from: { ...from, r: Math.abs(from.r) },
  to: { ...to, r: Math.abs(to.r) },
  centre: centre && { ...centre, r: -centre.r },
});

function cutOff(d: Placed): Placed {
  if (d.centre || Math.min(d.from.r, d.to.r) >= 0) return d;
  const part = d.from.r / (d.from.r - d.to.r);
  const crossing = { z: d.from.z + part * (d.to.z - d.from.z), r: 0 };
  return d.from.r < 0 ? { from: crossing, to: d.to } : { from: d.from, to: crossing };
}

const stretchOf = ({ from, to, centre }: Placed): Stretch =>
  centre ? arcStretch(from, to, centre) : { from, to };
