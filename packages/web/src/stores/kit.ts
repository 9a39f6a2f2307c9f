import {
  coreKit,
  shopTaperSize,
  type KitDocument,
  type KitRow,
  type ShopTaper,
  type TaperRow,
} from '@anello/contract';
import type { TaperSize } from '@anello/core';
import { useSessionStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { request, ServerAway } from '../lib/api';
import { bench, plain } from '../lib/db';
import { useOutbox } from './outbox';

/** What the shop owns and the tapers it has saved; from the browser's store when the server is away. */
export const useKit = defineStore('kit', () => {
  const outbox = useOutbox();
  const kit = ref<KitRow[]>([]);
  const tapers = ref<TaperRow[]>([]);
  const loaded = ref(false);
  /** Gauge blocks standing in another stack just now, mm. */
  const blocksInUse = useSessionStorage<number[]>('anello.blocks-in-use', []);
  const withoutWear = useSessionStorage('anello.without-wear', false);

  async function load(): Promise<void> {
    try {
      const [things, saved] = await Promise.all([
        request<{ rows: KitRow[] }>('GET', '/api/kit'),
        request<{ rows: TaperRow[] }>('GET', '/api/tapers'),
      ]);
      kit.value = things.rows;
      tapers.value = saved.rows;
      await remember();
      outbox.reached();
    } catch (error) {
      if (!(error instanceof ServerAway)) throw error;
      outbox.noticeAway();
      await recall();
    }
    loaded.value = true;
  }

  async function remember(): Promise<void> {
    const tx = (await bench()).transaction(['kit', 'tapers'], 'readwrite');
    await tx.objectStore('kit').clear();
    await tx.objectStore('tapers').clear();
    for (const row of kit.value) await tx.objectStore('kit').put(plain(row));
    for (const row of tapers.value) await tx.objectStore('tapers').put(plain(row));
    await tx.done;
  }

  async function recall(): Promise<void> {
    if (loaded.value) return;
    const store = await bench();
    kit.value = await store.getAll('kit');
    tapers.value = await store.getAll('tapers');
  }

  /** Adds a thing, or saves it over the version it was read at. Errors: as the server's, ServerAway. */
  async function keep(id: string, version: number | null, document: KitDocument): Promise<void> {
    await send('/api/kit', id, version, document);
    await load();
  }

  async function keepTaper(id: string, version: number | null, document: ShopTaper): Promise<void> {
    await send('/api/tapers', id, version, document);
    await load();
  }

  return {
    kit,
    tapers,
    loaded,
    load,
    keep,
    keepTaper,
    blocksInUse,
    withoutWear,
    core: computed(() => coreKit(kit.value.map((row) => row.document))),
    sizes: computed<readonly TaperSize[]>(() =>
      tapers.value.filter((row) => !row.document.archived).map((row) => shopTaperSize(row.id, row.document)),
    ),
  };
});

async function send(path: string, id: string, version: number | null, document: object): Promise<void> {
  if (version === null) await request('POST', path, { id, document });
  else await request('PUT', `${path}/${id}`, { version, document });
}
