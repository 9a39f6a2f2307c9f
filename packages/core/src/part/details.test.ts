import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainText } from '../figure/phrase';
import { detailSummary, type DetailFeature, type Feature } from './kinds/registry';
import { layoutPart } from './layout';

const body: Feature = { id: 'a', name: 'Body', kind: 'cylinder', side: 'external', diameter: 40, length: 30 };
const nose: Feature = { id: 'b', name: 'Nose', kind: 'cylinder', side: 'external', diameter: 24, length: 20 };
const hole: Feature = {
  id: 'h',
  name: 'Hole',
  kind: 'bore',
  side: 'internal',
  from: 'tailstock',
  diameter: 10,
  length: 50,
};
const PART = [body, nose, hole];
const DEG = Math.PI / 180;
const NAMED = { id: 'x', name: 'X' } as const;
type Given<K extends DetailFeature['kind']> = Omit<
  Extract<DetailFeature, { kind: K }>,
  'id' | 'name' | 'side' | 'kind'
>;
const detail = <K extends DetailFeature['kind']>(kind: K, given: Given<K>): Feature =>
  ({ id: 'd', name: 'Detail', kind, side: 'external', ...given }) as unknown as Feature;
const laid = (one: Feature, part: readonly Feature[] = PART) => {
  const { sections, details, problems } = layoutPart([...part, one]);
  const drawn = (id: string) => sections.find((s) => s.id === id)?.drawn ?? [];
  return { drawn, detail: details[0], problem: problems.get('d') };
};
const at = (points: readonly { z: number; r: number }[]): number[][] =>
  points.map(({ z, r }) => [Number(z.toFixed(6)), Number(r.toFixed(6))]);

describe('a corner beside a cone', () => {
  const cone = (id: string, largeEnd: 'headstock' | 'tailstock', largeDiameter: number): Feature => ({
    id,
    name: id,
    kind: 'taper',
    side: 'external',
    largeEnd,
    largeDiameter,
    smallDiameter: largeDiameter - 4,
    length: 20,
  });
  const part = [cone('near', 'headstock', 30), body, cone('far', 'tailstock', 34)];
  const fits = (end: 'headstock' | 'tailstock', size: number): boolean =>
    laid(detail('chamfer', { at: end, on: 'a', size }), part).problem === undefined;
  it('has room to what stands of it at that very place', () => {
    // 26 across on one side of the body's 40, and 30 on the other.
    expect([fits('headstock', 6.9), fits('headstock', 7.1)]).toEqual([true, false]);
    expect([fits('tailstock', 4.9), fits('tailstock', 5.1)]).toEqual([true, false]);
  });
});

describe('a centre in a row of features', () => {
  it('is told by its mouth, once it has one', () => {
    const said = (more: object): string =>
      plainText(
        detailSummary({ ...detail('centre', { at: 'tailstock' }), ...more } as DetailFeature),
      ).replaceAll('\u00a0', ' ');
    expect(said({ diameter: 6 })).toBe('⌀6.00 mm at the mouth');
    expect(said({})).toBe('');
  });
});

