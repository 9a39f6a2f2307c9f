import { approachAdvice, approachOf, lastPrediction, USUAL_RISK, type Approach } from '@anello/core/approach';
import { advanceFromInfeed } from '@anello/core/gauging';
import type { InfeedAdvice, Lore } from '@anello/core/infeed';
import { ofKind } from '@anello/core/job';
import { radialOf } from '@anello/core/machine';
import { computed, type ComputedRef, type Ref } from 'vue';
import { useJob } from '../../../data/stores/job';
import { useJobModel } from '../../model/useJobModel';
import { useLore } from './useLore';
import { useWork } from '../../model/useWork';

export interface ApproachDesk {
  readonly approach: ComputedRef<Approach>;
  readonly advice: ComputedRef<InfeedAdvice | null>;
  /** A pass was kept since the last try. */
  readonly cutSince: ComputedRef<boolean>;
  readonly last: ComputedRef<ReturnType<typeof lastPrediction>>;
  /** What the lathe’s earlier approaches say of its tools; null of none. */
  readonly lore: Readonly<Ref<Lore | null>>;
  readonly risk: ComputedRef<number>;
  /** Stand-off for stock on radius. */
  along(stock: number): number;
  setRisk(risk: number): void;
  /** Dial, slide and tool were looked at: the passes so far are no guide any more, and the count begins anew from here. */
  countFromHere(): Promise<void>;
}

/** The way to the line: what the tool has shown, the next infeed for the risk accepted, how the last came out. */
export function useApproach(): ApproachDesk {
  const job = useJob();
  const model = useJobModel();
  const { work, edit } = useWork('taper');
  const risk = computed(() => work.value.cut.risk ?? USUAL_RISK);
  const approach = computed(() => approachOf(model.records.value, job.piece));
  const lore = useLore();
  const limits = computed(() => {
    const task = model.taper.value?.task;
    const dial = model.lathe.value?.dial;
    const standOff = work.value.tolerance.standOff.value;
    if (!task || !dial) return null;
    return {
      halfAngle: task.halfAngle,
      standOff,
      risk: risk.value,
      division: radialOf(dial.division, dial.reads),
      lore: lore.value ?? undefined,
      twice: true,
    };
  });
  return {
    approach,
    cutSince: computed(() => {
      const pass = approach.value.passes.at(-1);
      return pass !== undefined && pass.removed === undefined;
    }),
    lore,
    risk,
    advice: computed(() => (limits.value ? approachAdvice(approach.value, limits.value) : null)),
    last: computed(() => (limits.value ? lastPrediction(approach.value, limits.value) : null)),
    along: (stock) =>
      limits.value
        ? advanceFromInfeed({ infeed: stock, dial: 'radius', halfAngle: limits.value.halfAngle }).advance
        : 0,
    async countFromHere() {
      const last = ofKind(model.records.value, 'stand-off', job.piece).at(-1);
      if (last) await model.keep({ ...last.body, checked: true });
    },
    setRisk: (next) => edit((draft) => void (draft.cut.risk = next)),
  };
}
