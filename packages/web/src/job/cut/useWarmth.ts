import { useJobModel } from '../model/useJobModel';
import type { Entry } from '@anello/contract';
import { diameterAt20, MEASURED_WARM } from '@anello/core/gauging';
import { STEEL_EXPANDS } from '@anello/core/kit';
import { computed, type ComputedRef, type Ref } from 'vue';
import { useJob } from '../../data/stores/job';
import { useKeptEntries } from '../model/useKeptEntries';
import { useMaterial } from '../model/useMaterial';

export interface Warmth {
  readonly given: Ref<Entry | undefined>;
  readonly material: ComputedRef<string>;
  readonly problem: ComputedRef<string | undefined>;
  /** What the warmth adds to the diameter being cut, mm; null when it is not said. */
  readonly growth: ComputedRef<number | null>;
  set(next: Entry | undefined): void;
  /** What a diameter measured now comes to at 20 °C, and the temperature to keep with it. */
  at20(diameter: number): { diameter: number; temperature?: number };
}

const ROOM = 20;

/** The piece's own warmth while it is measured: bronze off the tool at 45 °C is 0.02 mm large at 40 mm. */
export function useWarmth(diameter: () => number): Warmth {
  const job = useJob();
  const model = useJobModel();
  const kept = useKeptEntries(() => `warm.${model.key.value}.${job.piece}`);
  const given = computed(() => kept.entry('at'));
  const { row } = useMaterial();
  const problem = computed(() => {
    const at = given.value?.value;
    return at !== undefined && (at < MEASURED_WARM.coldest || at > MEASURED_WARM.hottest)
      ? `Between ${MEASURED_WARM.coldest} and ${MEASURED_WARM.hottest} °C.`
      : undefined;
  });
  const temperature = computed(() => (problem.value ? undefined : given.value?.value));
  const cooled = (measured: number): number =>
    diameterAt20({
      diameter: measured,
      temperature: temperature.value ?? ROOM,
      expansion: row.value?.expansion ?? STEEL_EXPANDS,
    }).diameterAt20;
  return {
    given,
    material: computed(() => row.value?.name ?? 'Steel'),
    problem,
    growth: computed(() =>
      temperature.value === undefined || diameter() <= 0 ? null : diameter() - cooled(diameter()),
    ),
    set: (next) => kept.set('at', next),
    at20: (measured) =>
      temperature.value === undefined
        ? { diameter: measured }
        : { diameter: cooled(measured), temperature: temperature.value },
  };
}
