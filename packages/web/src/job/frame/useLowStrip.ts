import { useElementSize } from '@vueuse/core';
import { computed, ref, watch, type ComputedRef, type CSSProperties, type Ref } from 'vue';

/** What of the strip stays above what is scrolled under it, px: the piece without its dimensions. */
export const LOW = 89;

/**
 * The strip scrolls away with what is under it until only its low form is left. It keeps its room all the while, so that
 * nothing moves under a hand that presses: what it saves is saved by being scrolled, never by being taken out.
 */
export interface LowStrip {
  readonly low: Ref<boolean>;
  readonly style: ComputedRef<CSSProperties>;
  onScroll(event: Event): void;
  /** At its top again. */
  reset(): void;
}

/** Of a box round the strip, which keeps its whole height. */
export function useLowStrip(box: Readonly<Ref<HTMLElement | null>>): LowStrip {
  const low = ref(false);
  const whole = ref(0);
  const { height } = useElementSize(box, undefined, { box: 'border-box' });
  watch(height, (now) => {
    if (!low.value && now > 0) whole.value = now;
  });
  /** Scrolled by so much, no more of it than its low form is to be seen. */
  const saves = computed(() => Math.max(0, whole.value - LOW));
  return {
    low,
    style: computed(() => ({
      top: `${-saves.value}px`,
      ...(low.value ? { height: `${whole.value}px` } : {}),
    })),
    onScroll({ currentTarget }) {
      if (!(currentTarget instanceof HTMLElement)) return;
      low.value = saves.value > 0 && currentTarget.scrollTop >= saves.value;
    },
    reset: () => void (low.value = false),
  };
}
