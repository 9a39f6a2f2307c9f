import { describe, expect, it } from 'vitest';
import { checkPlan, describePlan, planPart, stockAfter, type Holding } from '..';
import { OPERATION_KINDS, type PlanPart } from '../piece/line';
import { WHOLE } from '../wholeParts.testdata';

/** One in so many is looked at: each is a whole line of work. */
const ONE_IN = 23;

/** Every operation of a line made one of another kind, and put on every other feature. */
function* otherwise(part: PlanPart, line: readonly Holding[]): Generator<readonly Holding[]> {
  for (const [h, { operations }] of line.entries())
    for (const [i, one] of operations.entries()) {
      const others = [
        ...OPERATION_KINDS.map((kind) => ({ ...one, kind })),
        ...part.features.map(({ id }) => ({ ...one, features: [id] })),
        ...part.features.flatMap(({ id }) =>
          OPERATION_KINDS.map((kind) => ({ ...one, kind, features: [id] })),
        ),
      ];
      for (const other of others)
        yield line.map((holding, k) =>
          k === h ? { ...holding, operations: operations.with(i, other) } : holding,
        );
    }
}

describe('an operation on a feature it is not for', () => {
  it.each(Object.entries(WHOLE))('is a finding, and everything else is still said: %s', (_, part) => {
    const line = planPart(part).holdings;
    const every = [...otherwise(part, line)];
    for (const other of every.filter((_, i) => i % ONE_IN === 0)) {
      const findings = checkPlan(part, other);
      for (const { phrase } of findings) expect(phrase.length).toBeGreaterThan(0);
      describePlan(part, other);
      const last = other.at(-1)?.operations.at(-1);
      if (last) stockAfter(part, other, last.id);
    }
  });
});
