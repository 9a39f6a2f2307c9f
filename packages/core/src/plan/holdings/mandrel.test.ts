import { describe, expect, it } from 'vitest';
import { plainText } from '../../figure/phrase';
import { describePlan } from '../describe';
import type { PlanPart } from '../piece/line';
import { layOut } from '../piece/laid';
import { finished, rawPiece } from '../piece/piece';
import { mandrel } from './mandrel';
import { planPart } from '../propose/planPart';
import type { End } from '../../taper/task';
import { WHOLE } from '../wholeParts.testdata';

const DEG = Math.PI / 180;

/** The sleeve with its socket otherwise, and how it is held last. */
function held(change: object): string | undefined {
  const features = WHOLE.sleeve.features.map((f) => (f.id === 'socket' ? { ...f, ...change } : f));
  const part = { ...WHOLE.sleeve, features } as PlanPart;
  const last = describePlan(part, planPart(part).holdings).holdings.at(-1);
  return last && plainText(last.held).replaceAll('\u00a0', ' ');
}

describe('a mandrel', () => {
  it('is pressed into the longest hole that is finished', () => {
    expect(held({ halfAngle: 3 * DEG })).toBe('On a stub mandrel in Socket, 31.90 mm across');
    expect(held({ halfAngle: 3 * DEG, length: 16 })).toBe('On a stub mandrel in Bore, 26.00 mm across');
  });
  it('goes through no bar: what it is made from is parted off first', () => {
    const laid = layOut(WHOLE.sleeve);
    const done = finished(
      rawPiece(laid, { toward: 'tailstock' }),
      laid.inside.map(({ id }) => id),
      'h1',
    );
    const said = (spare: number): string[] =>
      mandrel
        .wrong({ ...done, spare: { headstock: spare, tailstock: 0 } }, { toward: 'headstock' } as never)
        .map((one) => plainText(one.said));
    expect(said(3)).toEqual([]);
    expect(said(3.1)).toEqual(['Its bar still stands in the way of a mandrel: it is parted off first.']);
    expect(
      mandrel
        .wrong(rawPiece(laid, { toward: 'tailstock' }), { toward: 'headstock' } as never)
        .map(({ code }) => code),
    ).toEqual(['not-held']);
  });
  it('is no thinner than carries the part: twelve of its diameters between centres, four on a stub', () => {
    const of = (
      length: number,
      hole: number,
      deep: number,
      toward: End = 'headstock',
      across = 24,
    ): string[] => {
      const features = [
        { id: 'out', name: 'Out', kind: 'cylinder', side: 'external', diameter: 20, length },
        {
          id: 'hole',
          name: 'Hole',
          kind: 'bore',
          side: 'internal',
          diameter: hole,
          length: deep,
          from: 'tailstock',
        },
      ] as PlanPart['features'];
      const laid = layOut({ ...WHOLE.sleeve, features, stock: { shape: 'round', across, length } });
      const piece = finished(rawPiece(laid, { toward: 'headstock' }), ['hole'], 'h1');
      return mandrel
        .wrong(piece, { toward } as never)
        .map(({ level, said }) => `${level}: ${plainText(said).replaceAll('\u00a0', ' ')}`);
    };
    expect(of(60, 5, 60)).toEqual([]);
    expect(of(60.1, 5, 60.1)).toEqual([
      'risk: It is 60 mm long on a mandrel of 5.0 mm: the mandrel bends, and the work goes with it.',
    ]);
    // Five times as thick as its mandrel it slips, whatever it is to become.
    expect(of(40, 10, 20, 'headstock', 50)).toEqual([]);
    expect(of(40, 10, 20, 'headstock', 50.1)).toEqual([
      'risk: It is 50 mm across on a mandrel of 10.0 mm: it slips under a cut. Draw it up by a nut, and light cuts.',
    ]);
    expect(of(40, 10, 20)).toEqual([]);
    expect(of(41, 10, 20)).toHaveLength(1);
    // A stub comes out of the spindle: a blind hole takes none that opens the other way.
    expect(of(40, 10, 20, 'tailstock')).toEqual([
      'impossible: It has no finished hole yet that a mandrel would hold in.',
    ]);
  });
  it('shows the axis of its hole, which no needle reaches then', () => {
    const [clocked] = describePlan(WHOLE.sleeve, [
      {
        ...planPart(WHOLE.sleeve).holdings.at(-1)!,
        trueTo: { feature: 'bore', limit: 0.01 },
      },
    ]).holdings.map((one) => one.clocked && plainText(one.clocked).replaceAll('\u00a0', ' '));
    expect(clocked).toBe('Clock the mandrel beside Bore true within 0.010 mm of needle swing');
  });
  it('is not in a cone so steep that it lets go', () => {
    expect(held({})).toBe('On a stub mandrel in Bore, 26.00 mm across');
  });
});
