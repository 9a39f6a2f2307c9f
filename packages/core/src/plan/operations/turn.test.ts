import { describe, expect, it } from 'vitest';
import { plainText } from '../../figure/phrase';
import { NO_KIT } from '../../kit/kit';
import type { Feature } from '../../part/kinds/registry';
import { LONG } from '../../testkit.testdata';
import { checkPlan, describePlan, planPart } from '..';
import type { Holding, PlanPart } from '../piece/line';

const round = (id: string, diameter: number, length: number): Feature => ({
  ...{ id, name: id, kind: 'cylinder', side: 'external' },
  ...{ diameter, length },
});
const part = (features: Feature[], shape: 'round' | 'hex' = 'round'): PlanPart => ({
  features,
  stock: { shape, across: 36, length: 160 },
  quantity: 1,
  lathe: LONG,
  kit: NO_KIT,
});
/** Each feature turned in an order, the tailstock's end free: its line and its minutes. */
function turned(of: PlanPart, ...order: string[]): [string, number][] {
  const holding: Holding = {
    ...{ id: 'h1', by: 'three-jaw', grips: { from: -40, to: -5 }, toward: 'tailstock', centre: false },
    operations: [
      { id: 'face', kind: 'face', features: [], end: 'tailstock' },
      ...order.map((id) => ({ id, kind: 'turn' as const, features: [id] })),
    ],
  };
  return describePlan(of, [holding]).holdings.flatMap(({ operations }) =>
    operations.slice(1).map(({ lines, minutes }): [string, number] => [
      plainText(lines[0]!)
        .replaceAll('\u00a0', ' ')
        .replace(/, \d+ a minute$/, ''),
      minutes,
    ]),
  );
}

describe('turning', () => {
  const LAND = round('land', 30, 10);
  const JOURNAL = round('journal', 30, 40);
  it('takes the time of all that the tool runs over, from what stands there to what is left', () => {
    // 3 mm on radius in cuts of 1.5, 40 mm a minute, and 3 minutes at the handles.
    expect(turned(part([round('body', 36, 20), LAND, JOURNAL]), 'land')).toEqual([
      ['Turn ⌀30.00 mm over 50.0 mm from the face', 3 + 2 * (50 / 40)],
    ]);
    // Turned down to 30 with the collar, the pin has 4 mm on radius left: three cuts over its own length.
    const stepped = part([round('body', 36, 20), round('collar', 30, 10), round('pin', 22, 40)]);
    expect(turned(stepped, 'collar', 'pin')[1]).toEqual(['Turn ⌀22.00 mm over 40.0 mm', 3 + 3 * (40 / 40)]);
    expect(turned(stepped, 'pin')[0]![1]).toBe(3 + 5 * (40 / 40));
  });
  it('one as thick as what lies before it is there already, and is measured', () => {
    expect(turned(part([round('body', 36, 20), LAND, JOURNAL]), 'land', 'journal')[1]).toEqual([
      'Measure ⌀30.00 mm over 40.0 mm: it stands at that already',
      1,
    ]);
    // The other way about the land is still the bar.
    expect(turned(part([round('body', 36, 20), LAND, JOURNAL]), 'journal', 'land')[1]![0]).toMatch(
      /^Turn ⌀30/,
    );
  });
  it('a hexagon has its corners on until it is turned', () => {
    expect(turned(part([round('head', 36, 20), JOURNAL], 'hex'), 'head')[0]![0]).toMatch(/^Turn ⌀36/);
  });
  it('makes a blank for a thread as wide as the bar where that has corners, and nowhere else', () => {
    const screw: Feature = {
      ...{ id: 'screw', name: 'Screw', kind: 'thread', side: 'external', designation: '' },
      ...{ diameter: 36, pitch: 2, length: 20 },
    };
    const kinds = (shape: 'round' | 'hex'): string[] =>
      planPart(part([screw, round('body', 30, 30)], shape)).holdings.flatMap(({ operations }) =>
        operations.filter(({ features }) => features.includes('screw')).map(({ kind }) => kind),
      );
    expect(kinds('round')).toEqual(['thread']);
    expect(kinds('hex')).toEqual(['turn', 'thread']);
    const { holdings } = planPart(part([screw, round('body', 30, 30)], 'hex'));
    const unturned = holdings.map((one) => ({
      ...one,
      operations: one.operations.filter(
        ({ kind, features }) => kind !== 'turn' || !features.includes('screw'),
      ),
    }));
    const codes = checkPlan(part([screw, round('body', 30, 30)], 'hex'), unturned).map(({ code }) => code);
    expect(codes).toContain('no-blank');
  });
});
