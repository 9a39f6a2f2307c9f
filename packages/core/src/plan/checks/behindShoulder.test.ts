import { describe, expect, it } from 'vitest';
import { plainText } from '../../figure/phrase';
import { NO_KIT } from '../../kit/kit';
import type { Feature } from '../../part/kinds/registry';
import { LONG } from '../../testkit.testdata';
import { describePlan } from '../describe';
import type { Holding, PlanPart } from '../piece/line';

const round = (id: string, diameter: number): Feature => ({
  ...{ id, name: id, kind: 'cylinder', side: 'external' },
  ...{ diameter, length: 20 },
});
const part: PlanPart = {
  features: [round('neck', 30), round('flange', 34), round('end', 26)],
  stock: { shape: 'round', across: 36, length: 110 },
  quantity: 1,
  lathe: LONG,
  kit: NO_KIT,
};
/** What is said before each feature is turned, in an order, of one that stands higher before it. */
function told(...order: string[]): Record<string, string | undefined> {
  const holding: Holding = {
    ...{ id: 'h1', by: 'three-jaw', grips: { from: -40, to: -5 }, toward: 'tailstock', centre: false },
    operations: [
      { id: 'face-tailstock', kind: 'face', features: [], end: 'tailstock' },
      ...order.map((id) => ({ id, kind: 'turn' as const, features: [id] })),
    ],
  };
  const [{ operations }] = describePlan(part, [holding]).holdings as never as [
    ReturnType<typeof describePlan>['holdings'][number],
  ];
  return Object.fromEntries(
    operations
      .slice(1)
      .map(({ operation, before }) => [
        operation.id,
        before
          .map((one) => plainText(one).replaceAll('\u00a0', ' '))
          .find((one) => one.includes('higher between it and the face')),
      ]),
  );
}

describe('what stands between a diameter and the face', () => {
  it('is said as high as it stands by then: the bar first, the finished flange after', () => {
    expect(told('neck', 'flange', 'end')['neck']).toMatch(
      /^The work stands 3\.0 mm higher .* left-hand tool\.$/,
    );
    expect(told('flange', 'end', 'neck')['neck']).toMatch(/^The work stands 2\.0 mm higher/);
  });
  it('is nothing where the tool comes over it from the face, or past what is thinner', () => {
    for (const order of [
      ['flange', 'end', 'neck'],
      ['end', 'flange', 'neck'],
    ])
      expect(told(...order)).toMatchObject({ flange: undefined, end: undefined });
  });
});
