import { computed, ref, watch, type ComputedRef } from 'vue';

export interface Pages {
  /** The first of those shown, from 0. */
  readonly first: ComputedRef<number>;
  /** One past the last shown. */
  readonly end: ComputedRef<number>;
  readonly many: ComputedRef<boolean>;
  /** Shows the page an entry stands on, from 0; the last page for one past the end. */
  show(index: number): void;
  turn(by: -1 | 1): void;
}

/** A long list a page at a time. */
export function usePages(count: () => number, perPage: number): Pages {
  const page = ref(0);
  const last = computed(() => Math.max(0, Math.ceil(count() / perPage) - 1));
  const turnTo = (to: number): void => void (page.value = Math.min(last.value, Math.max(0, to)));
  watch(last, () => turnTo(page.value));
  const first = computed(() => page.value * perPage);
  return {
    first,
    end: computed(() => Math.min(count(), first.value + perPage)),
    many: computed(() => count() > perPage),
    show: (index) => turnTo(Math.floor(index / perPage)),
    turn: (by) => turnTo(page.value + by),
  };
}
