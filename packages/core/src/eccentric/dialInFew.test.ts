import { describe, expect, it } from 'vitest';
import { dialIn } from './dialIn';

const RIGHT = Math.PI / 2;
const WANTED = { throw: 3, toward: null, limit: 0.05 } as const;

describe('work set off the axis, read at few places', () => {
  it('by the highest alone is refused: the lowest is asked for', () => {
    for (const readings of [[], [{ direction: 0, reading: 3 }]])
      expect(() => dialIn({ ...WANTED, readings, extremes: true })).toThrow(
        expect.objectContaining({ code: 'underdetermined', field: 'readings' }),
      );
  });
  it('at three jaws tells the line of the two that are opposite, whichever they are, and asks for the fourth', () => {
    const at = (jaw: number, reading: number) => ({ direction: jaw * RIGHT, reading });
    const along = dialIn({ ...WANTED, readings: [at(0, 6), at(1, 2.8), at(2, 0)] });
    expect([along.at.y, along.readNext, along.direction]).toEqual([null, 4, null]);
    expect(along.at.x).toBeCloseTo(3, 12);
    const across = dialIn({ ...WANTED, readings: [at(1, 0.4), at(0, 3), at(3, 4.4)] });
    expect([across.at.x, across.readNext]).toEqual([null, 3]);
    expect(across.at.y).toBeCloseTo(-2, 12);
    // The high side is taken to lie on that line: what is missing is moved along it.
    expect(across.wanted.y).toBeCloseTo(-3, 12);
    expect(across.moves.map(({ jaw, action }) => [jaw, action])).toEqual([
      [4, 'loosen'],
      [2, 'tighten'],
    ]);
    expect(across.moves[0]!.by).toBeCloseTo(1, 12);
    const left = dialIn({ ...WANTED, readings: [at(0, 0), at(2, 4)] });
    expect([left.wanted.x, left.readNext]).toEqual([-3, 2]);
  });
  it('at three places no two of which are opposite is refused without the diameter', () => {
    const readings = [0, 2, 4].map((third) => ({ direction: (third * Math.PI) / 3, reading: third }));
    expect(() => dialIn({ ...WANTED, readings })).toThrow(
      expect.objectContaining({ code: 'underdetermined', field: 'readings' }),
    );
    expect(dialIn({ ...WANTED, readings, diameter: 40 }).at.x).not.toBeNull();
  });
  it('a second line that is near enough is left alone, and a first one never', () => {
    const jaws = (x: number, y: number) =>
      [x, y, -x, -y].map((off, jaw) => ({ direction: jaw * RIGHT, reading: 10 + off }));
    const moved = (x: number, y: number): number[] =>
      dialIn({ readings: jaws(x, y), throw: 3, toward: 1, limit: 0.1 }).moves.map(({ jaw }) => jaw);
    expect(moved(2.5, 0.01)).toEqual([1, 3]);
    expect(moved(2.5, 0.2)).toEqual([1, 3, 4, 2]);
    expect(moved(2.9, 0.5)).toEqual([4, 2, 1, 3]);
    expect(moved(3, 0.04)).toEqual([]);
  });
});
