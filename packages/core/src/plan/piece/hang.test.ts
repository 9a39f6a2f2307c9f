import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Feature } from '../../part/kinds/registry';
import { inBar, made, round, SLIGHT_CONE } from '../parts.testdata';
import { hangs } from './hang';
import { layOut } from './laid';
import type { Holding } from './line';
import { finished, rawPiece, shapeAt, type Piece } from './piece';

type Held = Pick<Holding, 'grips' | 'toward' | 'centre'>;
const piece = (...features: Feature[]): Piece => {
  const laid = layOut(inBar(...features));
  return finished(
    rawPiece(laid, { toward: 'tailstock' }),
    features.map(({ id }) => id),
    'h1',
  );
};
const of = (one: Piece, held: Partial<Held>, id: string) =>
  hangs(
    one,
    { grips: { from: -36, to: -6 }, toward: 'tailstock', centre: false, ...held },
    one.laid.byId.get(id)!,
  );

describe('what a feature hangs by', () => {
  const stepped = piece(round('a', 28, 30), round('b', 6, 80));
  it('is itself where it is the thinnest, over its own length', () => {
    expect(of(stepped, {}, 'b')).toEqual({ diameter: 6, out: 80 });
    expect(of(stepped, {}, 'a')).toEqual({ diameter: 28, out: 30 });
  });
  it('is what is thinner between it and the jaws, from its near end', () => {
    const necked = piece(round('neck', 8, 10), round('head', 28, 40));
    expect(of(necked, {}, 'head')).toEqual({ diameter: 8, out: 50 });
    // From the other side the head stands between it and the jaws.
    expect(of(necked, { toward: 'headstock', grips: { from: 56, to: 90 } }, 'neck')).toEqual({
      diameter: 28,
      out: 50,
    });
  });
  it('counts from the jaws, where they close on the part', () => {
    expect(of(stepped, { grips: { from: 0, to: 50 } }, 'b')).toEqual({ diameter: 6, out: 60 });
  });
  it('is nothing with a centre, without jaws, and of what they cover', () => {
    expect(of(stepped, { centre: true }, 'b')).toBeNull();
    expect(of(stepped, { grips: null }, 'b')).toBeNull();
    expect(of(stepped, { grips: { from: 0, to: 110 } }, 'b')).toBeNull();
  });
  it('of a cone is told by the diameter at each place of it', () => {
    const cone = piece({ ...SLIGHT_CONE, length: 60 });
    expect(of(cone, {}, 'cone')).toEqual({ diameter: 30, out: 60 });
  });
  it('is the worst of all the places from the jaws to its far side', () =>
    fc.assert(
      fc.property(made(2), fc.boolean(), fc.nat(), (part, turned, pick) => {
        const laid = layOut(part);
        const done = finished(
          rawPiece(laid, { toward: 'tailstock' }),
          laid.outside.map(({ id }) => id),
          'h1',
        );
        const section = laid.outside[pick % laid.outside.length]!;
        const toward = turned ? ('headstock' as const) : ('tailstock' as const);
        const grips = turned ? { from: laid.length + 6, to: laid.length + 30 } : { from: -30, to: -6 };
        const found = hangs(done, { grips, toward, centre: false }, section)!;
        let worst = 0;
        for (const s of laid.outside)
          for (const { z, r } of shapeAt(done, s)!) {
            const out = turned ? z - section.z0 : section.z1 - z;
            worst = Math.max(worst, out / (2 * r));
          }
        expect(found.out / found.diameter).toBeCloseTo(worst, 9);
      }),
    ));
});
