import { createPinia, setActivePinia, type Pinia } from 'pinia';

/**
 * One for a whole file of tests: a store of a test before, whose timer goes off in the next one, makes its own Pinia the
 * active one, and that must not be another.
 */
const pinia = createPinia();

/** Lets go of every store, so that whoever asks next is given a fresh one, as on a page opened anew. */
export function freshStores(): Pinia {
  // Its stores by name, which Pinia does not publish.
  const { _s: stores } = pinia as Pinia & { readonly _s: Map<string, { $dispose(): void }> };
  for (const store of [...stores.values()]) store.$dispose();
  pinia.state.value = {};
  setActivePinia(pinia);
  return pinia;
}
