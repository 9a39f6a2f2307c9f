import { describe, expect, it } from 'vitest';
import { PLANNED } from '../examples.testdata';
import type { Feature } from '../part/kinds/registry';
import { operationInHand, operationsAlike, planPart, type PlanPart } from '.';

const thread = (pitch: number, side: 'external' | 'internal' = 'external', id = 'thread'): Feature => ({
  id,
  name: 'Nut thread',
  kind: 'thread',
  side,
  designation: 'whatever it is called',
  diameter: 20,
  length: 24,
  pitch,
});
const alike = (part: PlanPart) => operationsAlike(part, planPart(part).holdings);
const threaded = (one: Feature, over: Partial<PlanPart> = {}): PlanPart => ({
  ...PLANNED,
  features: [one, ...PLANNED.features.slice(0, 1)],
  ...over,
});

describe('what an operation is found again by', () => {
  it('is the same wherever it stands in the line, and is given with the operation in hand', () => {
    const { holdings } = planPart(PLANNED);
    for (const [id, as] of Object.entries(operationsAlike(PLANNED, holdings)))
      expect(operationInHand(PLANNED, holdings, id).alike).toBe(as);
  });
  it('of a thread is what it fits, not its name, its length nor its bar', () => {
    const named = (part: PlanPart): string[] =>
      Object.values(alike(part)).filter((as) => as.startsWith('thread'));
    const once = named(threaded(thread(1.5)));
    expect(once).toEqual(['thread external 20 x 1.5']);
    expect(
      named(
        threaded({ ...thread(1.5), name: 'Other', designation: 'M20x1.5', length: 18 } as Feature, {
          stock: { shape: 'round', across: 36, length: 120 },
        }),
      ),
    ).toEqual(once);
    expect(named(threaded(thread(2)))).toEqual(['thread external 20 x 2']);
  });
  it('of a hole is its size, and of a plain cut its tools', () => {
    const found = Object.values(alike(PLANNED));
    expect(found.find((as) => as.startsWith('drill'))).toMatch(/^drill \d/);
    expect(found).toContain('face Facing tool, Caliper or depth gauge');
    for (const as of found) expect(as.length).toBeLessThanOrEqual(120);
  });
});
