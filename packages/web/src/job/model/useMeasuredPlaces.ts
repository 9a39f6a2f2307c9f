import type { CurvePoint } from '@anello/core/curve';
import { computed, type ComputedRef, type MaybeRefOrGetter, type Ref } from 'vue';
import { readPlaces } from '../../files/read/readPlaces';
import { useHeld } from '../../data/useHeld';
import { usePreferences } from '../../data/stores/preferences';

export interface MeasuredPlaces {
  /** As typed, or as a CSV had it; outlives a reload. */
  readonly text: Ref<string>;
  readonly read: ComputedRef<{
    /** mm, radius. */
    readonly places: readonly CurvePoint[];
    /** What could not be read, line by line. */
    readonly problem: string;
  }>;
}

/** Places of a curve as measured, a line each: along, and the diameter there. */
export function useMeasuredPlaces(name: MaybeRefOrGetter<string>): MeasuredPlaces {
  const preferences = usePreferences();
  const text = useHeld(name, '');
  return {
    text,
    read: computed(() => {
      const { places, unread } = readPlaces(text.value, preferences.units === 'mm' ? 'mm' : 'in');
      return {
        places: places.map(({ z, diameter }) => ({ z, r: diameter / 2 })),
        problem: unread.map(({ line, said }) => `Line ${line}: ${said}`).join(' '),
      };
    }),
  };
}
