import { bestFit, nearestOn, sampled, shapeCurve, type Piece } from '@anello/core/curve';
import { plainText } from '@anello/core/figure';
import { DxfWriter, point2d, point3d } from '@tarikjabiri/dxf';
import { describe, expect, it } from 'vitest';
import { toDxf } from '../write/toDxf';
import { toSvg } from '../write/toSvg';
import type { AxisAlong } from './drawing';
import { readDxf } from './readDxf';
import { readCsv, type FileUnit, type ReadProfile } from './readProfile';
import { readSvg as readShapes } from './readSvg';
import { svgShapes } from './svgShapes';
import { profileCsv, profileSheet } from '../write/writeProfile';

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

const readSvg = (text: string, how: Parameters<typeof readShapes>[1]): ReadProfile =>
  readShapes(svgShapes(text), how);

/** How a file is to be taken. */
const as = (unit: FileUnit, axis: AxisAlong = 'x', axisAt: number | null = null) => ({ unit, axis, axisAt });

/** How far apart two profiles are at the worst, places of one laid on the other as they stand. */
const apart = (read: Piece[], wanted: Piece[]): number => {
  const fit = bestFit({ pieces: wanted, measured: sampled(read, 0.5, 0.001) });
  return Math.abs(fit.worst.off) + Math.hypot(fit.shift.z, fit.shift.r);
};

describe('a profile through files and back', () => {
  it('DXF: written by the sheet, read by another library, it is the same curve', () => {
    const read = readDxf(toDxf(profileSheet('Handle', curve)), as('file'));
    expect(read.points.filter((p) => p.run === 'arc')).toHaveLength(5);
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
    const read = readSvg(toSvg(profileSheet('Handle', curve)), as('file'));
    expect(read.left).toEqual([]);
    expect(apart(asPieces(read), curve)).toBeLessThan(0.002);
    expect(svg.getAttribute('width')).toBe('80mm');
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
    const read = readDxf(text, as('mm'));
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
    const read = readDxf(text, as('mm'));
    expect(read.points.at(-1)).toMatchObject({
      run: 'arc',
      bulge: 'in',
      radius: expect.closeTo(5 * Math.SQRT2, 6),
    });
    expect(readDxf(text.replaceAll('\n', '\n'), as('inch')).points.at(-1)!.z).toBeCloseTo(15 * 25.4, 6);
  });
  it('its axis may lie along y, and what cannot be turned is named', () => {
    const text = drawing((w) => {
      w.addLine(point3d(8, 0), point3d(9, 20));
      w.addCircle(point3d(0, 0), 3);
    });
    const read = readDxf(text, as('mm', 'y'));
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
      readDxf(gap, as('mm'))
        .left.map((said) => plainText(said, 'mm'))
        .join(),
    ).toContain('a gap at 12.00\u00a0mm');
    expect(
      readDxf(
        drawing(() => undefined),
        as('mm'),
      ).points,
    ).toEqual([]);
  });

  it('an ellipse and a spline become arcs that keep within a micrometre of them', () => {
    const ellipse = drawing((w) => w.addEllipse(point3d(20, 4), point3d(20, 0), 0.5, Math.PI / 2, Math.PI));
    const read = readDxf(ellipse, as('mm'));
    expect(read.left).toEqual([]);
    for (const { z, r } of sampled(asPieces(read), 0.5, 0.0002)) {
      const x = (z - 20) / 20;
      expect(r).toBeCloseTo(4 + 10 * Math.sqrt(Math.max(0, 1 - x * x)), x > -0.98 ? 2 : 1);
    }
    const text = drawing((w) =>
      w.addSpline({
        controlPoints: [point3d(0, 8), point3d(10, 8), point3d(20, 14), point3d(30, 14)],
        knots: [0, 0, 0, 0, 1, 1, 1, 1],
      }),
    );
    const bezier = asPieces(readDxf(text, as('mm')));
    for (const t of [0.1, 0.37, 0.5, 0.81]) {
      const u = 1 - t;
      const p = {
        z: 30 * t * t * u + 30 * t * u * u + 30 * t ** 3 + 30 * t * t * u,
        r: 8 * u ** 3 + 24 * u * u * t + 42 * u * t * t + 14 * t ** 3,
      };
      expect(Math.abs(nearestOn(bezier, p).off)).toBeLessThan(0.001);
    }
  });
  it('a whole ellipse or a weighted spline is named and left', () => {
    const whole = drawing((w) => w.addEllipse(point3d(20, 4), point3d(20, 0), 0.5, 0, 2 * Math.PI));
    expect(readDxf(whole, as('mm')).left).toContainEqual(['1 × ellipse']);
  });
  it('a drawing of both halves about a centre line is read once, from that line', () => {
    const text = drawing((w) => {
      w.addLayer('CENTER', 1, 'CONTINUOUS');
      for (const side of [1, -1]) {
        w.addLine(point3d(0, 50 + side * 8), point3d(20, 50 + side * 8));
        w.addLine(point3d(20, 50 + side * 8), point3d(32, 50 + side * 5));
      }
      w.addLine(point3d(-5, 50), point3d(40, 50), { layerName: 'CENTER' });
    });
    const read = readDxf(text, as('mm'));
    expect(read.points.map((p) => [p.z, p.diameter])).toEqual([
      [0, 16],
      [20, 16],
      [32, 10],
    ]);
    expect(plainText(read.taken!)).toContain('centre line');
    expect(plainText(read.left[0]!)).toContain('other side');
  });
  it('where no centre line is drawn the axis is where it is said to be', () => {
    const text = drawing((w) => w.addLine(point3d(0, 58), point3d(20, 60)));
    expect(readDxf(text, as('mm', 'x', 50)).points.map((p) => p.diameter)).toEqual([16, 20]);
  });
});

