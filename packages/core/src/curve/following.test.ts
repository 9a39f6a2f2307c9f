import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arcsAlong, type Along } from './arcsAlong';
import { creepFound } from './creep';
import { CLOTH_GRITS, finishing } from './finishing';
import { nearestOn } from './nearestOn';
import { endForEnd, endOf, sampled, startOf } from './piece';
import { reversedShape } from './reversed';
import { shapeCurve, type ShapePoint } from './shapeCurve';
import { standardShape } from './standardShapes';
import { tracerTemplate } from './tracerTemplate';
import { real } from '../real.testdata';

describe('a curve of any kind as arcs and straights', () => {
  const worst = (at: Along, tolerance: number): { off: number; pieces: number } => {
    const pieces = arcsAlong(at, tolerance);
    pieces.slice(1).forEach((p, i) => {
      const before = endOf(pieces[i]!);
      expect(Math.hypot(startOf(p).z - before.z, startOf(p).r - before.r)).toBeLessThan(1e-7);
    });
    const offs = Array.from({ length: 997 }, (_, i) => {
      const p = at(i / 996);
      const { foot } = nearestOn(pieces, p);
      return Math.hypot(foot.z - p.z, foot.r - p.r);
    });
    return { off: Math.max(...offs), pieces: pieces.length };
  };
  it('stays within the tolerance of ellipses and cubics, end to end', () => {
    fc.assert(
      fc.property(real(3, 60), real(3, 30), real(-15, 15), (a, b, pull) => {
        const ellipse: Along = (t) => ({
          z: a * (1 - Math.cos((Math.PI / 2) * t)),
          r: 10 + b * Math.sin((Math.PI / 2) * t),
        });
        const cubic: Along = (t) => ({ z: a * t, r: 20 + pull * t * t * (3 - 2 * t) + b * t * (1 - t) });
        for (const curve of [ellipse, cubic]) {
          const { off, pieces } = worst(curve, 0.002);
          expect(off).toBeLessThan(0.0025);
          expect(pieces).toBeLessThan(90);
        }
      }),
      { numRuns: 25, seed: 3 },
    );
  });
  it('a circle’s arc is arcs of its own radius, a straight stays straight', () => {
    const circle: Along = (t) => ({ z: -20 * Math.cos(Math.PI * t), r: 20 * Math.sin(Math.PI * t) });
    const pieces = arcsAlong(circle, 1e-4);
    expect(pieces).toHaveLength(2);
    for (const p of pieces) expect(p.kind === 'arc' && p.radius).toBeCloseTo(20, 9);
    const straight = arcsAlong((t) => ({ z: 9 * t, r: 4 + t }), 1e-4);
    expect(straight).toEqual([{ kind: 'line', a: { z: 0, r: 4 }, b: { z: 9, r: 5 } }]);
    expect(() => arcsAlong(circle, 0)).toThrow(expect.objectContaining({ field: 'tolerance' }));
  });
});

describe('a profile turned end for end', () => {
  const points: ShapePoint[] = [
    { z: 0, r: 10 },
    { z: 8, r: 8, run: 'arc', radius: 12, bulge: 'in' },
    { z: 20, r: 12, run: 'ogee' },
    { z: 26, r: 11, run: 'tangent' },
    { z: 34, r: 9, run: 'ellipse', bulge: 'out' },
    { z: 40, r: 9.5, run: 'via', via: { z: 37, r: 9.9 } },
    { z: 46, r: 7, run: 'spline' },
    { z: 52, r: 8, run: 'spline' },
  ];
  it('is the mirrored curve, whatever its runs', () => {
    const turned = shapeCurve(reversedShape(points));
    for (const p of sampled(shapeCurve(points), 0.7, 0.01)) {
      const mirrored = { z: 52 - p.z, r: p.r };
      const { foot } = nearestOn(turned, mirrored);
      expect(Math.hypot(foot.z - mirrored.z, foot.r - mirrored.r)).toBeLessThan(1e-3);
    }
  });
  it('as pieces it is the same, and runs on without a gap', () => {
    const turned = endForEnd(shapeCurve(points));
    turned.slice(1).forEach((p, i) => {
      const before = endOf(turned[i]!);
      expect(Math.hypot(startOf(p).z - before.z, startOf(p).r - before.r)).toBeLessThan(1e-8);
    });
    for (const p of sampled(shapeCurve(reversedShape(points)), 0.7, 0.01))
      expect(Math.abs(nearestOn(turned, p).off)).toBeLessThan(1e-3);
  });
  it('twice is the curve it was', () => {
    const again = shapeCurve(reversedShape(reversedShape(points)));
    for (const p of sampled(shapeCurve(points), 0.7, 0.01))
      expect(Math.abs(nearestOn(again, p).off)).toBeLessThan(1e-3);
  });
});

