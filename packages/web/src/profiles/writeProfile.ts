import { sampled, type Piece } from '@anello/core';
import { csvOf } from '../lib/csv';
import { line, type Sheet } from '../sheets/sheet';

const MARGIN = 10;
const STEP = 0.25;
const SAG = 0.002;

/** A profile with its centre line as a sheet, full size, for DXF and SVG. */
export function profileSheet(title: string, pieces: readonly Piece[]): Sheet {
  const points = sampled(pieces, STEP, SAG);
  const [from, to] = [Math.min(...points.map((p) => p.z)), Math.max(...points.map((p) => p.z))];
  const most = Math.max(...points.map((p) => p.r));
  const x = (z: number): number => MARGIN + z - from;
  const y = (r: number): number => MARGIN + r;
  return {
    title,
    width: to - from + 2 * MARGIN,
    height: most + 2 * MARGIN,
    marks: [
      ...points.slice(1).map((p, i) => {
        const before = points[i] ?? p;
        return line('part', x(before.z), y(before.r), x(p.z), y(p.r));
      }),
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
