import { dialIn, indicatorPlan, type DialIn, type EccentricPart } from '@anello/core/eccentric';
import { JAWS } from '@anello/core/holding';
import { ofKind, type RecordOf } from '@anello/core/job';
import { computed, type ComputedRef, type Ref } from 'vue';
import { HELD } from '../../data/names';
import { useJob } from '../../data/stores/job';
import { usePreferences } from '../../data/stores/preferences';
import { useHeld } from '../../data/useHeld';
import { shownResolution } from '../../ui/shownResolution';
import { NOTHING_TRIED, tried } from '../model/tried';
import { useJobModel } from '../model/useJobModel';
import { useKeptEntries, type KeptEntries } from '../model/useKeptEntries';
import type { EccentricDesk } from './useEccentric';

export interface DialInDesk {
  /** What was read and is not kept yet, by jaw or by end. */
  readonly kept: KeptEntries;
  /** The highest and the lowest are read, wherever they lie, instead of each jaw. */
  readonly extremes: Ref<boolean>;
  readonly resolution: ComputedRef<number>;
  /** Where the throw stands and what to move; null while too little is read. */
  readonly now: ComputedRef<DialIn | null>;
  readonly refused: ComputedRef<string>;
  readonly indicator: ComputedRef<ReturnType<typeof indicatorPlan>>;
  readonly tries: ComputedRef<readonly RecordOf<'thrown'>[]>;
  /** The last try kept was right. */
  readonly proved: ComputedRef<boolean>;
  /** The jaw to read next; null when all are read. */
  readonly nextJaw: ComputedRef<number | null>;
  /** Keeps what is read now as a try, and clears the boxes for the next. */
  keep(): Promise<void>;
}

/** A throw being dialled in: live from any readings so far. */
export function useDialIn(desk: EccentricDesk, part: () => EccentricPart): DialInDesk {
  const job = useJob();
  const preferences = usePreferences();
  const model = useJobModel();
  const kept = useKeptEntries(() => `throw.${job.id}.${job.piece}.${part().id}`);
  const extremes = useHeld(HELD.extremes, false);
  const resolution = computed(() => shownResolution(model.lathe.value?.indicator));
  const readings = computed(() =>
    extremes.value
      ? (['high', 'low'] as const).flatMap((end) => {
          const [seen, angle] = [kept.value(end), kept.value(`${end}At`)];
          return seen !== undefined && angle !== undefined ? [{ reading: seen, direction: angle }] : [];
        })
      : JAWS.flatMap((direction, i) => {
          const seen = kept.value(String(i + 1));
          return seen === undefined ? [] : [{ reading: seen, direction }];
        }),
  );
  const found = computed(() =>
    readings.value.length < 2
      ? NOTHING_TRIED
      : tried(
          () =>
            dialIn({
              readings: readings.value,
              extremes: extremes.value,
              throw: part().throw,
              toward: desk.choice.value.toward ?? null,
              diameter: part().diameter,
              resolution: model.lathe.value?.indicator,
              limit: desk.limit.value,
            }),
          preferences.units,
        ),
  );
  const now = computed(() => found.value.found);
  const tries = computed(() =>
    ofKind(model.records.value, 'thrown', job.piece).filter((r) => r.body.eccentric === part().id),
  );
  return {
    kept,
    extremes,
    resolution,
    now,
    // Two jaws that are not opposite only want a third.
    refused: computed(() => (found.value.code === 'underdetermined' ? '' : found.value.said)),
    indicator: computed(() => indicatorPlan({ throw: part().throw, range: desk.range.value })),
    tries,
    proved: computed(() => tries.value.at(-1)?.body.inside ?? false),
    nextJaw: computed(
      () => now.value?.readNext ?? [1, 3, 2, 4].find((jaw) => kept.value(String(jaw)) === undefined) ?? null,
    ),
    async keep() {
      if (!now.value) return;
      const { at, throwNow, inside } = now.value;
      await model.keepAndOffer(
        {
          kind: 'thrown',
          eccentric: part().id,
          wanted: part().throw,
          now: throwNow,
          x: at.x,
          y: at.y,
          inside,
        },
        'Try kept.',
      );
      kept.clear();
    },
  };
}
