import { operationInHand, planPart } from '@anello/core/plan';
import { describe, expect, it } from 'vitest';
import { PLANNED } from '../../../../../core/src/examples.testdata';
import { swingsIn } from './swings';

/** A hole to limits that no drill keeps. */
const PART = {
  ...PLANNED,
  features: PLANNED.features.map((f) => (f.id === 'hole' ? { ...f, diameter: 24.5, fit: 'H7' as const } : f)),
};
const { holdings } = planPart(PART);
const all = holdings.flatMap((holding) =>
  holding.operations.map((operation) => swingsIn(operationInHand(PART, holdings, operation.id), 'j')),
);

describe('what could swing in an operation', () => {
  it('is what stands out of the jaws, named after the operation', () => {
    expect(all.length).toBeGreaterThan(3);
    for (const [i, holding] of holdings.entries()) {
      const of = all.filter(({ key }) => holding.operations.some(({ id }) => key === `j.${id}`));
      expect(of, `${i}`).toHaveLength(holding.operations.length);
      for (const { work, held } of of) {
        expect(held === 'centres').toBe(holding.by === 'between-centres');
        expect(work!.diameter).toBeGreaterThan(0);
        expect(work!.diameter).toBeLessThanOrEqual(PLANNED.stock.across);
        const gripped = holding.grips ? holding.grips.to - holding.grips.from : 0;
        expect(work!.length).toBeLessThanOrEqual(PLANNED.stock.length - gripped + 1e-9);
      }
    }
  });
  it('is held by one end, by one end and a centre, or between centres', () => {
    const { operations } = holdings[0]!;
    const inHand = operationInHand(PART, holdings, operations.at(-1)!.id);
    const held = (by: string, centre: boolean) => {
      const holding = { ...inHand.holding, holding: { ...inHand.holding.holding, by, centre } };
      return swingsIn({ ...inHand, holding } as typeof inHand, 'j').held;
    };
    expect([held('three-jaw', false), held('three-jaw', true), held('between-centres', true)]).toEqual([
      'one end',
      'one end and a centre',
      'centres',
    ]);
  });
  it('has a bar in it where a hole is bored, and nowhere else', () => {
    const bored = all.filter(({ hole }) => hole !== null);
    expect(bored.map(({ key }) => key)).toEqual(['j.bore-hole']);
    const { depth, smallEnd } = bored[0]!.hole!;
    expect(depth).toBeCloseTo(40, 6);
    expect(smallEnd).toBeLessThan(24.5);
    expect(smallEnd).toBeGreaterThan(15);
  });
});
