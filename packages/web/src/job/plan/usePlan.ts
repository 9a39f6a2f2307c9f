import {
  entry,
  batchAt,
  lineOperations,
  planPartOf,
  shapeWith,
  stockOfJob,
  type JobDocument,
  type StockDocument,
} from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import {
  describePlan,
  planPart,
  type Holding,
  type PlanPart,
  type OperationSaid,
  type PlanSaid,
  type Stock,
} from '@anello/core/plan';
import { lineProgress, nextInBatch, type BatchOrder, type LineProgress } from '@anello/core/job';
import { computed, type ComputedRef } from 'vue';
import { useJob } from '../../data/stores/job';
import { useKit } from '../../data/stores/kit';
import { useLeadOn } from '../../ui/useLeadOn';
import { useJobModel } from '../model/useJobModel';
import { shared } from '../model/desk';
import { ofShape } from '../model/kind';
import { holdingMoved, holdingPlaced, operationMoved, operationPlaced } from './planMoves';

/** The line of work of the job on the screen, as proposed or as its user put it. */
export interface PlanDesk {
  /** What it is worked out from, and the holdings as they stand. */
  readonly of: ComputedRef<{ readonly part: PlanPart; readonly holdings: readonly Holding[] } | null>;
  /** Every operation in order. */
  readonly operations: ComputedRef<readonly OperationSaid[]>;
  /** How far the piece in hand has come along it. */
  readonly progress: ComputedRef<LineProgress>;
  /** What to go on with: on this piece or, as the batch is worked, on another; none of it when only its verdict is left. */
  readonly next: ComputedRef<{ readonly piece: number; readonly operation: OperationSaid | null } | null>;
  /** Takes up what is next, on whichever piece it is; with work, when that is done. */
  goOn(work?: () => Promise<unknown>): Promise<void>;
  setBatch(order: BatchOrder): void;
  /** Where an operation is worked: a shape at the step it has come to, any other on its card. */
  path(operation: OperationSaid): string;
  readonly said: ComputedRef<PlanSaid | null>;
  /** Why there is none yet. */
  readonly problem: ComputedRef<AnelloError | null>;
  /** The bar it comes out of, as said or as taken. */
  readonly stock: ComputedRef<Stock | null>;
  /** Whether it is the user's own order. */
  readonly own: ComputedRef<boolean>;
  moveOperation(id: string, by: -1 | 1): void;
  moveHolding(id: string, by: -1 | 1): void;
  /** Puts one where it was dropped. */
  placeOperation(id: string, at: { readonly holding: string; readonly index: number }): void;
  placeHolding(id: string, index: number): void;
  proposeAgain(): void;
  setStock(change: Partial<StockDocument>): void;
}

type Worked<T> =
  { readonly value: T; readonly error: null } | { readonly value: null; readonly error: AnelloError };

/** Work that may be refused, with why. */
function attempt<T>(work: () => T): Worked<T> {
  try {
    return { value: work(), error: null };
  } catch (error) {
    if (error instanceof AnelloError) return { value: null, error };
    throw error;
  }
}

export const usePlan = shared('plan', (): PlanDesk => {
  const job = useJob();
  const lead = useLeadOn();
  const kit = useKit();
  const { lathe, progress } = useJobModel();
  const part = computed<Worked<PlanPart> | null>(() => {
    const { document } = job;
    const on = lathe.value;
    return document && on ? attempt(() => planPartOf(document, on, kit.core)) : null;
  });
  const worked = computed<Worked<{ holdings: readonly Holding[]; said: PlanSaid }> | null>(() => {
    const found = part.value;
    if (!found) return null;
    if (found.error) return found;
    return attempt(() => {
      const holdings = job.document?.plan ?? planPart(found.value).holdings;
      return { holdings, said: describePlan(found.value, holdings) };
    });
  });
  const stock = computed(() =>
    job.document ? attempt(() => stockOfJob(job.document as JobDocument)).value : null,
  );
  /** Moves something in the holdings, and keeps them where it did move. */
  function move(how: (holdings: readonly Holding[]) => readonly Holding[]): void {
    const before = unwatched(worked.value?.value?.holdings ?? []);
    const next = how(before);
    if (next !== before) job.edit((draft) => void (draft.plan = next as JobDocument['plan']));
  }
  const operations = computed(
    () => worked.value?.value?.said.holdings.flatMap((held) => held.operations) ?? [],
  );
  /** The shape an operation works, where it has a loop of its own. */
  function shapeOf({ operation, loop }: OperationSaid): string | null {
    const [feature] = operation.features;
    const { document } = job;
    return loop && feature !== undefined && document ? (shapeWith(document, feature)?.feature ?? null) : null;
  }
  const path = (one: OperationSaid): string => {
    const shape = shapeOf(one);
    if (shape === null) return `/job/${job.id}/work/${one.operation.id}`;
    const now = progress.value?.shapes.find(({ feature }) => feature === shape)?.now;
    const step = now && ofShape(now) ? now : 'way';
    return `/job/${job.id}/${step}/${shape}`;
  };
  const next = computed(() => {
    const { document } = job;
    const found = worked.value?.value?.holdings;
    if (!document || !found) return null;
    const at = nextInBatch(batchAt(document, found, job.records));
    if (!at) return null;
    const operation = operations.value.find((one) => one.operation.id === at.operation) ?? null;
    return { piece: at.piece, operation };
  });
  return {
    next,
    goOn: (work) =>
      lead(async () => {
        await work?.();
        const { value } = next;
        if (value && value.piece !== job.piece) await job.takeUp(value.piece);
        return value?.operation ? path(value.operation) : `/job/${job.id}/record`;
      }),
    setBatch: (order) => job.edit((draft) => void (draft.batch = order)),
    of: computed(() =>
      part.value?.value && worked.value?.value
        ? { part: part.value.value, holdings: worked.value.value.holdings }
        : null,
    ),
    operations,
    progress: computed(() =>
      lineProgress(
        job.document && worked.value?.value
          ? lineOperations(job.document, worked.value.value.holdings).flat()
          : [],
        job.records,
        job.piece,
        (progress.value?.shapes ?? []).flatMap(({ feature, done }) =>
          feature !== null && done ? [feature] : [],
        ),
      ),
    ),
    path,
    said: computed(() => worked.value?.value?.said ?? null),
    problem: computed(() => worked.value?.error ?? null),
    stock,
    own: computed(() => job.document?.plan !== undefined),
    moveOperation: (id, by) => move((holdings) => operationMoved(holdings, id, by)),
    placeOperation: (id, at) => move((holdings) => operationPlaced(holdings, id, at)),
    placeHolding: (id, index) => move((holdings) => holdingPlaced(holdings, id, index)),
    moveHolding: (id, by) => move((holdings) => holdingMoved(holdings, id, by)),
    proposeAgain() {
      const before = unwatched(job.document?.plan ?? []);
      job.editAndOffer(
        'As proposed again.',
        (draft) => void delete draft.plan,
        (draft) => void (draft.plan = before as JobDocument['plan']),
      );
    },
    setStock(changes) {
      const now = stock.value;
      const said: StockDocument = job.document?.stock ?? {
        shape: now?.shape ?? 'round',
        across: entry(`${now?.across ?? 0} mm`),
        length: entry(`${now?.length ?? 0} mm`),
      };
      job.edit((draft) => void (draft.stock = { ...said, ...changes }));
    },
  };
});

/** Holdings without what the page watches them by. */
const unwatched = (holdings: readonly Holding[]): readonly Holding[] =>
  JSON.parse(JSON.stringify(holdings)) as readonly Holding[];
