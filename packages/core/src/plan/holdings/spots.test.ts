import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inBar, made, SLIGHT_CONE } from '../parts.testdata';
import { layOut } from '../piece/laid';
import type { PlanPart } from '../piece/line';
import { finished, rawPiece, type Piece } from '../piece/piece';
import { CLEAR, FACING, goodGrip, leastGrip, PARTING_ROOM } from '../piece/usual';
import { spots } from './spots';

const ENDS = ['headstock', 'tailstock'] as const;
const other = (end: (typeof ENDS)[number]) => (end === 'headstock' ? 'tailstock' : 'headstock');
/** Grips as they lie from the spindle's end of the part. */
const fromSpindle = (piece: Piece, toward: (typeof ENDS)[number], grips: { from: number; to: number }) =>
  toward === 'tailstock' ? grips : { from: piece.laid.length - grips.to, to: piece.laid.length - grips.from };

describe('where jaws could close', () => {
  it('is on metal, by enough of it, off the face that is to be cut and off what is worked', () => {
    fc.assert(
      fc.property(made(1), fc.constantFrom(...ENDS), fc.boolean(), (part, toward, strict) => {
        const piece = rawPiece(layOut(part), { toward });
        const { length } = piece.laid;
        for (const { on, diameter, grips } of spots(piece, toward, strict)) {
          const { from, to } = fromSpindle(piece, toward, grips!);
          const least = leastGrip(diameter) * (strict ? 1 : 0.25);
          // What is left as bar is held as what is finished is.
          expect(diameter).toBeCloseTo(2 * piece.laid.barRadius, 9);
          expect(to - from).toBeGreaterThan(Math.min(least, length - FACING) - 1e-6);
          expect(from).toBeGreaterThan(-piece.spare[other(toward)] - 1e-6);
          expect(to).toBeLessThan((on === 'bar' ? -PARTING_ROOM : length - FACING) + 1e-6);
        }
      }),
      { seed: 4 },
    );
  });

  const part = {
    ...inBar(
      { id: 'body', name: 'Body', kind: 'cylinder', side: 'external', diameter: 36, length: 60 },
      SLIGHT_CONE,
    ),
    stock: { shape: 'round', across: 44, length: 102 },
  } satisfies PlanPart;
  it('stops short of what is finished, and is on that too, clear of its free side', () => {
    const piece = rawPiece(layOut(part), { toward: 'tailstock' });
    const raw = (of: Piece): number[] =>
      spots(of, 'tailstock', true)
        .filter(({ on }) => on === 'raw')
        .map(({ grips }) => grips!.to);
    // A millimetre of bar stands at the spindle's face: a good grip from there, and all of it but the other face.
    expect(raw(piece)).toEqual([goodGrip(44) - FACING, 100 - FACING]);
    const worked = finished(piece, ['cone'], 'h1');
    expect(raw(worked)).toEqual([goodGrip(44) - FACING]);
    const turned = finished(piece, ['body'], 'h1');
    // Nothing of the bar is left to hold by between the spindle and the body.
    expect(spots(turned, 'tailstock', true).filter(({ on }) => on === 'raw')).toEqual([]);
    const [on] = spots(turned, 'tailstock', true).filter((one) => one.on === 'finished');
    expect(on).toEqual({
      on: 'finished',
      diameter: 36,
      grips: { from: 60 - CLEAR - Math.min(60 - CLEAR, goodGrip(36)), to: 60 - CLEAR },
    });
    // A cone is nothing for jaws.
    expect(spots(worked, 'tailstock', true).some((one) => one.on === 'finished')).toBe(false);
  });
  it('of short work is nearly all of it, but for its face', () => {
    const short = rawPiece(
      layOut({
        ...inBar({
          id: 'disc',
          name: 'Disc',
          kind: 'cylinder',
          side: 'external',
          diameter: 40,
          length: 12,
        }),
        stock: { shape: 'round', across: 42, length: 12 },
      }),
      { toward: 'tailstock' },
    );
    const found = spots(short, 'tailstock', false).map(({ grips }) => grips!.to);
    expect(Math.max(...found)).toBeCloseTo(12 - FACING, 9);
  });
});
