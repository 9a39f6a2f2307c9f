import { ref, type Ref } from 'vue';

/** Scrolled by this much, the strip above gives up what it saves; it comes back at the top. */
const SHRINKS = 48;
/** About what it saves: with less left to scroll it would come back by itself. */
const SAVES = 170;

/** Whether enough is scrolled that what stands above may be low. */
export function useScrolledUnder(): { readonly under: Ref<boolean>; onScroll(event: Event): void } {
  const under = ref(false);
  return {
    under,
    onScroll({ currentTarget }) {
      if (!(currentTarget instanceof HTMLElement)) return;
      const { scrollTop, scrollHeight, clientHeight } = currentTarget;
      if (scrollTop <= 0) under.value = false;
      else if (scrollTop > SHRINKS && scrollHeight - clientHeight > SAVES + SHRINKS) under.value = true;
    },
  };
}
