import { describe, expect, it } from 'vitest';
import { inBar, round } from '../parts.testdata';
import { layOut } from './laid';
import { neckOf } from './neck';
import { finished, rawPiece, roughed, type Piece } from './piece';

const FEATURES = [round('a', 40, 30), round('b', 30, 30), round('c', 36, 20)];
const raw = (): Piece => rawPiece(layOut(inBar(...FEATURES)), { toward: 'tailstock' });
const made = (): Piece =>
  finished(
    raw(),
    FEATURES.map(({ id }) => id),
    'h1',
  );
const jaws = (from: number, to: number, toward: 'headstock' | 'tailstock' = 'tailstock') =>
  ({ grips: { from, to }, toward }) as const;
const of = (piece: Piece, held: Parameters<typeof neckOf>[1], id: string) =>
  neckOf(piece, held, piece.laid.byId.get(id)!);

describe('the neck of a piece', () => {
  it('is where less stands than what lies further out', () => {
    expect(of(made(), jaws(0, 20), 'b')).toEqual({ diameter: 30, carries: 36 });
    expect(of(made(), jaws(65, 80, 'headstock'), 'b')).toEqual({ diameter: 30, carries: 40 });
  });
  it('is none at what is thickest, at the end, or with nothing gripped', () => {
    expect(of(made(), jaws(0, 20), 'a')).toBeNull();
    expect(of(made(), jaws(0, 20), 'c')).toBeNull();
    expect(of(made(), { ...jaws(0, 20), grips: null }, 'b')).toBeNull();
  });
  it('is none below a shoulder that is only half turned away: that lies nearer the jaws', () => {
    const stairs = [
      { z: 60, r: 18 },
      { z: 70, r: 18 },
      { z: 70, r: 9 },
      { z: 80, r: 9 },
    ];
    expect(of(roughed(made(), [['c', stairs]]), jaws(0, 20), 'c')).toBeNull();
  });
});
