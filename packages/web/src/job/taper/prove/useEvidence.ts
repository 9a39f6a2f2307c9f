import { evidenceOf } from '@anello/core/approach';
import { AnelloError } from '@anello/core/basics';
import {
  angleNow,
  fitEvidence,
  type Evidence,
  type EvidenceFit,
  type RankedCause,
} from '@anello/core/evidence';
import type { Contact } from '@anello/core/gauging';
import { nextNudge, type Nudge } from '@anello/core/setting';
import { computed, type ComputedRef } from 'vue';
import { useJob } from '../../../data/stores/job';
import { useJobModel } from '../../model/useJobModel';

export interface EvidenceDesk {
  readonly evidence: ComputedRef<readonly Evidence[]>;
  readonly fit: ComputedRef<EvidenceFit | null>;
  readonly best: ComputedRef<RankedCause | null>;
  readonly picked: ComputedRef<Contact | null>;
  /** The end it rocks about can be clocked: it is marked at one end, and the angle is what is wrong. */
  readonly canClock: ComputedRef<boolean>;
  readonly nudge: ComputedRef<{ readonly nudge: Nudge; readonly measured: boolean } | null>;
  keepContact(picture: Contact): Promise<void>;
  /** Errors: impossible when the swing is more than the whole taper; nothing is kept then. */
  keepSwing(swing: number): Promise<void>;
}

/** What was seen and felt in the mate, what it makes of the part, and the nudge that follows. */
export function useEvidence(): EvidenceDesk {
  const job = useJob();
  const model = useJobModel();
  const task = computed(() => model.taper.value?.task ?? null);
  const evidence = computed(() => evidenceOf(model.records.value, job.piece));

  function weigh(seen: readonly Evidence[]): EvidenceFit | null {
    if (!task.value || seen.length === 0) return null;
    const { member, halfAngle, tolerance, length } = task.value;
    return fitEvidence({ member, evidence: seen, halfAngle, band: tolerance.halfAngle, length });
  }
  const fit = computed(() => {
    try {
      return weigh(evidence.value);
    } catch (error) {
      // A swing kept for another taper may be impossible for this one: then it says nothing.
      if (error instanceof AnelloError) return weigh(evidence.value.filter((e) => e.kind !== 'rock'));
      throw error;
    }
  });
  const best = computed(() => fit.value?.causes[0] ?? null);
  const picked = computed<Contact | null>(
    () => evidence.value.find((e) => e.kind === 'bands')?.where ?? null,
  );
  const touches = computed(() =>
    picked.value === 'large' || picked.value === 'small' ? picked.value : null,
  );

  const nudge = computed(() => {
    const { value: context } = model.context;
    if (!context || !model.way.value || !fit.value) return null;
    const { halfAngle, tolerance, length: along } = context.task;
    const now = angleNow(fit.value, { halfAngle, band: tolerance.halfAngle });
    if (now.basis === 'none') return null;
    return {
      nudge: nextNudge(model.way.value, context, now.halfAngle, along),
      measured: now.basis === 'measured',
    };
  });

  async function keep(contact: Contact, swing: number | null): Promise<void> {
    if (!task.value) return;
    const { halfAngle, length: along } = task.value;
    await model.keep({ kind: 'contact', contact, halfAngle, swing, distance: swing === null ? null : along });
  }

  async function keepSwing(swing: number): Promise<void> {
    if (!task.value || !touches.value) return;
    weigh([{ kind: 'rock', touches: touches.value, swing, distance: task.value.length }]);
    await keep(touches.value, swing);
  }

  return {
    evidence,
    fit,
    best,
    picked,
    canClock: computed(
      () =>
        touches.value !== null && (best.value?.cause === 'too-steep' || best.value?.cause === 'too-shallow'),
    ),
    nudge,
    keepContact: (picture) => keep(picture, null),
    keepSwing,
  };
}
