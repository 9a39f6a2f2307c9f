import { layoutPart } from '@anello/core/part';
import { describe, expect, it } from 'vitest';
import { DISC_PART, SHANK_PART } from '../../../../core/src/examples.testdata';
import type { Mark } from '../sheet';
import { partMarks } from './partMarks';

const ROOM = { width: 182, height: 70 };
type Line = Extract<Mark, { kind: 'line' }>;
const drawn = (features: Parameters<typeof layoutPart>[0], units: 'mm' | 'inch' = 'mm') => {
  const layout = layoutPart(features);
  const { scale, marks, height } = partMarks(layout, ROOM, units);
  const all = marks(14, 100);
  const lines = (pen: Line['pen']) => all.filter((m): m is Line => m.kind === 'line' && m.pen === pen);
  const words = all.flatMap((m) => (m.kind === 'text' ? [m] : []));
  const [paper = 1, part = 1] = scale.split(' : ').map(Number);
  const [axis] = lines('centre').map(({ y1 }) => y1);
  return { layout, height, part: lines('part'), lines, words, scale: paper / part, axis: axis! };
};
const places = (lines: readonly Line[]): string[] =>
  lines.flatMap(({ x1, y1, x2, y2 }) => [
    `${x1.toFixed(3)} ${y1.toFixed(3)}`,
    `${x2.toFixed(3)} ${y2.toFixed(3)}`,
  ]);

describe('a part drawn on paper', () => {
  it('stands on its axis, as far below it as above, each radius to scale', () => {
    const { layout, part, scale, axis } = drawn(SHANK_PART);
    const radii = layout.sections.flatMap(({ drawn: all }) => all.map(({ r }) => r));
    const up = new Set(part.flatMap(({ y1, y2 }) => [y1, y2]).map((y) => ((y - axis) / scale).toFixed(3)));
    for (const r of radii) {
      expect(up).toContain(r.toFixed(3));
      expect(up).toContain((-r).toFixed(3));
    }
  });
  it('of a hole only the half that is cut is drawn', () => {
    const bored = drawn([{ ...DISC_PART[1]!, id: 'b' } as never, ...SHANK_PART.slice(1)]);
    const bore = bored.layout.sections.find(({ side }) => side === 'internal')!;
    const up = new Set(places(bored.part).map((place) => place.split(' ')[1]));
    const y = (r: number) => (bored.axis + r * bored.scale).toFixed(3);
    expect(up).toContain(y(bore.drawn[0]!.r));
    expect(up).not.toContain(y(-bore.drawn[0]!.r));
  });
  it('an eccentric stands off the axis by its throw', () => {
    const { layout, part, scale, axis } = drawn(DISC_PART.slice(0, 1));
    const { offset, drawn: all } = layout.sections[0]!;
    expect(offset).toBeCloseTo(4.75, 9);
    const up = part.flatMap(({ y1, y2 }) => [y1, y2]).map((y) => (y - axis) / scale);
    expect(Math.max(...up)).toBeCloseTo(offset + all[0]!.r, 6);
    expect(Math.min(...up)).toBeCloseTo(offset - all[0]!.r, 6);
  });
  it.each([
    [8, 5, '10 : 1'],
    [120, 30, '1 : 1'],
    [300, 40, '1 : 2'],
    [420, 40, '1 : 2.5'],
    [9000, 400, '1 : 20'],
  ])('%d mm of %d mm is drawn %s, as large as it goes in', (length, diameter, scale) => {
    const bar = layoutPart([{ id: 'b', name: 'Bar', kind: 'cylinder', side: 'external', diameter, length }]);
    expect(partMarks(bar, ROOM, 'mm').scale).toBe(scale);
  });
  it('every feature has its diameter over it and its length under it, in the units of the sheet', () => {
    const { words, axis } = drawn(SHANK_PART);
    const [above, below] = [words.filter((m) => m.y > axis), words.filter((m) => m.y < axis)];
    expect(above.map(({ text }) => text).at(-1)).toBe('ø30');
    expect(above[0]!.text).toMatch(/^ø2[34][\d.]* to ø19[\d.]*$/);
    expect(below.map(({ text }) => text)).toEqual(['86', '50']);
    expect(drawn(SHANK_PART, 'inch').words.map(({ text }) => text)).toContain('ø1.1811');
  });
});
