import { onScopeDispose } from 'vue';

/** Long after what is looked at has come, ms: where a browser has no word for being idle. */
const LATER = 1500;

const soon = (work: () => void): void => {
  if ('requestIdleCallback' in window) window.requestIdleCallback(work);
  else setTimeout(work, LATER);
};

/** The page has nothing else to do. */
export const idle = (): Promise<void> => new Promise((resolve) => soon(resolve));

/** Fetches what is not looked at yet, one thing after another, only while the page has nothing else to do. */
export function useFetchedWhenIdle(): (loads: readonly (() => Promise<unknown>)[]) => void {
  let left: (() => Promise<unknown>)[] = [];
  function next(): void {
    const load = left.shift();
    // A browser remembers a module that it could not fetch until the page is loaded anew: what comes after is left for when it
    // is wanted, or a server away for a moment would take half the house with it.
    if (load)
      void load().then(
        () => soon(next),
        () => (left = []),
      );
  }
  onScopeDispose(() => (left = []));
  return (loads) => {
    left = [...loads];
    soon(next);
  };
}
