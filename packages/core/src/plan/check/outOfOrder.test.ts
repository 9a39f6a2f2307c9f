import { describe, expect, it } from 'vitest';
import type { Holding, PlanOperation, PlanPart } from '../piece/line';
import { planPart } from '../propose/planPart';
import { WHOLE } from '../wholeParts.testdata';
import { checkPlan } from './checkPlan';

const PROPOSED = Object.fromEntries(
  Object.entries(WHOLE).map(([name, part]) => [name, planPart(part).holdings]),
) as Record<keyof typeof WHOLE, readonly Holding[]>;

/** What is said of one operation, with the operations of its holding otherwise. */
function said(
  name: keyof typeof WHOLE,
  id: string,
  change: (operations: readonly PlanOperation[], one: PlanOperation) => PlanOperation[],
  part: PlanPart = WHOLE[name],
): string[] {
  const holdings = PROPOSED[name].map((holding) => {
    const one = holding.operations.find((o) => o.id === id);
    return one ? { ...holding, operations: change(holding.operations, one) } : holding;
  });
  return checkPlan(part, holdings)
    .filter((f) => f.operation === id)
    .map((f) => f.code);
}
const first = (all: readonly PlanOperation[], one: PlanOperation): PlanOperation[] => [
  one,
  ...all.filter((o) => o !== one),
];
const last = (all: readonly PlanOperation[], one: PlanOperation): PlanOperation[] => [
  ...all.filter((o) => o !== one),
  one,
];
const as =
  (over: Partial<PlanOperation>) =>
  (all: readonly PlanOperation[], one: PlanOperation): PlanOperation[] =>
    all.map((o) => (o === one ? { ...o, ...over } : o));
const asIs = (all: readonly PlanOperation[]): PlanOperation[] => [...all];

describe('a line of work out of order', () => {
  it('has nothing wrong with it as proposed', () => {
    for (const name of Object.keys(WHOLE) as (keyof typeof WHOLE)[])
      for (const { operations } of PROPOSED[name])
        for (const { id } of operations) expect(said(name, id, asIs), `${name} ${id}`).toEqual([]);
  });
  it.each([
    ['sleeve', 'tap-tapped', 'no-hole'],
    ['sleeve', 'counterbore-tapped', 'no-hole'],
    ['sleeve', 'drill-tapped', 'not-faced'],
    ['sleeve', 'bore-bore', 'no-hole'],
    ['sleeve', 'ream-reamed', 'no-hole'],
    ['sleeve', 'taper-socket', 'no-hole'],
    ['spindle', 'thread-thread', 'no-blank'],
    ['spindle', 'taper-cone', 'no-staircase'],
    ['spindle', 'centre-tailstock', 'not-faced'],
    ['holder', 'thread-screw', 'no-hole'],
    ['holder', 'bore-screw', 'no-hole'],
  ] as const)('of the %s, %s first of all: %s', (name, id, code) => {
    expect(said(name, id, first)).toContain(code);
  });
  it.each([
    ['sleeve', 'drill-bore', 'done-already'],
    ['sleeve', 'counterbore-tapped', 'hole-spoiled'],
  ] as const)('of the %s, %s last: %s', (name, id, code) => {
    expect(said(name, id, last)).toContain(code);
  });
  it.each([
    ['shaft', 'face-tailstock', { end: undefined }, 'not-of-the-part'],
    ['shaft', 'face-tailstock', { end: 'headstock' }, 'wrong-end'],
    ['shaft', 'centre-tailstock', { end: undefined }, 'not-of-the-part'],
    ['shaft', 'centre-tailstock', { end: 'headstock' }, 'wrong-end'],
  ] as const)('of the %s, %s at %o: %s', (name, id, over, code) => {
    expect(said(name, id, as(over))).toContain(code);
  });
});
