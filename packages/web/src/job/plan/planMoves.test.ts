import type { Holding } from '@anello/core/plan';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { holdingMoved, holdingPlaced, operationMoved, operationPlaced } from './planMoves';

const holding = (id: string, ...operations: string[]): Holding => ({
  id,
  by: 'three-jaw',
  grips: { from: -20, to: -6 },
  toward: 'tailstock',
  centre: false,
  operations: operations.map((one) => ({ id: one, kind: 'turn', features: [one] })),
});
const LINE = [holding('h1', 'a', 'b', 'c'), holding('h2', 'd', 'e')];
const shape = (line: readonly Holding[]): string =>
  line.map((h) => `${h.id}:${h.operations.map((o) => o.id).join('')}`).join(' ');

describe('moving an operation', () => {
  it('changes places with the one before or after it', () => {
    expect(shape(operationMoved(LINE, 'b', -1))).toBe('h1:bac h2:de');
    expect(shape(operationMoved(LINE, 'b', 1))).toBe('h1:acb h2:de');
  });
  it('goes from the edge of its holding into the one beside it', () => {
    expect(shape(operationMoved(LINE, 'c', 1))).toBe('h1:ab h2:cde');
    expect(shape(operationMoved(LINE, 'd', -1))).toBe('h1:abcd h2:e');
  });
  it('stays where there is no place to go, as the same list', () => {
    expect(operationMoved(LINE, 'a', -1)).toBe(LINE);
    expect(operationMoved(LINE, 'e', 1)).toBe(LINE);
    expect(operationMoved(LINE, 'none', 1)).toBe(LINE);
  });
  it('is undone by moving it back, and loses nothing', () =>
    fc.assert(
      fc.property(
        fc.constantFrom('a', 'b', 'c', 'd', 'e'),
        fc.constantFrom(-1 as const, 1 as const),
        (id, by) => {
          const there = operationMoved(LINE, id, by);
          expect(there.flatMap((h) => h.operations.map((o) => o.id)).sort()).toEqual([
            'a',
            'b',
            'c',
            'd',
            'e',
          ]);
          if (there !== LINE) expect(shape(operationMoved(there, id, by === 1 ? -1 : 1))).toBe(shape(LINE));
        },
      ),
    ));
});

describe('moving a holding', () => {
  it('changes its place with its operations, and stays at the ends', () => {
    expect(shape(holdingMoved(LINE, 'h2', -1))).toBe('h2:de h1:abc');
    expect(holdingMoved(LINE, 'h1', -1)).toBe(LINE);
    expect(holdingMoved(LINE, 'h2', 1)).toBe(LINE);
  });
});

describe('dropping an operation or a holding', () => {
  it('puts it at its place, in its own holding or in another', () => {
    expect(shape(operationPlaced(LINE, 'c', { holding: 'h1', index: 0 }))).toBe('h1:cab h2:de');
    expect(shape(operationPlaced(LINE, 'a', { holding: 'h1', index: 2 }))).toBe('h1:bca h2:de');
    expect(shape(operationPlaced(LINE, 'b', { holding: 'h2', index: 1 }))).toBe('h1:ac h2:dbe');
    expect(shape(holdingPlaced(LINE, 'h2', 0))).toBe('h2:de h1:abc');
  });
  it('is the same list where nothing moved, or where it was dropped is no holding', () => {
    expect(operationPlaced(LINE, 'b', { holding: 'h1', index: 1 })).toBe(LINE);
    expect(operationPlaced(LINE, 'b', { holding: 'h9', index: 0 })).toBe(LINE);
    expect(operationPlaced(LINE, 'x', { holding: 'h1', index: 0 })).toBe(LINE);
    expect(holdingPlaced(LINE, 'h1', 0)).toBe(LINE);
    expect(holdingPlaced(LINE, 'h9', 0)).toBe(LINE);
  });
  it('loses nothing, wherever it is dropped', () =>
    fc.assert(
      fc.property(
        fc.constantFrom('a', 'b', 'c', 'd', 'e'),
        fc.constantFrom('h1', 'h2'),
        fc.integer({ min: 0, max: 3 }),
        (id, holding, index) => {
          const there = operationPlaced(LINE, id, { holding, index });
          expect(there.flatMap((h) => h.operations.map((o) => o.id)).sort()).toEqual([
            'a',
            'b',
            'c',
            'd',
            'e',
          ]);
          const to = there.find((h) => h.id === holding)!.operations.map((o) => o.id);
          expect(to.indexOf(id)).toBe(Math.min(index, to.length - 1));
        },
      ),
    ));
});
