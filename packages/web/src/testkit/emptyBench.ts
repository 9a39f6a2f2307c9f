import { bench } from '../data/db';
import { STORE_KEYS } from '../data/names';

/** A browser that has kept nothing yet. */
export async function emptyBench(): Promise<void> {
  const db = await bench();
  for (const store of Object.keys(STORE_KEYS) as (keyof typeof STORE_KEYS)[]) await db.clear(store);
  // Last: the word of a sender that began before this and will never end would keep every other from sending.
  if (typeof localStorage === 'undefined') return;
  localStorage.clear();
  sessionStorage.clear();
}