describe('a chamfer', () => {
  it('cuts the corner of its feature at a face', () => {
    const { drawn } = laid(detail('chamfer', { at: 'headstock', on: 'a', size: 2 }));
    expect(at(drawn('a'))).toEqual([
      [0, 18],
      [2, 20],
      [30, 20],
    ]);
  });
  it('cuts it at a step, by its own angle', () => {
    const { drawn } = laid(detail('chamfer', { at: 'tailstock', on: 'a', size: 2, angle: Math.PI / 6 }));
    expect(at(drawn('a'))).toEqual([
      [0, 20],
      [28, 20],
      [30, Number((20 - 2 * Math.tan(Math.PI / 6)).toFixed(6))],
    ]);
  });
  it.each([
    ['headstock', 'a', 1],
    ['tailstock', 'a', 2],
    ['tailstock', 'b', 1],
    ['headstock', 'h', 1],
    ['tailstock', 'h', 1],
  ] as const)('at the %s end of %s lies as its points do, along the axis', (end, on, size) => {
    const { detail: placed } = laid(detail('chamfer', { at: end, on, size }));
    const places = placed!.points!.map(({ z }) => z);
    expect(places).toEqual([...places].sort((a, b) => a - b));
    expect([places[0], places.at(-1)]).toEqual([placed!.z0, placed!.z1]);
    expect(placed!.z1 - placed!.z0).toBeCloseTo(size, 9);
  });
  it('opens the mouth of a hole', () => {
    const { drawn, detail: placed } = laid(detail('chamfer', { at: 'tailstock', on: 'h', size: 1 }));
    expect(at(drawn('h')).slice(-2)).toEqual([
      [49, 5],
      [50, 6],
    ]);
    expect(placed).toMatchObject({ side: 'internal', from: 'tailstock' });
  });
  it('at the far mouth of a hole right through is reached from there', () => {
    const { detail: placed } = laid(detail('chamfer', { at: 'headstock', on: 'h', size: 1 }));
    expect(placed).toMatchObject({ side: 'internal', from: 'headstock', z0: 0, z1: 1 });
  });
  it.each([
    ['between two walls', { at: 'headstock' as const, on: 'b', size: 1 }, 'at'],
    ['longer than its feature', { at: 'tailstock' as const, on: 'b', size: 21 }, 'size'],
    ['deeper than the step', { at: 'tailstock' as const, on: 'a', size: 9 }, 'size'],
    ['flat along the axis', { at: 'tailstock' as const, on: 'a', size: 1, angle: 0 }, 'angle'],
    ['on what is gone', { at: 'tailstock' as const, on: 'x', size: 1 }, 'on'],
    ['on nothing yet', { at: 'tailstock' as const, size: 1 }, 'on'],
    ['of no size', { at: 'tailstock' as const, on: 'a' }, 'size'],
  ])('%s says so at the figure', (_what, given, field) => {
    const { problem, drawn } = laid(detail('chamfer', given));
    expect(problem?.field).toBe(field);
    expect(drawn('a')).toHaveLength(2);
  });
  it('does not meet another at the same corner, nor run into one at the other end', () => {
    const one: Feature = { ...detail('chamfer', { at: 'tailstock', on: 'b', size: 6 }), id: 'c' } as Feature;
    expect(
      laid(detail('chamfer', { at: 'tailstock', on: 'b', size: 1 }), [...PART, one]).problem?.field,
    ).toBe('at');
    const long: Feature = { ...body, length: 8 };
    const first: Feature = {
      ...detail('chamfer', { at: 'headstock', on: 'a', size: 5 }),
      id: 'c',
    } as Feature;
    const second = detail('chamfer', { at: 'tailstock', on: 'a', size: 4 });
    expect(laid(second, [long, nose, first]).problem?.field).toBe('size');
  });
  it('has no corner where the next has the same diameter', () => {
    const same: Feature = { ...nose, diameter: 40 };
    expect(laid(detail('chamfer', { at: 'tailstock', on: 'a', size: 1 }), [body, same]).problem?.field).toBe(
      'at',
    );
  });
});

describe('a corner radius', () => {
  it('fills the corner between two walls, and rounds one that stands out', () => {
    const filled = laid(detail('corner-radius', { at: 'headstock', on: 'b', radius: 3 })).drawn('b');
    expect(at([filled[0]!])).toEqual([[30, 15]]);
    expect(Math.min(...filled.map((p) => p.r))).toBeCloseTo(12, 9);
    const round = laid(detail('corner-radius', { at: 'tailstock', on: 'b', radius: 3 })).drawn('b');
    expect(at([round.at(-1)!])).toEqual([[50, 9]]);
  });
  it('touches both its sides, whatever the slope: every point lies its radius from one middle', () =>
    fc.assert(
      fc.property(
        fc.double({ min: -0.4, max: 0.4, noNaN: true }),
        fc.double({ min: 0.2, max: 2, noNaN: true }),
        (slope, radius) => {
          const cone: Feature = {
            id: 'a',
            name: 'Cone',
            kind: 'taper',
            side: 'external',
            largeEnd: slope > 0 ? 'headstock' : 'tailstock',
            largeDiameter: 40,
            length: 12,
            halfAngle: Math.max(1e-3, Math.abs(slope)),
          };
          const { detail: placed } = laid(detail('corner-radius', { at: 'tailstock', on: 'a', radius }), [
            cone,
          ]);
          const arc = placed?.corner ?? [];
          // The middle by three of its points.
          const [p, q, s] = [arc[0]!, arc[4]!, arc.at(-1)!];
          const d = 2 * (p.z * (q.r - s.r) + q.z * (s.r - p.r) + s.z * (p.r - q.r));
          const sq = (v: { z: number; r: number }): number => v.z ** 2 + v.r ** 2;
          const middle = {
            z: (sq(p) * (q.r - s.r) + sq(q) * (s.r - p.r) + sq(s) * (p.r - q.r)) / d,
            r: (sq(p) * (s.z - q.z) + sq(q) * (p.z - s.z) + sq(s) * (q.z - p.z)) / d,
          };
          for (const point of arc)
            expect(Math.hypot(point.z - middle.z, point.r - middle.r)).toBeCloseTo(radius, 6);
          // The last lies on the face, where the arc's direction is the face's: its middle is square to it.
          expect(middle.r).toBeCloseTo(arc.at(-1)!.r, 6);
        },
      ),
    ));
});

