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
    initial === null ? { serializer: TEXT_OR_MORE as typeof TEXT_OR_MORE & { read(raw: string): T } } : {},
  );
}

/** Nothing yet does not tell what it will be: text lies as it is, anything else as JSON. */
const TEXT_OR_MORE = {
  read(raw: string): unknown {
    try {
      return raw.startsWith('{"') ? (JSON.parse(raw) as unknown) : raw;
    } catch {
      return raw;
    }
  },
  write: (value: unknown): string => (typeof value === 'string' ? value : JSON.stringify(value)),
};
