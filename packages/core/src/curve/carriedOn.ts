import { endOf, headingOf, startOf, type CurvePoint, type Piece } from './piece';

/** An end that falls or climbs more steeply than this is carried on level: the tool comes from beside it. */
const STEEPEST = 1.2;

const slopeOf = (heading: number): number => {
  const slope = Math.tan(heading);
  return Math.abs(Math.cos(heading)) < 1e-9 || Math.abs(slope) > STEEPEST ? 0 : slope;
};

/**
 * A profile carried on straight beyond both its ends, by so much along the axis (mm): what a tool or a stylus wider than
 * nothing meets there, where the profile itself says nothing. Pieces run from the headstock on.
 */
export function carriedOn(pieces: readonly Piece[], by: number): Piece[] {
  const [first, last] = [pieces[0], pieces.at(-1)];
  if (!first || !last || by <= 0) return [...pieces];
  const beyond = (p: CurvePoint, z: number, slope: number): CurvePoint => ({
    z: p.z + z,
    r: p.r + z * slope,
  });
  const [from, to] = [startOf(first), endOf(last)];
  return [
    { kind: 'line', a: beyond(from, -by, slopeOf(headingOf(first, 'start'))), b: from },
    ...pieces,
    { kind: 'line', a: to, b: beyond(to, by, slopeOf(headingOf(last, 'end'))) },
  ];
}
