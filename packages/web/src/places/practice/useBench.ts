import { workTried } from '@anello/contract';
import { benchOf, gaugeOfCone, type Bench, type GaugeTry } from '@anello/core/practice';
import type { Against, FaultId, LatheAction, Tried } from '@anello/core/virtual-lathe';
import { ofKind, type KeptRecord } from '@anello/core/job';
import { computed, ref, shallowRef, type ComputedRef, type Ref } from 'vue';
import { heldRun } from '../../data/practice/done';
import { endPracticeJob } from '../../data/practice/book';
import type { PracticeJob } from '../../data/practice/kept';
import { latheOf, useShop } from '../../data/stores/shop';
import { useJob } from '../../data/stores/job';
import { useRuns } from './runs';
import type { Ended } from './usePracticeRun';
import { useLatheInHand, type LatheInHand } from './useLatheInHand';

/** What is read with at the practice lathe. */
export type InHand = 'indicator' | 'micrometer' | 'gauge' | 'scale';

export interface BenchDesk {
  readonly job: PracticeJob;
  readonly bench: Bench;
  readonly hand: LatheInHand;
  readonly inHand: Ref<InHand>;
  /** What the indicator stands on, and what it shows now, mm. */
  readonly on: Ref<Against>;
  readonly needle: ComputedRef<number>;
  /** The last of each that was measured, mm. */
  readonly measured: Ref<number | null>;
  readonly height: Ref<number | null>;
  readonly tried: Ref<Tried | null>;
  readonly coupled: ComputedRef<boolean>;
  readonly outcome: Ref<Ended | null>;
  /** So far in from the free end: by micrometer, or by a rule laid across. */
  measure(fromEnd: number, by?: 'measure' | 'rule'): void;
  /** A ball in the bore, or across two rollers on blocks against the shank. */
  overRound(diameter: number, blocks: number): void;
  tryGauge(): void;
  cloth(): void;
  finish(): void;
}

/**
 * The practice lathe beside a practice job: made ready for the shape that is worked, in the way it is worked. Errors:
 * out-of-range where it cannot be worked there.
 */
export function useBench(job: PracticeJob): BenchDesk | null {
  const shop = useShop();
  const runs = useRuns();
  const { document } = job.row;
  const work = workTried(document, job.feature, job);
  const machine = shop.byId(document.machineId);
  if (!work || !machine) return null;
  const bench = benchOf(work, latheOf(machine));
  const { seed, level, faults } = job.hidden;
  const inHand = ref<InHand>(bench.line ? 'micrometer' : 'indicator');
  const on = ref<Against>(bench.needleOn[0] as Against);
  const measured = ref<number | null>(null);
  const height = ref<number | null>(null);
  const tried = shallowRef<Tried | null>(null);
  const outcome = shallowRef<Ended | null>(null);
  const kept = useJob();
  const run = heldRun(job.id);
  const hand = useLatheInHand({
    begin: () => bench.begin(seed, level, faults),
    run,
    done(action, seen) {
      if (SIZES.has(action.do)) measured.value = seen.reading ?? null;
      if (action.do === 'height') height.value = seen.reading ?? null;
      if (action.do === 'try') tried.value = seen.tried ?? null;
    },
  });
  const cone: GaugeTry | null = bench.cone && gaugeOfCone(bench.cone);
  return {
    job,
    bench,
    hand,
    inHand,
    on,
    measured,
    height,
    tried,
    outcome,
    needle: computed(() => bench.sense(on.value) * hand.shown.value.watch(on.value)),
    coupled: computed(() => hand.scene.value.attachment.engaged),
    measure: (fromEnd, by = 'measure') =>
      void hand.act({ do: by, at: bench.out - fromEnd, side: bench.side }),
    overRound: (diameter, blocks) =>
      void hand.act(bench.side === 'inside' ? { do: 'ball', diameter } : { do: 'rollers', diameter, blocks }),
    tryGauge: () => cone && bench.gauged && void hand.act({ do: 'try', ...cone }),
    cloth: () => cone && void hand.act(clothOver(cone)),
    finish() {
      hand.end();
      const came = bench.judge(hand.lathe);
      outcome.value = {
        outcome: came,
        truth: hand.lathe.reveal(),
        found: foundIn(bench, hand.replay.done(), kept.records, height.value),
        story: hand.story(bench.gone),
      };
      void endPracticeJob(job.id);
      if (!job.exercise || job.ended) return;
      const minutes = hand.lathe.seconds / 60;
      const takings = hand.lathe.log.filter(({ do: did }) => TAKINGS.has(did)).length;
      runs.keep({ exercise: job.exercise, level, seed, right: came.right, minutes, takings });
    },
  };
}
/** What the job's own records, and a rule at the edge, say of what is hidden. */
function foundIn(
  bench: Bench,
  done: readonly LatheAction[],
  records: readonly KeptRecord[],
  height: number | null,
): Partial<Record<FaultId, number>> {
  const [nudge] = ofKind(records, 'nudge');
  const set = done.filter((action) => action.do === 'set').at(-1);
  return {
    ...(nudge && set ? bench.found(set.to, nudge.body.fromHalfAngle) : {}),
    ...(height === null ? {} : { toolHeight: height }),
  };
}
const clothOver = ({ from, to }: GaugeTry): LatheAction => ({ do: 'cloth', from, to });
/** What is read off a micrometer, across the metal or across what lies against it. */
const SIZES: ReadonlySet<LatheAction['do']> = new Set(['measure', 'rule', 'ball', 'rollers']);
const TAKINGS: ReadonlySet<LatheAction['do']> = new Set([...SIZES, 'indicate', 'try', 'height']);
