import { useSessionStorage, type RemovableRef } from '@vueuse/core';
import { computed, toValue, type MaybeRefOrGetter } from 'vue';

/**
 * Something typed or picked at the machine that belongs to no document: it outlives a reload, not the sitting. Its name
 * is one of HELD, or made of what it stands beside.
 */
export function useHeld<T>(name: MaybeRefOrGetter<string>, initial: T): RemovableRef<T> {
  return useSessionStorage<T>(
    computed(() => `anello.${toValue(name)}`),
    initial,
  );
}
