import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SIZE_METHODS, standOffBy } from './registry';

const method = (id: string) => SIZE_METHODS.find((m) => m.id === id)!;
const a = 0.1;
const task = (member: 'external' | 'internal') =>
  ({ member, largeDiameter: 40, smallDiameter: 30, length: 49.8, halfAngle: a }) as unknown as Parameters<
    (typeof SIZE_METHODS)[number]['standOff']
  >[2];

/** Lowers a ball into a cone that is `left` small on diameter until it touches, by stepping. */
function topOfBall(left: number, size: number): number {
  const r = size / 2;
  const wall = (z: number): number => (40 - left) / 2 - z * Math.tan(a);
  let [high, low] = [-60, 60];
  for (let i = 0; i < 60; i++) {
    const centre = (high + low) / 2;
    let touches = false;
    for (let t = -1; t <= 1; t += 0.0005) {
      const z = centre + r * t;
      if (Math.sqrt(1 - t * t) * r > wall(z)) touches = true;
    }
    if (touches) low = centre;
    else high = centre;
  }
  return high - r;
}

describe('every way of sizing comes to the same stand-off', () => {
  it('on a ball, against lowering it in', () => {
    for (const left of [0, 0.3, 1, -0.2]) {
      const seen = topOfBall(left, 34);
      expect(method('ball').standOff(seen, { ball: 34 }, task('internal'))).toBeCloseTo(
        left / (2 * Math.tan(a)),
        2,
      );
    }
  });
  it('over rollers, against the small end it has', () => {
    fc.assert(
      fc.property(fc.double({ min: -0.5, max: 2, noNaN: true }), (left) => {
        const D = 12;
        const seen = 30 + left + D * (1 + Math.tan(a) + 1 / Math.cos(a));
        expect(method('rollers').standOff(seen, { roller: D }, task('external'))).toBeCloseTo(
          left / (2 * Math.tan(a)),
          6,
        );
      }),
    );
  });
  it('between two faces: what is over the wanted distance', () => {
    expect(method('depth').standOff(7.2, { wanted: 5 }, task('external'))).toBeCloseTo(2.2, 9);
  });
  it('between two limit lines is right, in the middle exactly', () => {
    const lines = method('limit-lines');
    expect(lines.standOff(0.6, { apart: 1.2 }, task('internal'))).toBe(0);
    expect(lines.band!({ apart: 1.2 })).toBe(0.6);
    expect(lines.standOff(-1, { apart: 1.2 }, task('internal'))).toBeGreaterThan(0.6);
    expect(lines.standOff(1.5, { apart: 1.2 }, task('internal'))).toBeLessThan(-0.6);
  });
  it.each([
    ['depth', {}, 3, 'wanted'],
    ['rollers', { roller: 0 }, 60, 'roller'],
    ['rollers', { roller: 12 }, 20, 'measurement'],
    ['ball', { ball: 90 }, 3, 'ball'],
    ['limit-lines', { apart: -1 }, 3, 'apart'],
    ['stand-off', {}, Number.NaN, 'seen'],
    ['stand-off', {}, 99_999, 'seen'],
    ['stand-off', {}, -99_999, 'seen'],
    ['depth', { wanted: 3 }, 4000, 'seen'],
    ['limit-lines', { apart: 1.2 }, 4000, 'seen'],
    ['rollers', { roller: 12 }, 4000, 'seen'],
    ['ball', { ball: 34 }, -4000, 'seen'],
  ] as const)('%s with %j says so at its field', (id, given, seen, field) => {
    const { members } = method(id);
    expect(() => standOffBy(method(id), seen, given, task(members[0]!))).toThrow(
      expect.objectContaining({ field }),
    );
  });
});
