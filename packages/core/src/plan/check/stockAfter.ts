import { AnelloError } from '../../basics/error';
import type { Holding, PlanPart } from '../piece/line';
import { outlinesOf, type Outlines } from '../piece/outlines';
import { walk } from './walk';

/**
 * The piece as it stands when an operation is done: its outside from end to end, and its inside with 0 where it is
 * solid. mm, on the part's own z; radii. Errors: as checkPlan; not-found when no operation has this id.
 *
 * @example
 * stockAfter(PLANNED, planPart(PLANNED).holdings, 'face-tailstock').outer.length
 * // → 3
 */
export function stockAfter(part: PlanPart, holdings: readonly Holding[], operationId: string): Outlines {
  for (const { steps } of walk(part, holdings).held)
    for (const { moment, after } of steps) if (moment.operation.id === operationId) return outlinesOf(after);
  throw new AnelloError('not-found', 'operationId', 'There is no such operation in this line of work.');
}