describe('SVG from elsewhere', () => {
  const svg = (inside: string, size = 'width="100mm" height="60mm" viewBox="0 0 100 60"'): string =>
    `<svg xmlns="http://www.w3.org/2000/svg" ${size}>${inside}</svg>`;
  const axis = '<line id="centre" x1="0" y1="50" x2="100" y2="50"/>';

  it('curves of every kind stand where they are after their transforms', () => {
    const read = readSvg(
      svg(`${axis}<g transform="translate(10 0)"><path transform="scale(2 1)"
        d="M0 42 h5 c 2 0 3 -4 5 -4 q 3 0 5 2 a 10 5 0 0 1 10 5 l 5 1"/></g>`),
      as('file'),
    );
    expect(read.left).toEqual([]);
    expect(read.points[0]).toMatchObject({ z: 0, diameter: 16 });
    expect(read.points.at(-1)!.z).toBeCloseTo(60, 6);
    expect(read.points.at(-1)!.diameter).toBeCloseTo(8, 6);
    // The ellipse's quarter after the scale: half-axes 20 and 5 about (30 + 10, 45).
    const pieces = asPieces(read);
    expect(Math.abs(nearestOn(pieces, { z: 10, r: 8 }).off)).toBeLessThan(0.001);
    expect(Math.abs(nearestOn(pieces, { z: 15, r: 10 }).off)).toBeLessThan(0.05);
  });
  it('a round arc is the same, however its ellipse is said to be turned', () => {
    const turned = (by: number) =>
      readSvg(svg(`${axis}<path d="M0 42 h5 a 10 10 ${by} 0 1 10 10"/>`), as('file')).points;
    expect(turned(0).some(({ run }) => run === 'arc')).toBe(true);
    for (const by of [40, -75, 180])
      turned(by).forEach((point, i) => {
        expect(point.z).toBeCloseTo(turned(0)[i]!.z, 9);
        expect(point.diameter).toBeCloseTo(turned(0)[i]!.diameter, 9);
        expect(point.radius ?? 0).toBeCloseTo(turned(0)[i]!.radius ?? 0, 9);
      });
  });
  it('its size in inches, a unit chosen, and pixels all mean what they say', () => {
    const path = '<polyline points="0,40 10,40 20,30"/>';
    const wide = (given: string, unit: FileUnit): number =>
      readSvg(svg(axis + path, given), as(unit)).points.at(-1)!.z;
    expect(wide('width="2in" viewBox="0 0 100 60"', 'file')).toBeCloseTo(20 * 0.508, 9);
    expect(wide('width="2in" viewBox="0 0 100 60"', 'mm')).toBeCloseTo(20, 9);
    expect(wide('', 'file')).toBeCloseTo((20 * 25.4) / 96, 9);
    expect(wide('', 'inch')).toBeCloseTo(20 * 25.4, 9);
  });
  it('a closed outline loses what lies on or under the axis; what is not drawn is not read', () => {
    const read = readSvg(
      svg(
        `<defs><path d="M0 0L90 0"/></defs><rect x="10" y="40" width="30" height="10"/><circle r="4"/>${axis}`,
      ),
      as('file'),
    );
    expect(read.points.map((p) => [p.z, p.diameter])).toEqual([
      [0, 0],
      [0, 20],
      [30, 20],
      [30, 0],
    ]);
    expect(read.left).toEqual([['1 × circle']]);
  });
  it('without a centre line the lower edge of the page is the axis, or where it is said to be', () => {
    const drawn = svg('<path d="M0 40H20"/>');
    expect(readSvg(drawn, as('file')).points[0]!.diameter).toBeCloseTo(40, 9);
    expect(readSvg(drawn, as('file', 'x', 50)).points[0]!.diameter).toBeCloseTo(20, 9);
  });
  it('a page without a view of its own ends where its height says, in millimetres too', () => {
    const read = readSvg(svg('<path d="M0 0H96"/>', 'width="50mm" height="25.4mm"'), as('file'));
    expect(read.points[0]!.diameter).toBeCloseTo(2 * 25.4, 6);
    expect(read.points[1]!.z).toBeCloseTo(25.4, 6);
  });
  it('what is no SVG is refused in words', () => {
    for (const text of ['<html/>', 'not at all', ''])
      expect(() => readSvg(text, as('file'))).toThrow(expect.objectContaining({ code: 'unreadable' }));
  });
});
