import { pointOn, type Piece } from '@anello/core/curve';
import { describe, expect, it } from 'vitest';
import { curveLine } from './curveLine';

const straight = (z: number, r: number): Piece => ({ kind: 'line', a: { z: 0, r: 10 }, b: { z, r } });
const cove = (radius: number): Piece => ({
  kind: 'arc',
  c: { z: 0, r: 3 * radius },
  radius,
  from: 0,
  sweep: Math.PI / 2,
});

describe('a curve as it is drawn', () => {
  it('has a place every quarter of a millimetre, and its own ends', () => {
    const line = curveLine([straight(30, 10)]);
    expect(line).toHaveLength(121);
    expect(line[0]).toEqual({ z: 0, r: 10 });
    expect(line.at(-1)).toEqual({ z: 30, r: 10 });
  });
  it('follows an arc within two micrometres', () => {
    const arc = cove(8);
    const line = curveLine([arc]);
    line.slice(1).forEach((p, i) => {
      const before = line[i]!;
      const [z, r] = [(p.z + before.z) / 2, (p.r + before.r) / 2];
      expect(8 - Math.hypot(z, r - 24)).toBeLessThan(0.0021);
    });
    expect(line.at(-1)).toEqual(pointOn(arc, 1));
  });
  it('of any size is drawn with as many places, where a slip made it kilometres large', () => {
    expect(curveLine([straight(30, 1e9), straight(1e9, 5)]).length).toBeLessThan(8100);
    expect(curveLine([cove(1e9)]).length).toBeLessThan(8100);
  });
  it('of nothing is nothing', () => {
    expect(curveLine([])).toEqual([]);
  });
});
