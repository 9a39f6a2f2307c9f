import { coreFeatures, type EccentricWork, type Entry } from '@anello/contract';
import {
  eccentricsOf,
  PACKING_STEP,
  usualThrowLimit,
  type EccentricPart,
  type MadeBasis,
  type MadeId,
} from '@anello/core/eccentric';
import { compareEccentricWays, type EccentricWayId } from '@anello/core/ways';
import { computed, type ComputedRef } from 'vue';
import { useJob } from '../../data/stores/job';
import { useKit } from '../../data/stores/kit';
import { shared } from '../model/desk';
import { useJobModel } from '../model/useJobModel';
import { useWork } from '../model/useWork';

type Lengths = 'limit' | 'packing' | 'grooveTool' | 'partTool' | 'leastLand' | 'weightAt' | 'clear';

export interface EccentricDesk {
  readonly part: ComputedRef<EccentricPart | null>;
  readonly throws: ComputedRef<readonly EccentricPart[]>;
  readonly choice: ComputedRef<EccentricWork>;
  readonly ways: ComputedRef<ReturnType<typeof compareEccentricWays> | null>;
  readonly basis: ComputedRef<MadeBasis | null>;
  /** Longest stroke of an indicator owned, mm; null when none is on record. */
  readonly range: ComputedRef<number | null>;
  /** What the whole travel may be off by, either way, mm: as the drawing says, or the usual. */
  readonly limit: ComputedRef<number>;
  /** Packing is made and measured to this, mm. */
  readonly step: number;
  change(more: Partial<EccentricWork>): void;
  setLength(key: Lengths, next: Entry | undefined): void;
  choose(id: EccentricWayId): void;
  keepMade(what: MadeId): Promise<void>;
}

/** The eccentric a job is about, how it is made, and what is made of it. */
export const useEccentric = shared('eccentric', makeEccentricDesk);

function makeEccentricDesk(): EccentricDesk {
  const job = useJob();
  const kit = useKit();
  const model = useJobModel();
  const part = model.eccentric;
  const throws = computed(() => eccentricsOf(coreFeatures(job.document?.features ?? [])));
  const { work: choice, lay, held } = useWork('eccentric');
  const range = computed(() => {
    const strokes = kit.core.instruments.filter((i) => i.type === 'indicator').map((i) => i.range ?? 0);
    return strokes.length > 0 ? Math.max(...strokes) || null : null;
  });

  const change = (more: Partial<EccentricWork>): void => lay(more);
  const basis = computed<MadeBasis | null>(() => {
    if (!part.value) return null;
    const { throw: e, diameter, width, bore, hub } = part.value;
    return { throw: e, diameter, width, bore, hub: hub?.diameter ?? null };
  });

  return {
    part,
    throws,
    choice,
    limit: computed(() => choice.value.limit?.value ?? usualThrowLimit(model.lathe.value?.indicator ?? 0)),
    step: PACKING_STEP,
    ways: computed(() =>
      part.value && model.lathe.value
        ? compareEccentricWays({
            part: part.value,
            throws: throws.value,
            lathe: model.lathe.value,
            quantity: job.document?.quantity ?? 1,
            range: range.value,
            step: PACKING_STEP,
          })
        : null,
    ),
    basis,
    range,
    change,
    setLength: (key, next) => change({ [key]: next }),
    choose(way) {
      const before = choice.value.way;
      const here = held();
      here.lay({ way });
      if (before && before !== way) job.offerBack('Way changed.', () => here.lay({ way: before }));
    },
    async keepMade(what) {
      if (!part.value || !basis.value) return;
      await model.keepAndOffer({
        kind: 'made',
        eccentric: part.value.id,
        what,
        basis: basis.value,
      });
    },
  };
}