describe('a drawing that has crept', () => {
  const handle = shapeCurve(standardShape('ogee-handle', { diameter: 26, endDiameter: 18, length: 73 }));
  const template = tracerTemplate({
    pieces: handle,
    member: 'external',
    noseRadius: 0.8,
    stylusRadius: 0.8,
  });
  it('is told from its check points read again, along and across', () => {
    fc.assert(
      fc.property(real(-0.4, 0.4), real(-0.2, 0.2), (along, across) => {
        const read = template.checks.map((c) => c.tip + across - along * c.slope);
        const found = creepFound({ template, read });
        expect(found.along).toBeCloseTo(along, 5);
        expect(found.across).toBeCloseTo(across, 5);
        expect(found.left).toBeLessThan(1e-6);
        if (Math.abs(along) > 0.06 || Math.abs(across) > 0.06) expect(found.still).toBe(false);
        expect(Math.abs(found.worst.off)).toBeGreaterThanOrEqual(2 * Math.abs(across) - 1e-6);
      }),
      { numRuns: 40, seed: 4 },
    );
  });
  it('read as it was, it lies where it lay', () => {
    const read = template.checks.map((c) => c.tip);
    expect(creepFound({ template, read }).still).toBe(true);
  });
  it('one place read tells across and not along; none tells nothing', () => {
    const one = creepFound({ template, read: [template.checks[0]!.tip + 0.05, null] });
    expect(one).toMatchObject({ along: null, across: expect.closeTo(0.05, 6) });
    expect(() => creepFound({ template, read: [null, null] })).toThrow(
      expect.objectContaining({ code: 'underdetermined' }),
    );
  });
  it('the real line moved along is told nearly as it was moved', () => {
    const shifted = tracerTemplate({
      pieces: handle.map((p) =>
        p.kind === 'line'
          ? { ...p, a: { ...p.a, z: p.a.z + 0.3 }, b: { ...p.b, z: p.b.z + 0.3 } }
          : { ...p, c: { ...p.c, z: p.c.z + 0.3 } },
      ),
      member: 'external',
      noseRadius: 0.8,
      stylusRadius: 0.8,
    });
    // What a tip finds at the old places: the moved line's own heights there.
    const read = template.checks.slice(1, -1).map((c) => {
      const at = shifted.line.findIndex((p) => p.z >= c.z);
      const was = template.line.findIndex((p) => p.z >= c.z - 1e-9);
      return c.tip + (shifted.line[at]!.r - template.line[was]!.r);
    });
    const found = creepFound({ template: { ...template, checks: template.checks.slice(1, -1) }, read });
    expect(found.along).toBeCloseTo(0.3, 0);
  });
});

describe('file and cloth', () => {
  it('every cloth takes the marks of what went before it, and the sum is what to leave', () => {
    fc.assert(
      fc.property(real(0, 0.2), fc.constantFrom(...CLOTH_GRITS), (ridge, finest) => {
        const { steps, leave, belowRoots } = finishing({ ridge, finest });
        const grits = steps.flatMap((s) => (s.by === 'file' ? [] : [s.by]));
        expect(grits).toEqual([...grits].sort((a, b) => a - b));
        expect(grits.every((g) => g <= finest)).toBe(true);
        expect(leave).toBeCloseTo(2 * steps.reduce((sum, s) => sum + s.takes, 0), 12);
        expect(steps.some((s) => s.by === 'file')).toBe(ridge > 0.03);
        if (ridge > 0.03) expect(leave).toBeGreaterThanOrEqual(2 * ridge);
        expect(belowRoots).toBeCloseTo(Math.max(0, leave / 2 - ridge), 12);
      }),
      { seed: 5 },
    );
  });
  it('low ridges are not attacked with a coarse cloth', () => {
    expect(finishing({ ridge: 0.009, finest: 400 }).steps.map((s) => s.by)).toEqual([180, 240, 320, 400]);
    expect(finishing({ ridge: 0.001, finest: 400 }).steps).toEqual([]);
    expect(() => finishing({ ridge: -1, finest: 400 })).toThrow(expect.objectContaining({ field: 'ridge' }));
  });
});
