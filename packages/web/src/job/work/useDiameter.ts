import { diameterMove, passTo, type DiameterMove, type DiameterStand } from '@anello/core/approach';
import { USUAL_PASSES } from '@anello/core/cutting';
import type { DiameterCard } from '@anello/core/plan';
import { computed, type ComputedRef } from 'vue';
import { useJob } from '../../data/stores/job';
import { useKit } from '../../data/stores/kit';
import { useJobModel } from '../model/useJobModel';
import { useOperation } from './useOperation';

export interface DiameterDesk {
  /** Where it stands, as measured last, and what to do next. */
  readonly stand: ComputedRef<DiameterStand>;
  readonly move: ComputedRef<DiameterMove>;
  keepPass(dialTo: number, typed: string): Promise<void>;
  keepMeasured(diameter: number, typed: string): Promise<void>;
}

/** A plain diameter cut to its limits by the dial, as the core advises it from what was kept in this operation. */
export function useDiameter(card: () => DiameterCard, feature: () => string | null): DiameterDesk {
  const job = useJob();
  const kit = useKit();
  const { lathe } = useJobModel();
  const operation = useOperation();
  const dial = computed(() => lathe.value?.dial ?? FALLBACK);
  const own = computed(() => operation.records.value.filter((r) => (r.feature ?? null) === feature()));
  /** Plus or minus of the finest micrometer owned. */
  const uncertainty = computed(() => {
    const found = kit.core.instruments.filter((i) => i.type === 'micrometer').map((i) => i.uncertainty);
    return found.length > 0 ? Math.min(...found) : undefined;
  });
  const stand = computed(() => {
    const { member, from, least, most } = card();
    return diameterMove(own.value, job.piece, {
      member,
      from,
      least,
      most,
      roughDepth: job.document?.cut.roughDepth.value ?? USUAL_PASSES.roughDepth,
      dial: { division: dial.value.division, reads: dial.value.reads },
      uncertainty: uncertainty.value,
    });
  });
  const move = computed(() => stand.value.move);
  return {
    stand,
    move,
    async keepPass(dialTo, typed) {
      const { dial: dialFrom } = stand.value.state;
      const { depth } = passTo(dialFrom, dialTo, dial.value.reads);
      const planned = move.value.kind === 'cut' ? move.value.dialTo : null;
      await operation.keep({ kind: 'pass', dialFrom, dialTo, planned, depth, typed }, feature());
    },
    async keepMeasured(diameter, typed) {
      const { now, dial: dialAt } = stand.value.state;
      await operation.keep({ kind: 'measured', diameter, expected: now, dialAt, typed }, feature());
    },
  };
}

/** A dial to go by while the lathe is not there. */
const FALLBACK = { division: 0.05, reads: 'diameter' } as const;
