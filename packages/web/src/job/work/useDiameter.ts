import {
  diameterMove,
  diameterOnLathe,
  passFrom,
  type DiameterMove,
  type DiameterStand,
} from '@anello/core/approach';
import { USUAL_PASSES } from '@anello/core/cutting';
import { ofKind } from '@anello/core/job';
import { finest, type Instrument } from '@anello/core/kit';
import { USUAL_DIAL } from '@anello/core/machine';
import type { DiameterCard } from '@anello/core/plan';
import { computed, type ComputedRef } from 'vue';
import { useJob } from '../../data/stores/job';
import { useKit } from '../../data/stores/kit';
import { useJobModel } from '../model/useJobModel';
import { useOperation } from './useOperation';

export interface DiameterDesk {
  /** Where it stands, as measured last, and what to do next. */
  readonly stand: ComputedRef<DiameterStand>;
  /** How many were cut on this piece. */
  readonly passes: ComputedRef<number>;
  readonly move: ComputedRef<DiameterMove>;
  /** The pass that a figure on the dial means, depth on radius. Errors: as passFrom. */
  passTo(dialTo: number): { readonly depth: number };
  keepPass(dialTo: number, typed: string): Promise<void>;
  /** What it is taken to be measured with; null where none is owned. */
  readonly micrometer: ComputedRef<Instrument | null>;
  keepMeasured(diameter: number, typed: string): Promise<void>;
}

/** A plain diameter cut to its limits by the dial, as the core advises it from what was kept in this operation. */
export function useDiameter(card: () => DiameterCard, feature: () => string | null): DiameterDesk {
  const job = useJob();
  const kit = useKit();
  const { lathe } = useJobModel();
  const operation = useOperation();
  const dial = computed(() => lathe.value?.dial ?? USUAL_DIAL);
  const own = computed(() => operation.records.value.filter((r) => (r.feature ?? null) === feature()));
  /** The finest micrometer owned. */
  const micrometer = computed(() => finest(kit.core.instruments, 'micrometer') ?? null);
  const uncertainty = computed(() => micrometer.value?.uncertainty);
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
  const passTo: DiameterDesk['passTo'] = (dialTo) =>
    passFrom(stand.value.state, dialTo, {
      member: card().member,
      reads: dial.value.reads,
      swing: lathe.value?.swing,
    });
  return {
    stand,
    move,
    passes: computed(() => ofKind(own.value, 'pass').length),
    micrometer,
    passTo,
    async keepPass(dialTo, typed) {
      const { dial: dialFrom } = stand.value.state;
      const { depth } = passTo(dialTo);
      const planned = move.value.kind === 'cut' ? move.value.dialTo : null;
      await operation.keep({ kind: 'pass', dialFrom, dialTo, planned, depth, typed }, feature());
    },
    async keepMeasured(seen, typed) {
      const diameter = diameterOnLathe(seen, lathe.value ?? {});
      const { now, dial: dialAt } = stand.value.state;
      await operation.keep({ kind: 'measured', diameter, expected: now, dialAt, typed }, feature());
    },
  };
}
