import type { Place } from './drawing';

/** A place of a curve for each part of it from 0 to 1. */
type Curve = (part: number) => Place;

/** A quadratic or cubic curve by its three or four control points. */
export function bezier(points: readonly Place[]): Curve {
  const [a, b, c, d] = (points.length === 4 ? points : raised(points)) as [Place, Place, Place, Place];
  return (part) => {
    const rest = 1 - part;
    const [ofA, ofD] = [rest * rest * rest, part * part * part];
    const [ofB, ofC] = [3 * rest * rest * part, 3 * rest * part * part];
    return {
      x: ofA * a.x + ofB * b.x + ofC * c.x + ofD * d.x,
      y: ofA * a.y + ofB * b.y + ofC * c.y + ofD * d.y,
    };
  };
}

/** The cubic that is the same curve as a quadratic. */
function raised([a, b, c]: readonly Place[]): Place[] {
  const [from, by, to] = [a as Place, b as Place, c as Place];
  const toward = (end: Place): Place => ({
    x: end.x + (2 / 3) * (by.x - end.x),
    y: end.y + (2 / 3) * (by.y - end.y),
  });
  return [from, toward(from), toward(to), to];
}

/** An arc of an ellipse by its centre: as a path's own seven figures name it, worked back from its ends. */
export interface CentredArc {
  readonly centre: Place;
  readonly rx: number;
  readonly ry: number;
  /** Its long axis from x, rad. */
  readonly turn: number;
  readonly from: number;
  readonly sweep: number;
}

/** A path's arc by its centre, or null where a radius of nothing makes it a straight. Source: SVG 2, appendix B.2.4. */
export function centredArc(a: Place, figures: readonly number[]): CentredArc | null {
  const [givenX = 0, givenY = 0, degrees = 0, large = 0, onward = 0, x = 0, y = 0] = figures;
  if (givenX === 0 || givenY === 0) return null;
  const turn = (degrees / 180) * Math.PI;
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  const half = { x: (a.x - x) / 2, y: (a.y - y) / 2 };
  const p = { x: cos * half.x + sin * half.y, y: cos * half.y - sin * half.x };
  // Radii too small to span the ends are grown until they do.
  const short = Math.sqrt(Math.max(1, (p.x / givenX) ** 2 + (p.y / givenY) ** 2));
  const [rx, ry] = [Math.abs(givenX) * short, Math.abs(givenY) * short];
  const across = (p.x / rx) ** 2 + (p.y / ry) ** 2;
  if (across === 0) return null;
  const off = (large === onward ? -1 : 1) * Math.sqrt(Math.max(0, 1 / across - 1));
  const c = { x: (off * rx * p.y) / ry, y: (-off * ry * p.x) / rx };
  const from = Math.atan2((p.y - c.y) / ry, (p.x - c.x) / rx);
  const to = Math.atan2((-p.y - c.y) / ry, (-p.x - c.x) / rx);
  const turned = (((to - from) % TURN) + TURN) % TURN;
  return {
    centre: { x: cos * c.x - sin * c.y + (a.x + x) / 2, y: sin * c.x + cos * c.y + (a.y + y) / 2 },
    rx,
    ry,
    turn,
    from,
    sweep: onward ? turned : turned - TURN,
  };
}
const TURN = 2 * Math.PI;

export function alongArc({ centre, rx, ry, turn, from, sweep }: CentredArc): Curve {
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  return (part) => {
    const angle = from + part * sweep;
    const [u, v] = [rx * Math.cos(angle), ry * Math.sin(angle)];
    return { x: centre.x + cos * u - sin * v, y: centre.y + sin * u + cos * v };
  };
}
