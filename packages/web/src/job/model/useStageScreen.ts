import { onUnmounted, watchEffect } from 'vue';
import { useScreen, type Across, type BarRequest, type StripMarks } from '../../data/stores/screen';

/** A stage says what the reading bar, the strip and the across-the-shop view should show while it is open. */
export function useStageScreen(parts: {
  bar?: () => BarRequest | null;
  across?: () => Across | null;
  marks?: () => StripMarks;
}): void {
  const screen = useScreen();
  // The next stage is set up before the last one is gone: only the one in charge may clear the screen.
  const me = Symbol('stage');
  screen.owner = me;
  watchEffect(() => {
    screen.bar = parts.bar?.() ?? null;
  });
  watchEffect(() => {
    screen.across = parts.across?.() ?? null;
  });
  watchEffect(() => {
    screen.marks = parts.marks?.() ?? {};
  });
  onUnmounted(() => {
    if (screen.owner !== me) return;
    screen.bar = null;
    screen.across = null;
    screen.marks = {};
  });
}
