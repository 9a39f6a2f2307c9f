import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plungeStops } from './plungeStops';
import { feedForFinish, theoreticalFinish } from './theoreticalFinish';

const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('plunging a groove', () => {
  it('begins at its near side, ends with the tool’s far side at its far one, and leaves no wall between', () => {
    fc.assert(
      fc.property(mm(0, 500), mm(0.5, 6), mm(0, 60), (near, width, room) => {
        const far = near + width + room;
        const stops = plungeStops({ near, far, width });
        expect(stops[0]).toBe(near);
        expect(stops.at(-1)! + width).toBeCloseTo(far, 6);
        stops.forEach((at, i) => {
          const next = stops[i + 1];
          if (next !== undefined) expect(next - at).toBeLessThanOrEqual(0.9 * width + 1e-6);
        });
      }),
    );
  });
  it('a tool as wide as the groove cuts it at once', () => {
    expect(plungeStops({ near: 94, far: 97, width: 3 })).toEqual([94]);
  });
  it('a tool of no width, one wider than the groove and a hair are refused at their box', () => {
    for (const width of [0, -1, 3.1, 1e-6])
      expect(() => plungeStops({ near: 94, far: 97, width })).toThrow(
        expect.objectContaining({ field: 'width' }),
      );
  });
});

describe('a feed for a finish', () => {
  it('is the one whose marks come to it', () => {
    fc.assert(
      fc.property(mm(0.0001, 0.02), mm(0.05, 5), (ra, noseRadius) => {
        const feed = feedForFinish({ ra, noseRadius });
        expect(theoreticalFinish({ feed, noseRadius }).ra / ra).toBeCloseTo(1, 9);
      }),
    );
  });
});
