import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainText } from '../figure/phrase';
import { JAWS } from '../holding/circleFit';
import { dialIn, indicatorPlan } from './dialIn';
import { real } from '../real.testdata';
import { at, round } from './needle.testdata';

describe('dialled in from any of the readings', () => {
  it('three readings of work exactly a throw off ask for no move once the diameter is known', () => {
    const readings = round(8, 0, 40, [0, Math.PI / 2, Math.PI]);
    const found = dialIn({ readings, diameter: 40, throw: 8, toward: 1, limit: 0.02 });
    expect(found).toMatchObject({ inside: true, moves: [] });
    expect(found.at.y).toBeCloseTo(0, 8);
  });
  const e = 4.75;
  it('the moves bring it to the throw, toward the jaw asked for, from wherever it stood', () => {
    fc.assert(
      fc.property(real(-8, 8), real(-8, 8), fc.constantFrom(1, 2, 3, 4, null), (x, y, toward) => {
        fc.pre(Math.hypot(x, y) > 0.1);
        const found = dialIn({ readings: at(x, y, JAWS), throw: e, toward, limit: 0.02 });
        let [nx, ny] = [x, y];
        for (const { jaw, action, by } of found.moves) {
          // Half of each pair of moves: easing one and tightening the other is one move of the work.
          if (action !== 'tighten') continue;
          const direction = JAWS[jaw - 1]!;
          nx -= by * Math.cos(direction);
          ny -= by * Math.sin(direction);
        }
        expect(Math.hypot(nx, ny)).toBeCloseTo(e, 2);
        if (toward !== null)
          expect((nx * Math.cos(JAWS[toward - 1]!) + ny * Math.sin(JAWS[toward - 1]!)) / e).toBeCloseTo(1, 4);
        expect(dialIn({ readings: at(nx, ny, JAWS), throw: e, toward, limit: 0.02 }).inside).toBe(true);
      }),
      { seed: 3 },
    );
  });
  it('any three jaws say as much as four; two opposite ones the half of it, and which to read next', () => {
    for (const left of [0, 1, 2, 3]) {
      const three = JAWS.filter((_, i) => i !== left);
      const readings = round(3, -2, 40, three);
      expect(dialIn({ readings, diameter: 40, throw: e, toward: 1, limit: 0.02 }).throwNow).toBeCloseTo(
        Math.hypot(3, 2),
        9,
      );
      // Without the diameter only the two that face each other are believed, and the one left out is asked for.
      const line = dialIn({ readings, throw: e, toward: 1, limit: 0.02 });
      expect([line.inside, line.readNext]).toEqual([false, left + 1]);
      const along = left % 2 === 0 ? line.at.y : line.at.x;
      expect(along).toBeCloseTo(left % 2 === 0 ? -2 : 3, 9);
    }
    const two = dialIn({ readings: at(3, -2, [0, Math.PI]), throw: e, toward: 1, limit: 0.02 });
    expect(two.at).toEqual({ x: expect.closeTo(3, 9), y: null });
    expect([two.direction, two.inside, two.readNext]).toEqual([null, false, 2]);
    expect(two.moves.map((m) => [m.jaw, m.action])).toEqual([
      [1, 'loosen'],
      [3, 'tighten'],
    ]);
  });
  it('the highest and the lowest with where they lie say all of it', () => {
    fc.assert(
      fc.property(real(1, 8), real(-3, 3), (size, direction) => {
        const readings = at(size * Math.cos(direction), size * Math.sin(direction), [
          direction,
          direction + Math.PI,
        ]);
        const found = dialIn({ readings, extremes: true, throw: e, toward: null, limit: 0.02 });
        expect(found.throwNow).toBeCloseTo(size, 9);
        expect(Math.cos(found.direction! - direction)).toBeCloseTo(1, 9);
      }),
      { seed: 4 },
    );
  });
  it('a high side at the wrong jaw is not inside, though the swing is right', () => {
    expect(dialIn({ readings: at(-e, 0, JAWS), throw: e, toward: 1, limit: 0.02 }).inside).toBe(false);
    expect(dialIn({ readings: at(-e, 0, JAWS), throw: e, toward: null, limit: 0.02 }).inside).toBe(true);
  });
  it.each([
    [{ readings: [{ direction: 0, reading: 1 }] }, 'underdetermined', 'readings'],
    [
      {
        readings: [
          { direction: 0, reading: 1 },
          { direction: 1, reading: 0 },
        ],
        extremes: true,
      },
      'inconsistent',
      'readings.1',
    ],
    [{ readings: at(1, 1, JAWS), throw: 0 }, 'out-of-range', 'throw'],
    [{ readings: at(1, 1, JAWS), limit: -1 }, 'out-of-range', 'limit'],
  ])('%j is refused', (more, code, field) => {
    expect(() => dialIn({ throw: e, toward: 1, limit: 0.02, ...more } as never)).toThrow(
      expect.objectContaining({ code, field }),
    );
  });
  it('is right only by what is round: a ring with lobes says nothing of its throw', () => {
    const lobed = (lobe: number): string => {
      const readings = Array.from({ length: 12 }, (_, i) => {
        const direction = (i * Math.PI) / 6;
        return { direction, reading: 4.75 * Math.cos(direction) + lobe * Math.cos(3 * direction) };
      });
      const found = dialIn({ readings, throw: 4.75, toward: 0, limit: 0.05 });
      expect(found.inside).toBe(true);
      return plainText(found.said).replaceAll('\u00a0', ' ');
    };
    expect(lobed(0.03)).toContain('0.060 mm out of round itself');
    expect(lobed(0.02)).toContain('The throw is right: nip all four');
  });
  it('an indicator too short for the swing is read over a block', () => {
    expect(indicatorPlan({ throw: 4.75, range: 10 }).direct).toBe(false);
    expect(indicatorPlan({ throw: 4.75, range: 25 }).direct).toBe(true);
    expect(indicatorPlan({ throw: 4.75, range: null }).block).toBe(9.5);
  });
});
