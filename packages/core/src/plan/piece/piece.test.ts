import { describe, expect, it } from 'vitest';
import type { Feature } from '../../part/kinds/registry';
import { inBar, round } from '../parts.testdata';
import { layOut, type Placed } from './laid';
import {
  finished,
  mouthBearsCentre,
  mouthRadius,
  onTheWay,
  outsideRadii,
  rawPiece,
  roughed,
  takesCentre,
  turnedDown,
  type Piece,
} from './piece';

const hole = (id: string, diameter: number, length: number, from: 'headstock' | 'tailstock'): Feature => ({
  id,
  name: id,
  kind: 'bore',
  side: 'internal',
  diameter,
  length,
  from,
});
const pieceOf = (...features: Feature[]): Piece =>
  rawPiece(layOut(inBar(...features)), { toward: 'tailstock' });
const section = (piece: Piece, id: string): Placed => piece.laid.all.find((s) => s.id === id)!;
/** Thick at the headstock, thin at the tailstock. */
const STEPPED = [round('big', 40, 30), round('mid', 30, 40), round('end', 20, 20)];

describe('what lies on the way to a section', () => {
  it.each([
    ['big', 'tailstock', ['mid', 'end']],
    ['mid', 'tailstock', ['end']],
    ['end', 'tailstock', []],
    ['big', 'headstock', []],
    ['mid', 'headstock', []],
    ['end', 'headstock', []],
  ] as const)('%s from the %s end: %o', (id, free, way) => {
    const piece = pieceOf(...STEPPED);
    expect(onTheWay(piece, section(piece, id), free).map((s) => s.id)).toEqual(way);
  });
  it('from the headstock is what stands before it there, where nothing of it is thicker', () => {
    const piece = pieceOf(round('a', 20, 20), round('b', 30, 20), round('c', 40, 20));
    expect(onTheWay(piece, section(piece, 'c'), 'headstock').map((s) => s.id)).toEqual(['a', 'b']);
    expect(onTheWay(piece, section(piece, 'b'), 'headstock').map((s) => s.id)).toEqual(['a']);
  });
  it('is nothing once some of it is done', () => {
    const piece = pieceOf(...STEPPED);
    expect(onTheWay(finished(piece, ['end'], 'h1'), section(piece, 'big'), 'tailstock')).toEqual([]);
  });
  it('is turned down with it, as far as it stands thicker, and no further', () => {
    const piece = pieceOf(...STEPPED);
    const down = turnedDown(piece, section(piece, 'mid'), 15.5, 'tailstock');
    expect([...down.rough.keys()].sort()).toEqual(['end', 'mid']);
    expect(outsideRadii(down, 30, 90)).toEqual({ largest: 15.5, smallest: 15.5 });
    expect(outsideRadii(down, 0, 30)).toEqual({ largest: 22, smallest: 22 });
    const again = turnedDown(down, section(piece, 'end'), 10.5, 'tailstock');
    expect(outsideRadii(again, 30, 70)).toEqual({ largest: 15.5, smallest: 15.5 });
    expect(outsideRadii(again, 70, 90)).toEqual({ largest: 10.5, smallest: 10.5 });
  });
});

describe('the hole at a face', () => {
  const features = [...STEPPED, hole('near', 12, 25, 'tailstock'), hole('far', 8, 25, 'headstock')];
  it('is none while the face is solid, and its own radius once it is made', () => {
    const solid = pieceOf(...features);
    expect([mouthRadius(solid, 'headstock'), mouthRadius(solid, 'tailstock')]).toEqual([0, 0]);
    const opened = finished(solid, ['near'], 'h1');
    expect([mouthRadius(opened, 'headstock'), mouthRadius(opened, 'tailstock')]).toEqual([0, 6]);
    const both = finished(opened, ['far'], 'h2');
    expect([mouthRadius(both, 'headstock'), mouthRadius(both, 'tailstock')]).toEqual([4, 6]);
  });
  it('is what stands there at the face, however wide it is further in', () => {
    const piece = pieceOf(...features);
    const { z0, z1 } = section(piece, 'near');
    const shape = [
      { z: z0, r: 9 },
      { z: (z0 + z1) / 2, r: 9 },
      { z: z1, r: 5 },
    ];
    expect(mouthRadius(roughed(piece, [['near', shape]]), 'tailstock')).toBe(5);
  });
  it('bears a centre up to three quarters of its own face', () => {
    // The tailstock face is 20 across, the headstock face 40.
    const ends = (diameter: number): boolean[] => {
      const features_ = [
        ...STEPPED,
        hole('t', diameter, 15, 'tailstock'),
        hole('h', diameter, 15, 'headstock'),
      ];
      const piece = finished(pieceOf(...features_), ['t', 'h'], 'h1');
      return [mouthBearsCentre(piece, 'tailstock'), mouthBearsCentre(piece, 'headstock')];
    };
    expect(ends(14)).toEqual([true, true]);
    expect(ends(15)).toEqual([true, true]);
    expect(ends(15.5)).toEqual([false, true]);
  });
  it('bears none where the smallest centre drill would take the whole of it', () => {
    const solid = (diameter: number): boolean => {
      const pin = { ...STEPPED.at(-1)!, diameter } as Feature;
      return mouthBearsCentre(pieceOf(...STEPPED.slice(0, -1), pin), 'tailstock');
    };
    // Its body of 3.15 leaves a mouth of 2.52.
    expect(solid(3.4)).toBe(true);
    expect(solid(3.3)).toBe(false);
  });
  it('is held against the face itself, where the outside grows behind it', () => {
    const cone = (largeEnd: 'headstock' | 'tailstock'): Feature => ({
      id: `cone ${largeEnd}`,
      name: 'Cone',
      kind: 'taper',
      side: 'external',
      largeEnd,
      largeDiameter: 40,
      length: 40,
      ratio: 0.5,
    });
    // 20 across at each face, 40 in the middle.
    const piece = finished(
      pieceOf(
        cone('tailstock'),
        cone('headstock'),
        hole('t', 16, 15, 'tailstock'),
        hole('h', 16, 15, 'headstock'),
      ),
      ['t', 'h'],
      'h1',
    );
    expect(mouthBearsCentre(piece, 'tailstock')).toBe(false);
    expect(mouthBearsCentre(piece, 'headstock')).toBe(false);
  });
  it('takes a centre only where one was made for it', () => {
    const piece = finished(pieceOf(...features), ['near'], 'h1');
    expect(takesCentre(piece, 'tailstock')).toBe(false);
    expect(takesCentre({ ...piece, centred: new Set(['tailstock']) }, 'tailstock')).toBe(true);
    expect(takesCentre({ ...piece, centred: new Set(['tailstock']) }, 'headstock')).toBe(false);
  });
});
