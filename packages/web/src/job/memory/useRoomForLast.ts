import { computed, ref, type ComputedRef } from 'vue';
import { HELD } from '../../data/names';
import { useHeld } from '../../data/useHeld';

/**
 * Room for the line that tells of last time, until it is known whether there is one: a page that has come to rest must not
 * move under the finger. It is kept where there was something to tell before, which in a shop with a past is everywhere.
 */
export function useRoomForLast(wanted: () => boolean): {
  readonly kept: ComputedRef<boolean>;
  /** Whether there is something to tell; null while that is asked. */
  hear(told: boolean | null): void;
} {
  const told = ref<boolean | null>(null);
  const before = useHeld(HELD.told, true);
  return {
    kept: computed(() => wanted() && told.value === null && before.value),
    hear(now) {
      told.value = now;
      if (now !== null) before.value = now;
    },
  };
}
