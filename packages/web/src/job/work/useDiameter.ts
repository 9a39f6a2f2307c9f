import { cutState, diameterAdvice, diameterApproach, passTo } from '@anello/core/approach';
import { passPlan, USUAL_PASSES } from '@anello/core/cutting';
import type { DiameterCard } from '@anello/core/plan';
import { dialOf, radialOf } from '@anello/core/machine';
import { computed, type ComputedRef } from 'vue';
import { useJob } from '../../data/stores/job';
import { useKit } from '../../data/stores/kit';
import { useJobModel } from '../model/useJobModel';
import { useOperation } from './useOperation';

/** What to do next with a plain diameter. */
export type DiameterMove =
  /** Feed the dial there: by the plan while there is plenty on, by what the tool has shown near the size. */
  | {
      readonly kind: 'cut';
      readonly dialTo: number;
      readonly depth: number;
      readonly leaves: number;
      readonly learned: boolean;
      readonly chance: number | null;
    }
  /** Measure it: nothing is known of how it stands near the size. */
  | { readonly kind: 'measure' }
  /** Within its limits. */
  | { readonly kind: 'done' }
  /** Past its far limit. */
  | { readonly kind: 'past' }
  /** No cut is within the chance accepted: look first. */
  | { readonly kind: 'hold'; readonly move: string };

export interface DiameterDesk {
  /** Diameter as it stands, the dial, and how often it was cut and measured. */
  readonly state: ComputedRef<ReturnType<typeof cutState>>;
  readonly move: ComputedRef<DiameterMove>;
  /** Stock on diameter to the middle of its limits; less than nothing is past it. */
  readonly left: ComputedRef<number>;
  /** Diameter as measured last, where it was. */
  readonly measured: ComputedRef<number | null>;
  keepPass(dialTo: number, typed: string): Promise<void>;
  keepMeasured(diameter: number, typed: string): Promise<void>;
}

/** A hair on the dial. */
const HAIR = 1e-9;

/** A plain diameter cut to its limits by the dial: the roughing by plan, the last of it by the learned next infeed. */
export function useDiameter(card: () => DiameterCard, feature: () => string | null): DiameterDesk {
  const job = useJob();
  const kit = useKit();
  const { lathe } = useJobModel();
  const operation = useOperation();
  const dial = computed(() => lathe.value?.dial ?? FALLBACK);
  const own = computed(() => operation.records.value.filter((r) => (r.feature ?? null) === feature()));
  const middle = computed(() => (card().least + card().most) / 2);
  const sign = computed(() => (card().member === 'external' ? 1 : -1));
  const state = computed(() => cutState(own.value, job.piece, card().from, card().member));
  const left = computed(() => sign.value * (state.value.now - middle.value));
  const measured = computed(
    () => own.value.flatMap(({ body }) => (body.kind === 'measured' ? [body.diameter] : [])).at(-1) ?? null,
  );
  /** Whether anything was cut since it was measured. */
  const fresh = computed(() => {
    const last = own.value.findLast(({ body }) => body.kind === 'measured' || body.kind === 'pass');
    return last?.body.kind === 'measured';
  });
  const roughDepth = computed(() => job.document?.cut.roughDepth.value ?? USUAL_PASSES.roughDepth);
  /** Plus or minus of the micrometer owned. */
  const uncertainty = computed(() =>
    kit.core.instruments
      .filter((i) => i.type === 'micrometer')
      .map((i) => i.uncertainty)
      .sort((a, b) => a - b)
      .at(0),
  );
  const planned = computed(() => {
    const { division, reads } = dial.value;
    if (left.value <= USUAL_PASSES.lastStock + HAIR) return null;
    const [next] = passPlan({
      member: card().member,
      now: state.value.now,
      finish: middle.value,
      dialNow: state.value.dial,
      roughDepth: roughDepth.value,
      lastStock: 0,
      allowance: USUAL_PASSES.lastStock,
      division,
      reads,
    });
    return next ?? null;
  });

  const move = computed<DiameterMove>(() => {
    const { least, most, member } = card();
    if (planned.value) {
      const { dialTo, depth, leaves } = planned.value;
      return { kind: 'cut', dialTo, depth, leaves, learned: false, chance: null };
    }
    if (!fresh.value || measured.value === null) return { kind: 'measure' };
    if (measured.value >= least - HAIR && measured.value <= most + HAIR) return { kind: 'done' };
    if (sign.value * (measured.value - (member === 'external' ? least : most)) < 0) return { kind: 'past' };
    const division = radialOf(dial.value.division, dial.value.reads);
    const approach = diameterApproach(own.value, job.piece, { member, least, most });
    const said = diameterAdvice(
      approach,
      { member, least, most },
      { division, uncertainty: uncertainty.value },
    );
    if (!said || said.move === 'measure') return { kind: 'measure' };
    if (said.move !== 'cut' && said.move !== 'spring-pass') return { kind: 'hold', move: said.move };
    const depth = Math.min(Math.max(0, said.infeed), roughDepth.value);
    return {
      kind: 'cut',
      depth,
      dialTo: state.value.dial + dialOf(depth, dial.value.reads),
      leaves: 2 * Math.max(0, said.prediction.left),
      learned: true,
      chance: said.chance,
    };
  });

  return {
    state,
    move,
    left,
    measured,
    async keepPass(dialTo, typed) {
      const { dial: dialFrom } = state.value;
      const { depth } = passTo(dialFrom, dialTo, dial.value.reads);
      const next = move.value.kind === 'cut' ? move.value.dialTo : null;
      await operation.keep({ kind: 'pass', dialFrom, dialTo, planned: next, depth, typed }, feature());
    },
    async keepMeasured(diameter, typed) {
      const { now, dial: dialAt } = state.value;
      await operation.keep({ kind: 'measured', diameter, expected: now, dialAt, typed }, feature());
    },
  };
}

/** A dial to go by while the lathe is not there. */
const FALLBACK = { division: 0.05, reads: 'diameter' } as const;
