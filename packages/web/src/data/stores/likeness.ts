import type { LikenessSaid } from '@anello/contract';
import { defineStore } from 'pinia';
import { shallowReactive } from 'vue';
import { request } from '../api';

/** What lathes are like by their records, as far as anybody has asked: a help, and nothing while the server is away. */
export const useLikeness = defineStore('likeness', () => {
  const said = shallowReactive(new Map<string, LikenessSaid>());

  async function ask(machine: string): Promise<void> {
    try {
      said.set(
        machine,
        await request<LikenessSaid>('GET', `/api/machines/${encodeURIComponent(machine)}/likeness`),
      );
    } catch {
      // The lathe's figures stand as they are typed.
    }
  }

  return { of: (machine: string) => said.get(machine) ?? null, ask };
});
