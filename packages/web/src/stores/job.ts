import { migrateJobDocument, type JobDocument, type JobRow, type JobView } from '@anello/contract';
import { AnelloError, currentPiece, type KeptRecord, type RecordBody } from '@anello/core';
import { useDebounceFn } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { request, ServerAway, StaleHere } from '../lib/api';
import { bench, plain } from '../lib/db';
import { newId } from '../lib/newId';
import { useOutbox } from './outbox';
import { usePreferences } from './preferences';

export type SaveState = 'saved' | 'saving' | 'waiting' | 'refused' | 'conflict';
const SAVE_AFTER = 350;

/**
 * The job on the screen. Edits are held in the browser at once and sent when typing pauses; records go
 * through the outbox. Nothing here waits for the network.
 */
export const useJob = defineStore('job', () => {
  const outbox = useOutbox();
  const preferences = usePreferences();
  const id = ref('');
  const version = ref(0);
  const document = ref<JobDocument | null>(null);
  const records = shallowRef<readonly KeptRecord[]>([]);
  const state = ref<'idle' | 'loading' | 'ready' | 'missing' | 'failed'>('idle');
  const saveState = ref<SaveState>('saved');
  const refusal = shallowRef<AnelloError | null>(null);
  const theirs = shallowRef<JobRow | null>(null);
  const piece = computed(() => currentPiece(records.value));

  async function open(jobId: string): Promise<void> {
    id.value = jobId;
    state.value = 'loading';
    document.value = null;
    refusal.value = null;
    theirs.value = null;
    await outbox.reload();
    try {
      const view = await fetchOrRecall(jobId);
      if (id.value !== jobId) return;
      if (!view) return void (state.value = 'missing');
      await show(view);
    } catch {
      state.value = 'failed';
    }
  }

  async function fetchOrRecall(jobId: string): Promise<JobView | null> {
    try {
      const view = await request<JobView>('GET', `/api/jobs/${jobId}`);
      await (await bench()).put('jobs', { ...view, id: jobId });
      outbox.reached();
      return view;
    } catch (error) {
      if (error instanceof AnelloError && error.code === 'not-found') return null;
      if (!(error instanceof ServerAway)) throw error;
      outbox.noticeAway();
      const held = await (await bench()).get('jobs', jobId);
      if (!held) throw error;
      return held;
    }
  }

  async function show(view: JobView): Promise<void> {
    const draft = await (await bench()).get('drafts', view.job.id);
    version.value = draft ? draft.version : view.job.version;
    document.value = migrateJobDocument(draft ? draft.document : view.job.document);
    records.value = withWaiting(view.records as KeptRecord[], view.job.id);
    saveState.value = draft ? 'waiting' : 'saved';
    state.value = 'ready';
    if (draft) void save();
  }

  /** What the server has, and what is still on its way there. */
  function withWaiting(kept: readonly KeptRecord[], jobId: string): KeptRecord[] {
    const ids = new Set(kept.map((r) => r.id));
    const mine = outbox.waiting
      .filter((w) => w.url === '/api/records')
      .map((w) => w.body as KeptRecord)
      .filter((r) => r.jobId === jobId && !ids.has(r.id));
    return [...kept, ...mine];
  }

  /** Changes the document; shown at once, held in the browser, sent when typing pauses. */
  function edit(change: (draft: JobDocument) => void): void {
    if (!document.value) return;
    const next = plain(document.value);
    change(next);
    document.value = next;
    if (saveState.value !== 'conflict') saveState.value = 'saving';
    void hold();
    void saveSoon();
  }

  async function hold(): Promise<void> {
    if (document.value)
      await (
        await bench()
      ).put('drafts', { jobId: id.value, version: version.value, document: plain(document.value) });
  }

  const saveSoon = useDebounceFn(() => save(), SAVE_AFTER);
  let sending = false;
  let again = false;

  async function save(): Promise<void> {
    if (!document.value || saveState.value === 'conflict') return;
    if (sending) return void (again = true);
    sending = true;
    const jobId = id.value;
    const sent = plain(document.value);
    try {
      const row = await request<JobRow>('PUT', `/api/jobs/${jobId}`, {
        version: version.value,
        document: sent,
      });
      if (id.value === jobId) await taken(row, sent);
    } catch (error) {
      if (id.value === jobId) notTaken(error);
    } finally {
      sending = false;
    }
    if (again) {
      again = false;
      await save();
    }
  }

  async function taken(row: JobRow, sent: JobDocument): Promise<void> {
    version.value = row.version;
    refusal.value = null;
    const same = JSON.stringify(document.value) === JSON.stringify(sent);
    if (!same) return hold();
    saveState.value = 'saved';
    await (await bench()).delete('drafts', row.id);
  }

  function notTaken(error: unknown): void {
    if (error instanceof ServerAway) {
      saveState.value = 'waiting';
      outbox.noticeAway();
    } else if (error instanceof StaleHere) {
      saveState.value = 'conflict';
      theirs.value = error.current as JobRow;
    } else {
      saveState.value = 'refused';
      refusal.value = error instanceof AnelloError ? error : null;
    }
  }

  /** After a conflict: write mine over theirs, or take theirs. */
  async function settle(whose: 'mine' | 'theirs'): Promise<void> {
    if (!theirs.value) return;
    version.value = theirs.value.version;
    if (whose === 'theirs') {
      document.value = theirs.value.document;
      await (await bench()).delete('drafts', id.value);
    }
    theirs.value = null;
    saveState.value = whose === 'mine' ? 'saving' : 'saved';
    if (whose === 'mine') await save();
  }

  /** Keeps a record: on the screen at once, safe in the browser before this returns, then on its way. */
  async function keep(body: RecordBody, forPiece = piece.value): Promise<KeptRecord> {
    const record: KeptRecord = {
      id: newId(),
      jobId: id.value,
      piece: forPiece,
      at: new Date().toISOString(),
      operator: preferences.operator.trim() || '–',
      body,
    };
    records.value = [...records.value, record];
    await outbox.add({ method: 'POST', url: '/api/records', body: record });
    return record;
  }

  /** Takes the last kept thing back; it stays on record as withdrawn. */
  const withdraw = (record: KeptRecord): Promise<KeptRecord> =>
    keep({ kind: 'withdrawn', record: record.id }, record.piece);

  return {
    id,
    version,
    document,
    records,
    state,
    saveState,
    refusal,
    theirs,
    piece,
    open,
    edit,
    save,
    settle,
    keep,
    withdraw,
  };
});
