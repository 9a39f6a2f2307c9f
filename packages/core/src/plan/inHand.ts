import { AnelloError } from '../basics/error';
import type { Phrase } from '../figure/phrase';
import { describeSteps, type HoldingSaid, type OperationSaid } from './describe';
import { walk, type Step } from './check/walk';
import { alikeAs } from './operations/alike';
import type { Laid } from './piece/laid';
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
  /** What it is found again by in other jobs. */
  readonly alike: string;
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
  const { targets, cards } = worked(walked.laid, step);
  return {
    operation,
    holding: held,
    alike: alikeOf(walked.laid, step),
    place: { holding: h + 1, of: said.length, operation: at + 1, among: ids.length },
    before: outlinesOf(step.moment.piece),
    after: outlinesOf(step.after),
    cards: cards.map((card, i) => ({
      feature: targets[i]?.id ?? null,
      line: operation.lines[i] ?? [],
      card,
    })),
    previous: ids[at - 1] ?? null,
    next: ids[at + 1] ?? null,
  };
}

/** What a step is worked on, and the card of each. */
function worked(laid: Laid, { moment, sections }: Step) {
  const kind = kindOfOperation(moment.operation.kind);
  const targets = kind.on === 'features' ? sections : [null];
  return { targets, cards: targets.map((section) => kind.card(laid, section, moment)) };
}

function alikeOf(laid: Laid, step: Step): string {
  const kind = kindOfOperation(step.moment.operation.kind);
  const { targets, cards } = worked(laid, step);
  return alikeAs(
    kind.kind,
    cards[0],
    targets.flatMap((section) => kind.tools(laid, section, step.moment)),
  );
}

/**
 * What each operation of a line of work is found again by in other jobs, by its id: a thread by its side, diameter and pitch,
 * a hole by its diameter, any other by what it is and the tools laid out for it. Errors: as checkPlan.
 *
 * @example
 * operationsAlike(PLANNED, planPart(PLANNED).holdings)['face-tailstock']
 * // → 'face Facing tool, Caliper or depth gauge'
 */
export function operationsAlike(
  part: PlanPart,
  holdings: readonly Holding[],
): Readonly<Record<string, string>> {
  const { laid, held } = walk(part, holdings);
  return Object.fromEntries(
    held.flatMap(({ steps }) => steps.map((step) => [step.moment.operation.id, alikeOf(laid, step)])),
  );
}
