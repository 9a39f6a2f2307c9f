import { HELD } from '../names';
import { useHeld } from '../useHeld';
import {
  coreKit,
  shopTaperSize,
  type Aside,
  type KitDocument,
  type KitRow,
  type ShopTaper,
  type TaperRow,
} from '@anello/contract';
import type { TaperSize } from '@anello/core/taper';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { request, ServerAway } from '../api';
import { bench, remember } from '../db';
import { inOrder } from '../inOrder';
import { newId } from '../newId';
import { useOutbox } from './outbox';

/** What the shop owns and the tapers it has saved; from the browser's store when the server is away. */
export const useKit = defineStore('kit', () => {
  const outbox = useOutbox();
  const kit = ref<KitRow[]>([]);
  const tapers = ref<TaperRow[]>([]);
  /** Things and tapers that are kept and cannot be read. */
  const aside = ref<Aside[]>([]);
  const loaded = ref(false);
  /** Gauge blocks standing in another stack just now, mm. */
  const blocksInUse = useHeld<number[]>(HELD.blocksInUse, []);
  const withoutWear = useHeld(HELD.withoutWear, false);

  const asking = inOrder();
  async function load(): Promise<void> {
    const comesInOrder = asking();
    try {
      const [things, saved] = await Promise.all([
        request<{ rows: KitRow[]; aside?: Aside[] }>('GET', '/api/kit'),
        request<{ rows: TaperRow[]; aside?: Aside[] }>('GET', '/api/tapers'),
      ]);
      if (!comesInOrder()) return;
      kit.value = things.rows;
      tapers.value = saved.rows;
      aside.value = [...(things.aside ?? []), ...(saved.aside ?? [])];
      await remember('kit', kit.value);
      await remember('tapers', tapers.value);
      outbox.reached();
    } catch (error) {
      if (!(error instanceof ServerAway)) throw error;
      outbox.noticeAway(error);
      await recall();
    }
    loaded.value = true;
  }

  async function recall(): Promise<void> {
    if (loaded.value) return;
    const store = await bench();
    kit.value = (await store.getAll('kit')) as KitRow[];
    tapers.value = (await store.getAll('tapers')) as TaperRow[];
  }

  /** Adds a thing, or saves it over the version it was read at. Errors: as the server's, ServerAway. */
  async function keep(
    id: string,
    version: number | null,
    document: KitDocument,
    save?: string,
  ): Promise<void> {
    await send('/api/kit', id, { version, document, save });
    await load();
  }

  async function keepTaper(
    id: string,
    version: number | null,
    document: ShopTaper,
    save?: string,
  ): Promise<void> {
    await send('/api/tapers', id, { version, document, save });
    await load();
  }

  return {
    kit,
    tapers,
    aside,
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

async function send(
  path: string,
  id: string,
  { version, document, save }: { version: number | null; document: object; save: string | undefined },
): Promise<void> {
  if (version === null) await request('POST', path, { id, document });
  else await request('PUT', `${path}/${id}`, { version, document, save: save ?? newId() });
}
