import { useHeld } from '../../data/useHeld';
import type { Entry } from '@anello/contract';
import { computed, toValue, type ComputedRef, type MaybeRefOrGetter } from 'vue';

export interface KeptEntries {
  /** Where they are kept, and what their boxes' drafts are named by. */
  readonly key: ComputedRef<string>;
  entry(name: string): Entry | undefined;
  value(name: string): number | undefined;
  set(name: string, next: Entry | undefined): void;
  /** Empties every box but those named. */
  clear(...except: readonly string[]): void;
  /** Nothing is typed in any of them. */
  readonly empty: ComputedRef<boolean>;
}

/** Figures typed at the machine that belong to no document: they outlive a reload, not the sitting. */
export function useKeptEntries(name: MaybeRefOrGetter<string>): KeptEntries {
  const key = computed(() => `anello.${toValue(name)}`);
  const given = useHeld<Record<string, Entry>>(name, {});
  const without = (left: string): Record<string, Entry> => {
    const { [left]: _old, ...rest } = given.value;
    return rest;
  };
  return {
    key,
    entry: (at) => given.value[at],
    value: (at) => given.value[at]?.value,
    set: (at, next) => void (given.value = next ? { ...given.value, [at]: next } : without(at)),
    clear: (...except) =>
      void (given.value = Object.fromEntries(
        Object.entries(given.value).filter(([at]) => except.includes(at)),
      )),
    empty: computed(() => Object.keys(given.value).length === 0),
  };
}
