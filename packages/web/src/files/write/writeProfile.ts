import { sampled, type Piece } from '@anello/core/curve';
import { csvOf } from '../csv';
import { line, type Mark, type Sheet } from '../sheet';

const MARGIN = 10;
const SAG = 0.002;

/** A profile with its centre line as a sheet, full size, for DXF and SVG: arcs as arcs. */
export function profileSheet(title: string, pieces: readonly Piece[]): Sheet {
  const points = sampled(pieces, 1, SAG);
  const [from, to] = [Math.min(...points.map((p) => p.z)), Math.max(...points.map((p) => p.z))];
  const most = Math.max(...points.map((p) => p.r));
  const x = (z: number): number => MARGIN + z - from;
  const y = (r: number): number => MARGIN + r;
  return {
    title,
    width: to - from + 2 * MARGIN,
    height: most + 2 * MARGIN,
    marks: [
      ...pieces.map((piece): Mark =>
        piece.kind === 'line'
          ? line('part', x(piece.a.z), y(piece.a.r), x(piece.b.z), y(piece.b.r))
          : { ...piece, kind: 'arc', pen: 'part', x: x(piece.c.z), y: y(piece.c.r), r: piece.radius },
      ),
      line('centre', MARGIN / 2, y(0), x(to) + MARGIN / 2, y(0)),
    ],
  };
}

/** Places along a profile as CSV: along and diameter, mm. */
export const profileCsv = (pieces: readonly Piece[]): Promise<string> =>
  csvOf(
    ['along mm', 'diameter mm'],
    sampled(pieces, 1, SAG).map((p) => [p.z, 2 * p.r]),
  );