describe('what is cut away from the lathe', () => {
  it('flats lie on their feature, counted from one of its ends', () => {
    const { detail: placed } = laid(
      detail('flats', { at: 'tailstock', on: 'a', across: 34, count: 2, length: 10, start: 5 }),
    );
    expect(placed).toMatchObject({ z0: 15, z1: 25, points: [{ r: 17 }, { r: 17 }] });
  });
  it('a cross hole is counted from its face', () => {
    const { detail: placed } = laid(detail('cross-hole', { at: 'tailstock', diameter: 6, place: 12 }));
    expect(placed).toMatchObject({ z0: 35, z1: 41 });
  });
  it.each([
    ['flats wider than the feature', detail('flats', { at: 'headstock', on: 'b', across: 25 }), 'across'],
    ['flats on a hole', detail('flats', { at: 'headstock', on: 'h', across: 5 }), 'on'],
    ['half a flat', detail('flats', { at: 'headstock', on: 'a', across: 34, count: 2.5 }), 'count'],
    ['flats past its end', detail('flats', { at: 'headstock', on: 'a', across: 34, length: 31 }), 'length'],
    [
      'flats that begin at its end',
      detail('flats', { at: 'headstock', on: 'a', across: 34, start: 30 }),
      'start',
    ],
    [
      'a cross hole past the part',
      detail('cross-hole', { at: 'headstock', diameter: 6, place: 51 }),
      'place',
    ],
    [
      'a cross hole that breaks out of the face it is counted from',
      detail('cross-hole', { at: 'headstock', diameter: 6, place: 2.9 }),
      'place',
    ],
    [
      'a cross hole that breaks out of the far face',
      detail('cross-hole', { at: 'headstock', diameter: 6, place: 47.5 }),
      'place',
    ],
    [
      'one that cuts it in two',
      detail('cross-hole', { at: 'tailstock', diameter: 24, place: 10 }),
      'diameter',
    ],
    [
      'a tang as thick as the part',
      detail('tang', { at: 'tailstock', thickness: 24, length: 8 }),
      'thickness',
    ],
    ['a centre where a hole opens', detail('centre', { at: 'tailstock', diameter: 6 }), 'at'],
    ['a centre wider than its face', detail('centre', { at: 'headstock', diameter: 41 }), 'diameter'],
  ])('%s is refused at its figure', (_what, one, field) => {
    expect(laid(one).problem?.field).toBe(field);
  });
  it('a cross hole may come up to a face, not out of it', () => {
    expect(laid(detail('cross-hole', { at: 'headstock', diameter: 6, place: 3 })).problem).toBeUndefined();
  });
  it('a corner radius is an arc that touches both sides of its corner, straight or on a cone', () => {
    for (const halfAngle of [0, 8 * DEG, -5 * DEG]) {
      const radius = 2;
      const slope = Math.tan(halfAngle);
      const host: Feature =
        halfAngle === 0
          ? { ...NAMED, kind: 'cylinder', side: 'external', diameter: 40, length: 30 }
          : {
              ...NAMED,
              ...{ kind: 'taper', side: 'external', largeEnd: halfAngle > 0 ? 'headstock' : 'tailstock' },
              ...{ largeDiameter: 40, length: 30, halfAngle: Math.abs(halfAngle) },
            };
      const round: Feature = {
        id: 'r',
        name: 'R',
        kind: 'corner-radius',
        side: 'external',
        at: 'tailstock',
        on: 'x',
        radius,
      };
      const { details, problems, sections } = layoutPart([host, round]);
      expect(problems.size).toBe(0);
      const { points } = details[0]!;
      const end = sections[0]!.points.at(-1)!;
      // Its middle lies a radius inside the face, and a radius square off the side.
      const z = end.z - radius;
      const r = end.r + slope * radius - radius / Math.cos(halfAngle);
      for (const point of points) expect(Math.hypot(point.z - z, point.r - r)).toBeCloseTo(radius, 9);
      const rising = points.map((p) => p.z);
      expect(rising).toEqual([...rising].sort((a, b) => a - b));
      expect(points.at(-1)!.z).toBeCloseTo(end.z, 9);
    }
  });
  it('says its size in a few characters', () => {
    const said = (one: Feature): string => plainText(detailSummary(one)).replaceAll('\u00a0', ' ');
    expect(said(detail('flats', { at: 'headstock', on: 'a', across: 34 }))).toBe('2 × 34.00 mm across');
    expect(said(detail('cross-hole', { at: 'headstock', designation: 'M6' }))).toBe('M6');
    expect(said(body)).toBe('');
  });
});
