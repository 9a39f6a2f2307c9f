// @vitest-environment jsdom
import { bestFit, plainText, sampled, shapeCurve, type Piece } from '@anello/core';
import { DxfWriter, point2d, point3d } from '@tarikjabiri/dxf';
import { describe, expect, it } from 'vitest';
import { toDxf } from '../sheets/toDxf';
import { toSvg } from '../sheets/toSvg';
import { readCsv, type ReadProfile } from './readProfile';
import { readDxf } from './readDxf';
import { profileCsv, profileSheet } from './writeProfile';

/** The profile that was read, as pieces. */
const asPieces = ({ points }: ReadProfile): Piece[] =>
  shapeCurve(
    points.map((p) => ({
      z: p.z,
      r: p.diameter / 2,
      ...(p.run ? { run: p.run } : {}),
      ...(p.radius ? { radius: p.radius } : {}),
      ...(p.bulge ? { bulge: p.bulge } : {}),
    })),
  );

const curve = shapeCurve([
  { z: 0, r: 9 },
  { z: 20, r: 7, run: 'ogee' },
  { z: 44, r: 13, run: 'ogee' },
  { z: 60, r: 9, run: 'arc', radius: 20, bulge: 'out' },
]);

/** How far apart two profiles are at the worst, places of one laid on the other as they stand. */
const apart = (read: Piece[], wanted: Piece[]): number => {
  const fit = bestFit({ pieces: wanted, measured: sampled(read, 0.5, 0.001) });
  return Math.abs(fit.worst.off) + Math.hypot(fit.shift.z, fit.shift.r);
};

describe('a profile through files and back', () => {
  it('DXF: written by the sheet, read by another library, it is the same curve', () => {
    const sheet = profileSheet('Handle', curve);
    const read = readDxf(
      toDxf({
        ...sheet,
        marks: sheet.marks
          .map((m) =>
            m.kind === 'line' ? { ...m, x1: m.x1 - 10, x2: m.x2 - 10, y1: m.y1 - 10, y2: m.y2 - 10 } : m,
          )
          .filter((m) => m.pen === 'part'),
      }),
      'mm',
      'x',
    );
    expect(read.left).toEqual([]);
    expect(apart(asPieces(read), curve)).toBeLessThan(0.005);
  });
  it('CSV: every place comes back', async () => {
    const read = readCsv(await profileCsv(curve), 'mm');
    expect(read.left).toEqual([]);
    expect(apart(asPieces(read), curve)).toBeLessThan(0.06);
    expect(readCsv('0,1\n1,2', 'inch').points[1]).toEqual({ z: 25.4, diameter: 50.8 });
    expect(readCsv('a,b\n0,10\nhello 3\n5,12', 'mm').left).toEqual([['line 3']]);
  });
  it('SVG: full size, its user unit the millimetre', () => {
    const svg = new DOMParser().parseFromString(
      toSvg(profileSheet('Handle', curve)),
      'image/svg+xml',
    ).documentElement;
    const xs = [...svg.querySelectorAll('line')].flatMap((l) => [
      Number(l.getAttribute('x1')),
      Number(l.getAttribute('x2')),
    ]);
    expect(svg.getAttribute('width')).toBe('80mm');
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(70, 3);
  });
});

describe('drawings from elsewhere', () => {
  const drawing = (draw: (w: DxfWriter) => void): string => {
    const writer = new DxfWriter();
    draw(writer);
    return writer.stringify();
  };
  it('lines and arcs in any order and either way round become one profile, arcs kept as arcs', () => {
    const text = drawing((w) => {
      w.addLine(point3d(30, 12), point3d(20, 10));
      w.addArc(point3d(10, 10), 10, 0, 90);
      w.addLine(point3d(0, 20), point3d(10, 20));
    });
    const read = readDxf(text, 'mm', 'x');
    expect(read.left).toEqual([]);
    expect(read.points.map((p) => [p.z, p.diameter])).toEqual(
      [
        [0, 40],
        [10, 40],
        [20, 20],
        [30, 24],
      ].map((row) => row.map((v) => expect.closeTo(v, 6))),
    );
    expect(read.points[2]).toMatchObject({ run: 'arc', radius: expect.closeTo(10, 6), bulge: 'out' });
  });
  it('a polyline’s bulge is its arc, hollow where it is hollow', () => {
    const text = drawing((w) => {
      w.addLWPolyline([
        { point: point2d(0, 10) },
        { point: point2d(5, 10), bulge: Math.tan(Math.PI / 8) },
        { point: point2d(15, 10) },
      ]);
    });
    const read = readDxf(text, 'mm', 'x');
    expect(read.points.at(-1)).toMatchObject({
      run: 'arc',
      bulge: 'in',
      radius: expect.closeTo(5 * Math.SQRT2, 6),
    });
    expect(readDxf(text.replaceAll('\n', '\n'), 'inch', 'x').points.at(-1)!.z).toBeCloseTo(15 * 25.4, 6);
  });
  it('its axis may lie along y, and what cannot be turned is named', () => {
    const text = drawing((w) => {
      w.addLine(point3d(8, 0), point3d(9, 20));
      w.addCircle(point3d(0, 0), 3);
    });
    const read = readDxf(text, 'mm', 'y');
    expect(read.points.map((p) => [p.z, p.diameter])).toEqual([
      [0, 16],
      [20, 18],
    ]);
    expect(read.left).toEqual([['1 × circle']]);
  });
  it('a gap is bridged straight and said; nothing at all is said', () => {
    const gap = drawing((w) => {
      w.addLine(point3d(0, 5), point3d(10, 5));
      w.addLine(point3d(12, 6), point3d(20, 6));
    });
    expect(
      readDxf(gap, 'mm', 'x')
        .left.map((said) => plainText(said, 'mm'))
        .join(),
    ).toContain('a gap at 12.00\u00a0mm');
    expect(
      readDxf(
        drawing(() => undefined),
        'mm',
        'x',
      ).points,
    ).toEqual([]);
  });
});
