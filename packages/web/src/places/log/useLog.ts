import type { LogPage, LogRow } from '@anello/contract';
import { computed, ref, watch, type ComputedRef, type Ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { request } from '../../data/api';
import { useChanges } from '../../data/live';
import { newest } from '../../data/newest';
import { useOutbox } from '../../data/stores/outbox';

export const ASKS = [
  'words',
  'machine',
  'operator',
  'kind',
  'verdict',
  'shape',
  'series',
  'size',
  'way',
  'material',
  'from',
  'to',
] as const;
export type Ask = (typeof ASKS)[number];
export type Asked = Partial<Record<Ask, string>>;

export interface LogDesk {
  readonly rows: Ref<readonly LogRow[]>;
  readonly state: Ref<'waiting' | 'ready' | 'failed'>;
  readonly more: ComputedRef<boolean>;
  /** What is asked for, as the address has it: gone back to, it is asked again. */
  readonly asked: ComputedRef<Asked>;
  ask(change: Asked): void;
  loadMore(): Promise<void>;
  /** The address of what is asked for as a file. */
  file(format: 'csv' | 'json'): string;
}

/** Rows of the first page. */
const PAGE = 50;

const inAddress = (asked: Asked): string => new URLSearchParams(asked as Record<string, string>).toString();

/**
 * Everything kept in the shop, newest first, as it is asked for.
 * @param count so many rows are shown at first, where it is come back to; else a page of them
 */
export function useLog(count = 0): LogDesk {
  const route = useRoute();
  const router = useRouter();
  const outbox = useOutbox();
  const rows = ref<readonly LogRow[]>([]);
  const next = ref<number | null>(null);
  const state = ref<'waiting' | 'ready' | 'failed'>('waiting');
  const asked = computed<Asked>(() =>
    Object.fromEntries(
      ASKS.flatMap((key) => {
        const value = route.query[key];
        return typeof value === 'string' && value !== '' ? [[key, value]] : [];
      }),
    ),
  );
  const question = newest();
  /** So many rows are to be seen, in as many pages as that takes. */
  let wanted = Math.max(PAGE, count);
  async function load(shown: readonly LogRow[], from: number | null): Promise<void> {
    const counts = question();
    try {
      let [found, before] = [shown, from];
      for (let come = PAGE; come > 0 && found.length < wanted;) {
        const older = await page(before);
        if (!counts()) return;
        [found, before] = [[...found, ...older.rows], older.next];
        come = before === null ? 0 : older.rows.length;
      }
      [rows.value, next.value, state.value] = [found, before, 'ready'];
    } catch {
      if (counts()) state.value = 'failed';
    }
  }
  const page = (before: number | null): Promise<LogPage> => {
    const query = inAddress({ ...asked.value, ...(before === null ? {} : { before: String(before) }) });
    return request<LogPage>('GET', `/api/log?${query}`);
  };
  const again = (): Promise<void> => load([], null);
  watch(asked, () => {
    wanted = PAGE;
    void again();
  });
  void again();
  // What was kept here a moment ago may still have been on its way.
  watch(
    () => outbox.count,
    (now, before) => now < before && void again(),
  );
  // What another screen has kept comes on top, unless older pages are being read.
  useChanges(['record', 'all'], () => {
    if (rows.value.length <= PAGE) void again();
  });
  return {
    rows,
    state,
    more: computed(() => next.value !== null),
    asked,
    ask(change) {
      const all: Asked = { ...asked.value, ...change };
      const query = Object.fromEntries(Object.entries(all).filter(([, value]) => value));
      void router.replace({ query });
    },
    loadMore() {
      wanted = rows.value.length + PAGE;
      return load(rows.value, next.value);
    },
    file: (format) => `/api/log.${format}?${inAddress(asked.value)}`,
  };
}
