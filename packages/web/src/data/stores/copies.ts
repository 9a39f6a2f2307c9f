import type { CopiesSaid } from '@anello/contract';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { request, WHOLE_SHOP } from '../api';
import { useOutbox } from './outbox';

/** The copies of the book, as the server has them, and what somebody should see to. */
export const useCopies = defineStore('copies', () => {
  const outbox = useOutbox();
  const said = ref<CopiesSaid | null>(null);
  const making = ref(false);
  /** Why the copy that was asked for was not made. */
  const refused = ref('');

  async function load(): Promise<void> {
    try {
      said.value = await request<CopiesSaid>('GET', '/api/copies');
    } catch (error) {
      outbox.noticeAway(error);
    }
  }

  async function make(): Promise<void> {
    making.value = true;
    refused.value = '';
    try {
      said.value = await request<CopiesSaid>('POST', '/api/copies', {}, WHOLE_SHOP);
    } catch (error) {
      refused.value = error instanceof Error ? error.message : String(error);
      outbox.noticeAway(error);
      await load();
    } finally {
      making.value = false;
    }
  }

  /** In a sentence each; nothing while all is well. */
  const troubles = computed(() => {
    const now = said.value;
    if (!now) return [];
    return [
      ...(now.failed ? [`The last copy of the book could not be made: ${now.failed}`] : []),
      ...(now.overdue
        ? [
            now.last
              ? 'The book has been written to for days since its last copy.'
              : 'The book has no copy yet.',
          ]
        : []),
      ...(now.nearlyFull ? ['The disk is nearly full: soon nothing more can be kept.'] : []),
    ];
  });

  return { said, making, refused, troubles, load, make };
});
