import { AnelloError, type ErrorData } from '@anello/core';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { request, ServerAway } from '../lib/api';
import { bench, plain, type Waiting } from '../lib/db';

const FIRST_WAIT = 1000;
const LONGEST_WAIT = 8000;

/**
 * What is kept goes into the browser's store first and leaves it only when the server has taken it. Requests
 * carry ids made here, so sending one twice keeps it once.
 */
export const useOutbox = defineStore('outbox', () => {
  const waiting = ref<Waiting[]>([]);
  const refused = ref<Waiting[]>([]);
  const away = ref(false);
  let wait = FIRST_WAIT;
  let timer: ReturnType<typeof setTimeout> | null = null;
  let running: Promise<void> | null = null;

  async function reload(): Promise<void> {
    const all = await (await bench()).getAll('outbox');
    waiting.value = all.filter((w) => !w.refused);
    refused.value = all.filter((w) => w.refused);
  }

  /** Holds a request and starts sending; returns once it is safe in the browser. */
  async function add(item: Omit<Waiting, 'seq' | 'refused'>): Promise<void> {
    await (await bench()).add('outbox', plain(item));
    await reload();
    void flush();
  }

  /** Sends everything waiting, oldest first, one sender at a time even across tabs. */
  function flush(): Promise<void> {
    running ??= alone(sendAll).finally(() => {
      running = null;
    });
    return running;
  }

  async function sendAll(): Promise<void> {
    await reload();
    for (const item of [...waiting.value]) {
      try {
        await request(item.method, item.url, item.body);
        await (await bench()).delete('outbox', item.seq as number);
      } catch (error) {
        if (error instanceof ServerAway) return laterAgain();
        await (await bench()).put('outbox', plain({ ...item, refused: asData(error) }));
      }
      await reload();
    }
    reached();
    if (waiting.value.length > 0) await sendAll();
  }

  function laterAgain(): void {
    away.value = true;
    if (timer) clearTimeout(timer);
    timer = setTimeout(() => void probe(), wait);
    wait = Math.min(LONGEST_WAIT, wait * 2);
  }

  /** Asks whether the server is there again; when it is, everything waiting goes. */
  async function probe(): Promise<void> {
    try {
      await request('GET', '/api/health');
    } catch {
      return laterAgain();
    }
    reached();
    await flush();
  }

  function reached(): void {
    away.value = false;
    wait = FIRST_WAIT;
    if (timer) clearTimeout(timer);
    timer = null;
  }

  /** Something else found the server away: start looking for it. */
  function noticeAway(): void {
    if (!away.value) laterAgain();
  }

  async function dismiss(seq: number): Promise<void> {
    await (await bench()).delete('outbox', seq);
    await reload();
  }

  return {
    waiting,
    refused,
    away,
    count: computed(() => waiting.value.length),
    add,
    flush,
    reload,
    noticeAway,
    reached,
    dismiss,
  };
});

function asData(error: unknown): ErrorData {
  if (error instanceof AnelloError) return error.toData();
  return new AnelloError('internal', null, 'The server refused this.').toData();
}

async function alone(work: () => Promise<void>): Promise<void> {
  if (!('locks' in navigator)) return work();
  await navigator.locks.request('anello-outbox', work);
}
