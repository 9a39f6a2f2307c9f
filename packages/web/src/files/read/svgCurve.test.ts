import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { alongArc, bezier, centredArc } from './svgCurve';

const figure = (min: number, max: number): fc.Arbitrary<number> => fc.double({ min, max, noNaN: true });

describe('curves of a path', () => {
  it('an arc’s centre, radii and sweep come back from its ends', () => {
    fc.assert(
      fc.property(
        fc.record({
          centre: fc.record({ x: figure(-50, 50), y: figure(-50, 50) }),
          rx: figure(1, 30),
          ry: figure(1, 30),
          turn: figure(-1.5, 1.5),
          from: figure(-3, 3),
          sweep: fc.oneof(figure(0.1, 3), figure(3.3, 6), figure(-3, -0.1), figure(-6, -3.3)),
        }),
        (arc) => {
          const at = alongArc(arc);
          const [a, b] = [at(0), at(1)];
          const large = Math.abs(arc.sweep) > Math.PI ? 1 : 0;
          const onward = arc.sweep > 0 ? 1 : 0;
          const found = centredArc(a, [arc.rx, arc.ry, (arc.turn / Math.PI) * 180, large, onward, b.x, b.y])!;
          expect(found.sweep).toBeCloseTo(arc.sweep, 6);
          const again = alongArc(found);
          for (const part of [0, 0.3, 0.7, 1]) {
            expect(again(part).x).toBeCloseTo(at(part).x, 5);
            expect(again(part).y).toBeCloseTo(at(part).y, 5);
          }
        },
      ),
      { seed: 11 },
    );
  });
  it('radii too small to span the ends are grown, and one of nothing is a straight', () => {
    const grown = centredArc({ x: 0, y: 0 }, [1, 1, 0, 0, 1, 10, 0])!;
    expect([grown.rx, grown.centre.x, grown.centre.y]).toEqual([5, 5, expect.closeTo(0, 9)]);
    expect(centredArc({ x: 0, y: 0 }, [0, 4, 0, 0, 1, 10, 0])).toBeNull();
    expect(centredArc({ x: 3, y: 3 }, [4, 4, 0, 0, 1, 3, 3])).toBeNull();
  });
  it('a cubic and a quadratic are those of halving again and again between their control points', () => {
    const halved = (points: readonly { x: number; y: number }[], t: number): { x: number; y: number } =>
      points.length === 1
        ? points[0]!
        : halved(
            points.slice(1).map((b, i) => ({
              x: points[i]!.x + t * (b.x - points[i]!.x),
              y: points[i]!.y + t * (b.y - points[i]!.y),
            })),
            t,
          );
    const place = fc.record({ x: figure(-9, 9), y: figure(-9, 9) });
    fc.assert(
      fc.property(fc.array(place, { minLength: 3, maxLength: 4 }), figure(0, 1), (points, t) => {
        const [found, wanted] = [bezier(points)(t), halved(points, t)];
        expect(found.x).toBeCloseTo(wanted.x, 9);
        expect(found.y).toBeCloseTo(wanted.y, 9);
      }),
      { seed: 12 },
    );
  });
});
