import { createPinia, setActivePinia, type Pinia } from 'pinia';

/**
 * One for a whole file of tests: a store of a test before, whose timer goes off in the next one, makes its own Pinia the
 * active one, and that must not be another.
 */
const pinia = createPinia();

/** What the page has put off for later. */
const putOff = new Set<ReturnType<typeof setTimeout>>();

function rememberTimers(): void {
  const [later, againAndAgain] = [globalThis.setTimeout, globalThis.setInterval];
  const remembered =
    (set: (...given: Parameters<typeof later>) => ReturnType<typeof later>) =>
    (...given: Parameters<typeof later>): ReturnType<typeof later> => {
      const timer = set(...given);
      putOff.add(timer);
      return timer;
    };
  globalThis.setTimeout = remembered(later) as typeof setTimeout;
  globalThis.setInterval = remembered(againAndAgain) as typeof setInterval;
}
rememberTimers();

/**
 * Lets go of every store and of what it has put off, as a page that is left does, so that whoever asks next is given a fresh
 * one.
 */
export function freshStores(): Pinia {
  for (const timer of putOff) clearTimeout(timer);
  putOff.clear();
  // Its stores by name, which Pinia does not publish.
  const { _s: stores } = pinia as Pinia & { readonly _s: Map<string, { $dispose(): void }> };
  for (const store of [...stores.values()]) store.$dispose();
  pinia.state.value = {};
  setActivePinia(pinia);
  return pinia;
}
