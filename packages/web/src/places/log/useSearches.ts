import type { Search, Searches } from '@anello/contract';
import { useLocalStorage } from '@vueuse/core';
import { ref, type Ref } from 'vue';
import { request } from '../../data/api';
import { useChanges } from '../../data/live';
import { LOCAL } from '../../data/names';

export interface SearchDesk {
  readonly searches: Ref<readonly Search[]>;
  /** What could not be kept, and why; empty while all is well. */
  readonly refused: Ref<string>;
  keep(name: string, asked: Search['asked']): Promise<void>;
  drop(name: string): Promise<void>;
}

const address = (name: string): string => `/api/searches/${encodeURIComponent(name)}`;

/** The searches of the logbook the shop keeps, for every screen. Those an older Anello left in this browser are brought in. */
export function useSearches(): SearchDesk {
  const searches = ref<readonly Search[]>([]);
  const refused = ref('');
  const left = useLocalStorage<Search[]>(LOCAL.searches, []);

  async function take(answer: Promise<Searches>): Promise<boolean> {
    refused.value = '';
    try {
      searches.value = (await answer).searches;
      return true;
    } catch (error) {
      refused.value = error instanceof Error ? error.message : String(error);
      return false;
    }
  }
  const keep = (name: string, asked: Search['asked']): Promise<boolean> =>
    take(request<Searches>('PUT', address(name), { asked }));
  async function load(): Promise<void> {
    if (!(await take(request<Searches>('GET', '/api/searches')))) return;
    for (const { name, asked } of [...left.value])
      if (await keep(name, asked)) left.value = left.value.filter((one) => one.name !== name);
  }
  void load();
  useChanges(['shelf', 'all'], () => void load());
  return {
    searches,
    refused,
    keep: async (name, asked) => void (await keep(name, asked)),
    drop: async (name) => void (await take(request<Searches>('DELETE', address(name)))),
  };
}
