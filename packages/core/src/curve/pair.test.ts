import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nearestOn } from './nearestOn';
import { goesInWhole, mateCurve, pairJoint, sharedDatum } from './pair';
import { sampled, type CurvePoint } from './piece';
import { shapeCurve } from './shapeCurve';
import { real } from '../real.testdata';

const plug = shapeCurve([
  { z: 0, r: 8 },
  { z: 20, r: 13, run: 'ogee' },
  { z: 34, r: 13 },
  { z: 46, r: 10, run: 'arc', radius: 20, bulge: 'out' },
]);
const moved = (points: readonly CurvePoint[], dz: number, dr: number): CurvePoint[] =>
  points.map((p) => ({ z: p.z + dz, r: p.r + dr }));
/** Clear of the ends, where a parallel curve turns round the corner. */
const inner = (points: readonly CurvePoint[]): CurvePoint[] => points.filter((p) => p.z > 1 && p.z < 45);

describe('the mate of a curve', () => {
  it('stands the clearance away everywhere, square to it, outside a plug and inside a socket', () => {
    fc.assert(
      fc.property(real(0.02, 0.8), (clearance) => {
        for (const [member, side] of [
          ['external', 1],
          ['internal', -1],
        ] as const) {
          const mate = mateCurve({ pieces: plug, member, clearance });
          for (const p of inner(sampled(mate, 0.5)))
            expect(Math.abs(nearestOn(plug, p).off - side * clearance)).toBeLessThan(0.001);
        }
      }),
      { numRuns: 20, seed: 1 },
    );
  });
  it('leaves a plug metal, or says that it cannot', () => {
    expect(() => mateCurve({ pieces: plug, member: 'internal', clearance: 9 })).toThrow(
      expect.objectContaining({ code: 'impossible', field: 'mateClearance' }),
    );
    expect(mateCurve({ pieces: plug, member: 'external', clearance: 9 }).length).toBeGreaterThan(0);
  });
  it('both its drawings are laid by one datum, on the axis where there is no room', () => {
    const line = (...rs: number[]) => rs.map((r, z) => ({ z, r }));
    expect(sharedDatum(line(30, 25), line(31, 26))).toBe(15);
    expect(sharedDatum(line(-30, -25), line(31, 22))).toBe(12);
    expect(sharedDatum(line(6), line(7))).toBe(0);
  });
  it('is the curve itself with no clearance, and refuses less', () => {
    expect(mateCurve({ pieces: plug, member: 'external', clearance: 0 })).toBe(plug);
    expect(() => mateCurve({ pieces: plug, member: 'external', clearance: -0.1 })).toThrow(
      expect.objectContaining({ field: 'mateClearance' }),
    );
  });
});

it('a plug thickest in its middle never goes into a whole socket; one that only grows does, either way round', () => {
  expect(goesInWhole(plug)).toBe(false);
  const cone = [
    { z: 0, r: 8 },
    { z: 20, r: 13, run: 'ogee' as const },
    { z: 30, r: 13 },
  ];
  expect(goesInWhole(shapeCurve(cone))).toBe(true);
  expect(goesInWhole(shapeCurve([...cone].reverse().map(({ z, r }) => ({ z: 30 - z, r }))))).toBe(true);
});

describe('the gap along a joint', () => {
  const clearance = 0.2;
  const socket = mateCurve({ pieces: plug, member: 'external', clearance });
  const measure = (pieces: Parameters<typeof sampled>[0]): CurvePoint[] => inner(sampled(pieces, 1.5, 0.001));
  const joint = (plugAt: CurvePoint[], socketAt: CurvePoint[]) =>
    pairJoint({ pieces: plug, member: 'external', clearance, plug: plugAt, socket: socketAt });

  it('of two halves made as drawn it is the clearance all along, and nothing needs explaining', () => {
    const found = joint(measure(plug), measure(socket));
    for (const { gap } of found.places) expect(gap).toBeCloseTo(clearance, 3);
    expect(found.shift).toBeCloseTo(0, 2);
    expect(found.left).toBeLessThan(0.002);
  });
  it('a plug that stands too far along, or is too thin, is found as just that', () => {
    fc.assert(
      fc.property(real(-0.15, 0.15), real(-0.1, 0.1), (shift, thin) => {
        const found = joint(moved(measure(plug), shift, -thin / 2), measure(socket));
        expect(found.shift).toBeCloseTo(shift, 1);
        expect(found.room).toBeCloseTo(thin, 1);
        if (Math.abs(shift) > 0.08) expect(found.shifted).toBe(true);
        expect(found.left).toBeLessThan(0.02);
      }),
      { numRuns: 25, seed: 2 },
    );
  });
  it('names the tightest place; metal in the way is a gap of less than nothing', () => {
    const fat = measure(plug).map((p, i) => (i === 10 ? { z: p.z, r: p.r + 0.5 } : p));
    const found = joint(fat, measure(socket));
    expect(found.least.gap).toBeLessThan(0);
    expect(found.least.z).toBeCloseTo(nearestOn(plug, fat[10]!).foot.z, 6);
    expect(found.left).toBeGreaterThan(0.2);
  });
  it('a socket drawn and its plug made tell the same', () => {
    const found = pairJoint({
      pieces: socket,
      member: 'internal',
      clearance,
      plug: measure(plug),
      socket: measure(socket),
    });
    for (const { gap } of found.places) expect(gap).toBeCloseTo(clearance, 2);
  });
  it.each([
    [[], 'plug'],
    [measure(plug).slice(0, 2), 'plug'],
  ])('wants three places of each half', (few, field) => {
    expect(() => joint(few, measure(socket))).toThrow(expect.objectContaining({ field }));
    expect(() => joint(measure(plug), few)).toThrow(expect.objectContaining({ field: 'socket' }));
  });
  it('halves measured along different stretches say nothing of their joint', () => {
    const all = measure(plug);
    expect(() => joint(all.slice(0, 6), measure(socket).slice(-6))).toThrow(
      expect.objectContaining({ code: 'underdetermined' }),
    );
  });
});
