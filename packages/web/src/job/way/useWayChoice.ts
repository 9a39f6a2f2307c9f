import type { Figure, Phrase } from '@anello/core/figure';
import { computed, type ComputedRef } from 'vue';
import { useGo } from '../model/useGo';
import { useStageScreen } from '../model/useStageScreen';

/** A way of making something, as its card shows it. */
export interface WayCardFacts {
  readonly id: string;
  readonly title: string;
  readonly blockers: readonly Phrase[];
  readonly setting: Figure;
  readonly settingLabel: string;
  readonly notes: readonly Phrase[];
}

export interface WayChoiceDesk<W extends WayCardFacts> {
  readonly ways: ComputedRef<readonly W[]>;
  readonly recommended: ComputedRef<W['id'] | null>;
  readonly chosen: ComputedRef<W['id'] | null>;
  choose(id: W['id']): void;
}

/** The reading bar and the across-the-shop view of a stage where a way is chosen. */
export function useWayChoice<W extends WayCardFacts>(desk: WayChoiceDesk<W>): void {
  const go = useGo();
  const base = {
    key: 'way',
    asks: 'nothing',
  } as const;
  const shown = computed(() =>
    desk.ways.value.find((w) => w.id === (desk.chosen.value ?? desk.recommended.value)),
  );
  useStageScreen({
    bar: () => {
      const best = desk.recommended.value;
      if (best === null) return null;
      return desk.chosen.value
        ? {
            ...base,
            label: 'The way is chosen',
            hint: 'Another can be chosen above at any time.',
            empty: { label: 'On to Set', run: () => void go.to('set') },
          }
        : {
            ...base,
            label: 'Take the recommended way',
            hint: 'Or choose another above.',
            empty: { label: 'Choose it', run: () => desk.choose(best) },
          };
    },
    across: () =>
      shown.value && shown.value.blockers.length === 0
        ? { step: [shown.value.title], label: shown.value.settingLabel, figure: shown.value.setting }
        : null,
  });
}
