import { onScopeDispose, ref, watch, type Ref } from 'vue';
import { useClick } from '../../ui/useClick';

/** A beat to turn a handle by: a light that swells, and a click where it is wanted. */
export function useBeat(secondsPerTurn: Ref<number>) {
  const running = ref(false);
  const loud = ref(false);
  const beat = ref(0);
  let timer: ReturnType<typeof setTimeout> | null = null;
  const click = useClick();

  function tick(): void {
    beat.value++;
    if (loud.value) click();
    timer = setTimeout(tick, secondsPerTurn.value * 1000);
  }

  function stop(): void {
    running.value = false;
    if (timer) clearTimeout(timer);
    timer = null;
  }
  function toggle(): void {
    if (running.value) return stop();
    running.value = true;
    tick();
  }
  /** A new pace is kept from the next beat on, without a stumble. */
  watch(secondsPerTurn, () => {
    if (!running.value || !timer) return;
    clearTimeout(timer);
    timer = setTimeout(tick, secondsPerTurn.value * 1000);
  });
  onScopeDispose(stop);
  return { running, loud, beat, toggle };
}
