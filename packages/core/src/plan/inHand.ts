import { AnelloError } from '../basics/error';
import type { Phrase } from '../figure/phrase';
import { describeSteps, type HoldingSaid, type OperationSaid } from './describe';
import type { Card } from './operations/card';
import { kindOfOperation } from './operations/registry';
import type { Holding, PlanPart } from './piece/line';
import { outlinesOf, type Outlines } from './piece/outlines';

/** One operation as it is worked: how the piece stands in its holding at that moment, and a card for each feature it works. */
export interface OperationInHand {
  readonly operation: OperationSaid;
  readonly holding: HoldingSaid;
  /** Which holding, of how many; which operation, of all there are. */
  readonly place: {
    readonly holding: number;
    readonly of: number;
    readonly operation: number;
    readonly among: number;
  };
  readonly before: Outlines;
  readonly after: Outlines;
  readonly cards: readonly { readonly feature: string | null; readonly line: Phrase; readonly card: Card }[];
  /** The operations beside it, whichever holding they are in; null at the ends. */
  readonly previous: string | null;
  readonly next: string | null;
}

/**
 * An operation of a line of work as it is worked at the machine. Errors: as checkPlan; not-found when no operation has
 * this id.
 *
 * @example
 * operationInHand(PLANNED, planPart(PLANNED).holdings, 'face-tailstock').next
 * // → 'drill-hole'
 */
export function operationInHand(
  part: PlanPart,
  holdings: readonly Holding[],
  operationId: string,
): OperationInHand {
  const { walked, said } = describeSteps(part, holdings);
  const ids = holdings.flatMap((h) => h.operations.map((o) => o.id));
  const at = ids.indexOf(operationId);
  const h = walked.held.findIndex(({ steps }) => steps.some((s) => s.moment.operation.id === operationId));
  const held = said[h];
  const step = walked.held[h]?.steps.find((s) => s.moment.operation.id === operationId);
  const operation = held?.operations.find((o) => o.operation.id === operationId);
  if (!held || !step || !operation)
    throw new AnelloError('not-found', 'operationId', 'There is no such operation in this line of work.');
  const kind = kindOfOperation(operation.operation.kind);
  const targets = kind.on === 'features' ? step.sections : [null];
  return {
    operation,
    holding: held,
    place: { holding: h + 1, of: said.length, operation: at + 1, among: ids.length },
    before: outlinesOf(step.moment.piece),
    after: outlinesOf(step.after),
    cards: targets.map((section, i) => ({
      feature: section?.id ?? null,
      line: operation.lines[i] ?? [],
      card: kind.card(walked.laid, section, step.moment),
    })),
    previous: ids[at - 1] ?? null,
    next: ids[at + 1] ?? null,
  };
}
