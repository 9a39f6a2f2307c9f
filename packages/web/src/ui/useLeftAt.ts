import { onBeforeRouteLeave } from 'vue-router';

/**
 * How a place stood when it was left, kept with its entry in the browser's history: gone back to, or loaded again, it may
 * stand so again. Null of a place that is come to anew.
 * @param now how it stands
 */
export function useLeftAt<T extends object>(now: () => T): T | null {
  onBeforeRouteLeave(() => history.replaceState({ ...history.state, leftAt: now() }, ''));
  return (history.state as { leftAt?: T } | null)?.leftAt ?? null;
}
