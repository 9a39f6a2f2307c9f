import { describe, expect, it } from 'vitest';
import { NO_KIT } from '../../kit/kit';
import { LONG } from '../../testkit.testdata';
import { checkPlan } from '../check/checkPlan';
import { planPart } from '../propose/planPart';
import { threeJaw } from '../holdings/threeJaw';
import { layOut } from './laid';
import type { PlanPart, Stock } from './line';
import { finished, rawPiece } from './piece';

const plain = (text: string): string => text.replaceAll('\u00a0', ' ');
const shaft = (stock: Partial<Stock>, bore: number | undefined, length = 60): PlanPart => ({
  features: [{ id: 'a', name: 'Shaft', kind: 'cylinder', side: 'external', diameter: 36, length }],
  stock: { shape: 'round', across: 38, length: 120, ...stock },
  quantity: 1,
  lathe: { ...LONG, spindle: { bore } },
  kit: NO_KIT,
});
const refused = (part: PlanPart): string | undefined => {
  try {
    planPart(part);
    return undefined;
  } catch (error) {
    const { field, message } = error as { field: string; message: string };
    return `${field}: ${plain(message)}`;
  }
};

describe('a bar and the spindle it goes through', () => {
  it('is refused where it is thicker and too long to be held in front of it, with the length it can have', () => {
    expect(refused(shaft({ length: 300 }, 20))).toBe(
      'stock.length: 38.0 mm does not go through the spindle of the Long lathe, which is 20.0 mm: sawn to 127 mm at most, it can be held.',
    );
    expect(refused(shaft({ length: 127 }, 20))).toBeUndefined();
    expect(refused(shaft({ length: 300 }, 38))).toBeUndefined();
    expect(refused(shaft({ length: 300 }, undefined))).toBeUndefined();
  });
  it('is measured across its corners', () => {
    expect(refused(shaft({ length: 300, shape: 'hex' }, 43))).toMatch(/^stock.length: 43.9 mm does not go/);
    expect(refused(shaft({ length: 300, shape: 'hex' }, 44))).toBeUndefined();
  });
  it('goes no deeper than the chuck’s face where it does not go through', () => {
    const held = (to: number, bore: number) =>
      checkPlan(shaft({ length: 202 }, bore, 200), [
        {
          id: 'h',
          by: 'three-jaw',
          grips: { from: 0, to },
          toward: 'tailstock',
          centre: false,
          operations: [],
        },
      ])
        .filter((f) => f.code === 'spindle-too-small')
        .map((f) => plain(f.sentence));
    expect(held(59, 20)).toEqual([]);
    expect(held(100, 20)).toEqual([
      'The 41 mm behind the chuck’s face: 38.0 mm does not go through the spindle of the Long lathe, which is 20.0 mm.',
    ]);
    expect(held(100, 38)).toEqual([]);
  });
  it('takes what is turned thin enough, deeper than the chuck', () => {
    const behind = (diameter: number): string[] => {
      const whole = shaft({ length: 170 }, 25, 80);
      const tail = {
        id: 'b',
        name: 'Tail',
        kind: 'cylinder',
        side: 'external',
        diameter,
        length: 90,
      } as const;
      const laid = layOut({ ...whole, features: [...whole.features, tail] });
      const piece = finished(rawPiece(laid, { toward: 'headstock' }), ['a', 'b'], 'h1');
      return threeJaw
        .wrong(piece, {
          id: 'h2',
          by: 'three-jaw',
          grips: { from: 20, to: 78 },
          toward: 'headstock',
          centre: false,
          operations: [],
        })
        .map(({ code }) => code);
    };
    expect(behind(25)).toEqual([]);
    expect(behind(25.1)).toEqual(['spindle-too-small']);
  });
});
