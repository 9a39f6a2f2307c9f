import type { JobRow } from '@anello/contract';
import { AnelloError, type ErrorData } from '@anello/core/basics';
import type { KeptRecord } from '@anello/core/job';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { alone } from '../alone';
import { request, ServerAway, ServerBroke, SignInNeeded } from '../api';
import { BROKE_WAIT, brokeAgain, rested } from '../broke';
import { bench, plain, type Acknowledged, type Waiting } from '../db';
import { allDrafts, isDraftKey, readDraft, writeDraft, type Draft } from '../drafts';
import { holdArrived, holdSaved } from '../heldJobs';
import { leftOver, strikeOut, writeNow } from '../journal';
import { newId } from '../newId';
import { holdPicture, PICTURES_URL } from '../pictures';
import { sayTrouble } from '../trouble';
import { sendDraft } from './sendDraft';

const FIRST_WAIT = 1000;
const LONGEST_WAIT = 8000;
/** Marks of what was acknowledged are held for two weeks, ms. */
const MARKED = 14 * 24 * 3600 * 1000;

/**
 * What is kept goes into the browser's store first and leaves it only when the server has taken it: readings, settings,
 * and the drafts of every job, whatever is on the screen. Requests carry ids made here, so sending one twice does it once.
 */
export const useOutbox = defineStore('outbox', () => {
  const waiting = ref<Waiting[]>([]);
  const refused = ref<Waiting[]>([]);
  const drafts = shallowRef<readonly Draft[]>([]);
  /** The job whose draft was taken last, as it then stood. */
  const taken = shallowRef<{ readonly row: JobRow; readonly save: string; readonly at: number } | null>(null);
  /** What the server has said it keeps since this page began, and when: an answer asked for before that knows nothing of it. */
  const arrived: { readonly record: KeptRecord; readonly at: number }[] = [];
  const away = ref(false);
  const signIn = ref(false);
  /** What a store that is full could not hold; sent from here. */
  const loose: Waiting[] = [];
  let looseSeq = -1;
  let wait = FIRST_WAIT;
  let timer: ReturnType<typeof setTimeout> | null = null;
  let running: Promise<void> | null = null;
  const due = (d: Draft): boolean => !d.refused && !d.theirs && rested(d);

  async function reload(): Promise<void> {
    const all = [...((await (await bench()).getAll('outbox').catch(() => [])) as Waiting[]), ...loose];
    waiting.value = all.filter((w) => !w.refused);
    refused.value = all.filter((w) => w.refused);
    drafts.value = allDrafts();
  }

  /** Holds a request and starts sending; returns once it is safe in the browser, or said not to be. */
  async function add(item: Omit<Waiting, 'seq' | 'refused' | 'broke'>): Promise<void> {
    const key = writeNow(plain(item));
    await bringIn(key, plain(item));
    await reload();
    tellOthers();
    void flush();
  }

  async function bringIn(key: string, item: Waiting): Promise<void> {
    try {
      await (await bench()).add('outbox', item);
    } catch (error) {
      loose.push({ ...item, seq: looseSeq-- });
      sayTrouble(error);
    }
    strikeOut(key);
  }

  /** What an older Anello, or a page that went in the middle of keeping, left behind. */
  async function takeInLeftOvers(): Promise<void> {
    for (const { key, item } of leftOver()) await bringIn(key, item);
    await takeInOldDrafts();
    await reload();
  }

  /** Sends everything waiting, oldest first, one sender at a time even across tabs. */
  function flush(): Promise<void> {
    running ??= alone(sendAll)
      .then((mine) => {
        // Another tab sends; should it go without a word, this one takes over.
        if (!mine) setTimeout(() => void flush(), LONGEST_WAIT);
      })
      .catch(() => laterAgain())
      .finally(() => {
        running = null;
      });
    return running;
  }

  async function sendAll(): Promise<void> {
    await reload();
    for (const item of [...waiting.value]) {
      if (!rested(item)) continue;
      if ((await sendOne(item)) === 'stop') return;
      await reload();
    }
    for (const draft of allDrafts()) {
      if (!due(draft)) continue;
      if ((await sendEdit(draft)) === 'stop') return;
    }
    reached();
    await reload();
    tellOthers();
    const resting = [...waiting.value, ...drafts.value].some((held) => !rested(held));
    if (waiting.value.some(rested) || drafts.value.some(due)) await sendAll();
    else if (resting) setTimeout(() => void flush(), BROKE_WAIT);
  }

  async function sendOne(item: Waiting): Promise<'on' | 'stop'> {
    try {
      refuseBroken(item);
      await request(item.method, item.url, item.body);
      if (item.url === '/api/records') noteArrived(item.body as KeptRecord);
      await mark(item);
      await forget(item.seq as number);
      return 'on';
    } catch (error) {
      if (error instanceof ServerBroke) return setAside(item);
      if (error instanceof ServerAway) return stop(error);
      await replace({ ...item, refused: asData(error) });
      return 'on';
    }
  }

  /** What the server broke on is not what follows it. */
  async function setAside(item: Waiting): Promise<'on'> {
    await replace({ ...item, broke: brokeAgain(item.broke) });
    return 'on';
  }

  async function sendEdit(draft: Draft): Promise<'on' | 'stop'> {
    try {
      const row = await sendDraft(draft);
      if (row) {
        taken.value = { row, save: draft.save, at: performance.now() };
        void holdSaved(row);
      }
      drafts.value = allDrafts();
      return 'on';
    } catch (error) {
      if (error instanceof ServerBroke) {
        const now = readDraft(draft.jobId);
        // In the draft itself, so that no other tab asks for the same breakage.
        if (now?.save === draft.save) writeDraft({ ...now, broke: brokeAgain(now.broke) });
        return 'on';
      }
      if (error instanceof ServerAway) return stop(error);
      throw error;
    }
  }

  function stop(error: ServerAway): 'stop' {
    if (error instanceof SignInNeeded) signIn.value = true;
    else laterAgain();
    return 'stop';
  }

  async function forget(seq: number): Promise<void> {
    const at = loose.findIndex((w) => w.seq === seq);
    if (at >= 0) loose.splice(at, 1);
    else await (await bench()).delete('outbox', seq);
  }

  async function replace(item: Waiting): Promise<void> {
    const at = loose.findIndex((w) => w.seq === item.seq);
    if (at >= 0) return void (loose[at] = item);
    await (await bench()).put('outbox', plain(item)).catch(sayTrouble);
  }

  function noteArrived(record: KeptRecord): void {
    arrived.push({ record, at: performance.now() });
    void holdArrived(record);
  }

  /** Records of a job that arrived at the server since a moment of this page. */
  const arrivedSince = (jobId: string, moment: number): KeptRecord[] =>
    arrived.filter(({ record, at }) => record.jobId === jobId && at >= moment).map(({ record }) => record);

  /** Leaves a mark of a record the server has, in case it is given an older book. */
  async function mark({ url, body }: Waiting): Promise<void> {
    if (url === PICTURES_URL) return holdPicture(body, Date.now() - MARKED);
    if (url !== '/api/records') return;
    const record = body as KeptRecord;
    const db = await bench();
    await db.put('acknowledged', plain({ id: record.id, at: Date.now(), record })).catch(() => undefined);
  }

  /** Of a job's records the server had said it keeps, those that it no longer has. Old marks are cleared away. */
  async function lost(jobId: string, kept: ReadonlySet<string>): Promise<KeptRecord[]> {
    const db = await bench();
    const all = (await db.getAll('acknowledged').catch(() => [])) as Acknowledged[];
    for (const { id, at } of all)
      if (at < Date.now() - MARKED) await db.delete('acknowledged', id).catch(() => undefined);
    const going = new Set(waiting.value.map((w) => (w.body as { id?: string }).id));
    return all.map((a) => a.record).filter((r) => r.jobId === jobId && !kept.has(r.id) && !going.has(r.id));
  }

  async function forgetLost(records: readonly KeptRecord[]): Promise<void> {
    const db = await bench();
    for (const { id } of records) await db.delete('acknowledged', id).catch(() => undefined);
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

  /** Something else found the server away, or wanting the passphrase. */
  function noticeAway(error?: unknown): void {
    if (error instanceof SignInNeeded) signIn.value = true;
    else if (!away.value) laterAgain();
  }

  async function signedIn(): Promise<void> {
    signIn.value = false;
    reached();
    await flush();
  }

  async function dismiss(seq: number): Promise<void> {
    await forget(seq);
    await reload();
  }

  /** Sends something refused again: as it was, or as changed. */
  async function again(item: Waiting, body: unknown = item.body): Promise<void> {
    await forget(item.seq as number);
    await add({ method: item.method, url: item.url, body });
  }

  /** Drafts an older Anello left in the other store. */
  async function takeInOldDrafts(): Promise<void> {
    const db = await bench();
    const old = (await db.getAll('drafts').catch(() => [])) as Omit<Draft, 'save'>[];
    for (const draft of old) {
      if (!readDraft(draft.jobId)) writeDraft({ ...draft, save: newId() });
      await db.delete('drafts', draft.jobId).catch(() => undefined);
    }
  }

  const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('anello');
  channel?.addEventListener('message', () => void reload());
  const tellOthers = (): void => channel?.postMessage('changed');
  if (typeof window !== 'undefined')
    window.addEventListener('storage', ({ key }) => {
      if (isDraftKey(key)) drafts.value = allDrafts();
    });

  return {
    waiting,
    refused,
    drafts,
    taken,
    noteArrived,
    arrivedSince,
    away,
    signIn,
    count: computed(() => waiting.value.length),
    /** Everything that is in this browser alone, to be saved as a file. */
    held: () => ({ waiting: plain(waiting.value), refused: plain(refused.value), drafts: allDrafts() }),
    add,
    flush,
    reload,
    noticeAway,
    reached,
    signedIn,
    dismiss,
    again,
    lost,
    forgetLost,
    takeInLeftOvers,
  };
});

/** An entry no request can be made of must not be taken for a server that is away. */
function refuseBroken({ method, url, body }: Partial<Waiting>): void {
  const whole =
    typeof url === 'string' && url.startsWith('/api/') && typeof body === 'object' && body !== null;
  if (!whole || (method !== 'POST' && method !== 'PUT')) throw new TypeError('not a request');
}

function asData(error: unknown): ErrorData {
  if (error instanceof AnelloError) return error.toData();
  return new AnelloError('internal', null, 'This entry is broken and cannot be sent.').toData();
}
