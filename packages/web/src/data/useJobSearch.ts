import type { JobCard, Rack } from '@anello/contract';
import { useDebounceFn } from '@vueuse/core';
import { ref, shallowRef, watch, type Ref, type ShallowRef } from 'vue';
import { request } from './api';
import { newest } from './newest';

export interface JobSearch {
  /** What is typed to find a job by. */
  readonly search: Ref<string>;
  readonly found: ShallowRef<readonly JobCard[]>;
  readonly away: Ref<boolean>;
}

/** Asked for once a hand rests so long, ms. */
const SOON = 200;

/**
 * Jobs of the shop, found by number or words as they are typed; without any, those worked on last.
 * @param most so many of them
 * @param wordsOf what of the text is to be found: all of it, where it is left out
 */
export function useJobSearch(most: number, wordsOf = (typed: string): string => typed): JobSearch {
  const search = ref('');
  const found = shallowRef<readonly JobCard[]>([]);
  const away = ref(false);
  const looking = newest();
  async function find(): Promise<void> {
    const counts = looking();
    // Cleared by its cross, a box holds nothing at all.
    const asked = new URLSearchParams({ limit: String(most), search: wordsOf(search.value ?? '') });
    try {
      const rack = await request<Rack>('GET', `/api/jobs?${asked.toString()}`);
      if (!counts()) return;
      found.value = rack.jobs;
      away.value = false;
    } catch {
      if (counts()) away.value = true;
    }
  }
  void find();
  watch(search, useDebounceFn(find, SOON));
  return { search, found, away };
}
