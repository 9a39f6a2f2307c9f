import { useEventListener } from '@vueuse/core';
import { onScopeDispose } from 'vue';

/** An instrument types its figure faster than any hand: from key to key, ms. */
const FAST = 45;
/** A figure that was begun and never ended is let go after so long, ms. */
const ENDS = 300;
const BEGINS = /^[-+.,\d]$/;
const LONGEST = 40;

/**
 * An instrument that types like a keyboard: its figure, wherever the hand was, and not what its digits would do as keys. A
 * digit struck by hand is held back until no other has followed, which nobody notices, and then does what it does.
 */
export function useWedge(ready: () => boolean, take: (text: string) => void): void {
  let text = '';
  let first: { readonly key: string; readonly target: EventTarget | null } | null = null;
  let last = 0;
  let timer: ReturnType<typeof setTimeout> | null = null;
  /** Given back to the page: not to be held again. */
  const given = new WeakSet<Event>();

  function letGo(): void {
    if (timer) clearTimeout(timer);
    timer = null;
    const alone = text.length === 1 ? first : null;
    [text, first] = ['', null];
    if (!alone) return;
    const again = new KeyboardEvent('keydown', { key: alone.key, bubbles: true, cancelable: true });
    given.add(again);
    (alone.target ?? window).dispatchEvent(again);
  }
  function holdFor(ms: number): void {
    if (timer) clearTimeout(timer);
    timer = setTimeout(letGo, ms);
  }
  function follows(event: KeyboardEvent): boolean {
    if (text === '' || event.timeStamp - last >= FAST) return false;
    // After one digit alone only more of a figure: two keys struck at once by hand are two keys.
    return text.length === 1 ? BEGINS.test(event.key) : event.key.length === 1 || event.key === 'Enter';
  }
  function add(event: KeyboardEvent): void {
    last = event.timeStamp;
    if (event.key !== 'Enter') {
      text = (text + event.key).slice(0, LONGEST);
      return holdFor(ENDS);
    }
    const whole = text;
    text = '';
    letGo();
    if (ready()) take(whole);
  }

  useEventListener(
    window,
    'keydown',
    (event: KeyboardEvent) => {
      if (given.has(event) || event.ctrlKey || event.metaKey || event.altKey || isBusy(event.target)) return;
      if (follows(event)) {
        stop(event);
        return add(event);
      }
      if (text !== '') letGo();
      if (!BEGINS.test(event.key) || event.repeat) return;
      stop(event);
      [text, first, last] = [event.key, { key: event.key, target: event.target }, event.timeStamp];
      holdFor(FAST);
    },
    { capture: true },
  );
  onScopeDispose(() => timer && clearTimeout(timer));
}

function stop(event: Event): void {
  event.preventDefault();
  event.stopImmediatePropagation();
}

/** Where something is typed, it is typed there. */
const isBusy = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.matches('input, textarea, select') ||
    target.isContentEditable ||
    target.closest('.v-overlay') !== null);
