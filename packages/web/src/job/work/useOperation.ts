import { hardnessSeen, sizeOnLathe } from '@anello/core/approach';
import { AnelloError } from '@anello/core/basics';
import { plainText, type Phrase } from '@anello/core/figure';
import { standing, type KeptRecord, type RecordBody, isSized, isWorked } from '@anello/core/job';
import { operationInHand, type Measure, type OperationInHand, type OperationSaid } from '@anello/core/plan';
import { computed, inject, provide, type ComputedRef, type InjectionKey } from 'vue';
import { useRouter } from 'vue-router';
import { useJob } from '../../data/stores/job';
import { usePreferences } from '../../data/stores/preferences';
import { useJobModel } from '../model/useJobModel';
import { usePlan, type PlanDesk } from '../plan/usePlan';

/** The plain operation in hand: how the piece stands, its cards, and keeping what was seen and done. */
export interface OperationDesk {
  readonly inHand: ComputedRef<OperationInHand | null>;
  /** Why there is none: the line of work has changed, or there is none yet. */
  readonly problem: ComputedRef<Phrase | null>;
  readonly previous: ComputedRef<OperationSaid | null>;
  readonly next: ComputedRef<OperationSaid | null>;
  /** What was kept in it on this piece and still stands. */
  readonly records: ComputedRef<readonly KeptRecord[]>;
  readonly done: ComputedRef<boolean>;
  /** What is still to be measured in it. */
  readonly toMeasure: ComputedRef<readonly Measure[]>;
  /** What is held in the browser for it begins with this. */
  readonly key: ComputedRef<string>;
  keep(body: RecordBody, feature: string | null): Promise<void>;
  keepSize(measure: Measure, seen: number, typed: string): Promise<void>;
  /** Keeps that it is done, and goes on to the next. */
  finish(): Promise<void>;
  /** The piece in hand. */
  readonly piece: ComputedRef<number>;
  /** What comes when it is done, as the batch is worked. */
  readonly onward: PlanDesk['next'];
  /** Takes it up, on whichever piece it is. */
  goOn(): Promise<void>;
  go(to: OperationSaid | null): void;
}

const KEY: InjectionKey<OperationDesk> = Symbol('operation in hand');

export function provideOperation(id: () => string): OperationDesk {
  const job = useJob();
  const plan = usePlan();
  const { lathe } = useJobModel();
  const router = useRouter();
  const preferences = usePreferences();
  const found = computed(() => {
    const of = plan.of.value;
    if (!of) return { inHand: null, error: plan.problem.value };
    try {
      return { inHand: operationInHand(of.part, of.holdings, id()), error: null };
    } catch (error) {
      if (error instanceof AnelloError) return { inHand: null, error };
      throw error;
    }
  });
  const inHand = computed(() => found.value.inHand);
  const named = (other: string | null | undefined): OperationSaid | null =>
    plan.operations.value.find((one) => one.operation.id === other) ?? null;
  const next = computed(() => named(inHand.value?.next));
  const records = computed(() =>
    standing(job.records).filter((r) => r.piece === job.piece && r.operation === id()),
  );
  const measures = computed(() =>
    (inHand.value?.cards ?? []).flatMap(({ card, feature }) =>
      'measures' in card ? card.measures.map((measure) => ({ measure, feature })) : [],
    ),
  );
  const about = (feature: string | null) => ({ operation: id(), ...(feature ? { feature } : {}) });
  const go = (to: OperationSaid | null): void =>
    void router.push(to ? plan.path(to) : `/job/${job.id}/record`);

  const desk: OperationDesk = {
    inHand,
    problem: computed(() => found.value.error?.phrase ?? null),
    previous: computed(() => named(inHand.value?.previous)),
    next,
    records,
    done: computed(() => records.value.some((r) => isWorked(r.body))),
    toMeasure: computed(() => {
      const seen = new Set(records.value.map(({ body }) => (isSized(body) ? body.what : null)));
      return measures.value.map(({ measure }) => measure).filter(({ what }) => !seen.has(what));
    }),
    key: computed(() => `${job.id}.${job.piece}.${id()}`),
    async keep(body, feature) {
      await job.keepAndOffer(body, undefined, about(feature));
    },
    async keepSize(measure, figure, typed) {
      const seen = measure.unit
        ? hardnessSeen(figure)
        : lathe.value
          ? sizeOnLathe(figure, lathe.value)
          : figure;
      const feature = measures.value.find((one) => one.measure.what === measure.what)?.feature ?? null;
      const { what, least: low, most: high, unit } = measure;
      await job.keepAndOffer(
        { kind: 'sized', what, seen, low, high, ...(unit ? { unit } : {}), typed },
        `${what} kept.`,
        about(feature),
      );
    },
    async finish() {
      const of = inHand.value;
      if (!of) return;
      const said =
        of.cards.map(({ line }) => plainText(line, preferences.units)).join('; ') || of.operation.name;
      await plan.goOn(() =>
        job.keepAndOffer(
          {
            kind: 'worked',
            said: said.slice(0, MOST_SAID),
            alike: of.alike,
            minutes: of.operation.minutes,
          },
          `${of.operation.name} done.`,
          about(of.cards[0]?.feature ?? null),
        ),
      );
    },
    piece: computed(() => job.piece),
    onward: plan.next,
    goOn: () => plan.goOn(),
    go,
  };
  provide(KEY, desk);
  return desk;
}

const MOST_SAID = 200;

/** The operation in hand; only inside its stage. */
export function useOperation(): OperationDesk {
  const desk = inject(KEY);
  if (!desk) throw new Error('useOperation needs an operation around it.');
  return desk;
}
