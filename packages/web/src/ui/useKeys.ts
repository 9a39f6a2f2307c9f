import { useEventListener } from '@vueuse/core';

/** Keys that work anywhere on a screen except while something is being typed. */
export function useKeys(keys: Readonly<Record<string, (event: KeyboardEvent) => void>>): void {
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (event.key === 'Escape' && isTyping(event.target)) {
      (event.target as HTMLElement).blur();
      return;
    }
    if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target) || isOverlaid()) return;
    const act = keys[event.key] ?? keys[event.key.toLowerCase()];
    if (!act) return;
    event.preventDefault();
    act(event);
  });
}

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement && (target.matches('input, textarea, select') || target.isContentEditable)
  );
}

/** A dialog or menu has the keyboard to itself. */
const isOverlaid = (): boolean =>
  document.querySelector('.v-overlay--active.v-dialog, .v-overlay--active.v-menu') !== null;
