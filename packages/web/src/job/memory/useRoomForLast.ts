import { computed, ref, type ComputedRef } from 'vue';
import { HELD } from '../../data/names';
import { useHeld } from '../../data/useHeld';

/**
 * Room for the line that tells of last time, until it is known whether there is one: a page that has come to rest must not
 * move under the finger. It is kept where there was something to tell before; where nobody has been yet, as it was with the
 * last shape of its kind, and in a shop with a past there is something of each.
 * @param place what the line is of, null where there is none
 * @param kind of shape
 */
export function useRoomForLast(
  place: () => string | null,
  kind: () => string,
): {
  readonly kept: ComputedRef<boolean>;
  /** Whether there is something to tell; null while that is asked. */
  hear(told: boolean | null): void;
} {
  const told = ref<boolean | null>(null);
  const lately = useHeld(() => HELD.told(kind()), true);
  const here = useHeld<'' | 'yes' | 'no'>(() => HELD.toldAt(place() ?? ''), '');
  return {
    kept: computed(
      () =>
        place() !== null && told.value === null && (here.value === '' ? lately.value : here.value === 'yes'),
    ),
    hear(now) {
      told.value = now;
      if (now === null) return;
      lately.value = now;
      here.value = now ? 'yes' : 'no';
    },
  };
}
