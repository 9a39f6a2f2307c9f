import { onUnmounted, watchEffect } from 'vue';
import { useScreen, type Across, type BarRequest, type StripMarks } from '../stores/screen';

/** A stage says what the reading bar, the strip and the across-the-shop view should show while it is open. */
export function useStageScreen(parts: { bar?: () => BarRequest | null; across?: () => Across | null; marks?: () => StripMarks }): void {
  const screen = useScreen();
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
    screen.bar = null;
    screen.across = null;
    screen.marks = {};
  });
}
