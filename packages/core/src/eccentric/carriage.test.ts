import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainText } from '../figure/phrase';
import { carriagePositions } from './carriagePositions';
import { real } from '../real.testdata';

describe('carriage positions from the zeroed face', () => {
  const table = {
    grooves: [
      { at: 4, width: 5, depth: 2 },
      { at: 12, width: 3, depth: 2 },
    ],
    length: 18,
    grooveTool: 3,
    partTool: 2.5,
    leastLand: 1,
  };
  it('the tool cuts the whole groove and nothing but the groove', () => {
    fc.assert(
      fc.property(real(0, 10), real(1, 8), real(0.5, 6), (at, width, tool) => {
        fc.pre(Math.abs(tool - width) > 1e-6);
        const [row] = carriagePositions({
          ...table,
          grooves: [{ at, width, depth: 1 }],
          length: 30,
          grooveTool: tool,
        });
        if (tool > width) {
          expect(row!.stands).toEqual([]);
          return;
        }
        const cut = row!.stands.map((edge) => [edge - tool, edge] as const);
        expect(Math.min(...cut.map((c) => c[0]))).toBeCloseTo(at, 8);
        expect(Math.max(...cut.map((c) => c[1]))).toBeCloseTo(at + width, 8);
        cut.forEach((c, i) => {
          if (i > 0) expect(c[0]).toBeLessThan(cut[i - 1]![1]);
        });
      }),
      { seed: 5 },
    );
  });
  it('parts off with its own width in the sum, last', () => {
    const row = carriagePositions(table).at(-1)!;
    expect([row.name, row.stands]).toEqual(['Part off', [20.5]]);
    expect(row.sum.parts.reduce((sum, p) => sum + p.value, 0)).toBe(row.sum.result.value);
  });
  it.each([
    [{ grooveTool: 6 }, 'wider than the groove'],
    [{ grooves: [{ at: 0.4, width: 4, depth: 1 }] }, 'at the face'],
    [{ grooves: [{ at: 13.5, width: 4, depth: 1 }] }, 'after it'],
    [
      {
        grooves: [
          { at: 4, width: 5, depth: 1 },
          { at: 8, width: 4, depth: 1 },
        ],
      },
      'runs into',
    ],
  ])('%j is warned of', (more, words) => {
    const rows = carriagePositions({ ...table, ...more });
    expect(rows.map((r) => (r.warning ? plainText(r.warning) : '')).join(' ')).toContain(words);
  });
  it('refuses a tool of nothing', () => {
    expect(() => carriagePositions({ ...table, partTool: 0 })).toThrow(
      expect.objectContaining({ field: 'partTool' }),
    );
  });
});
