import { migrateJobDocument, type JobDocument, type JobView, type RecordsPage } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { currentPiece, type KeptRecord, type RecordBody, isWithdrawn } from '@anello/core/job';
import { useDebounceFn } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import { request, ServerAway } from '../api';
import { plain } from '../db';
import { dropDraft, readDraft, writeDraft } from '../drafts';
import { heldJob, holdJob } from '../heldJobs';
import { heldPicture, PICTURES_URL } from '../pictures';
import { same, withTheirs, type Clash } from '../merge';
import { newest } from '../newest';
import { newId } from '../newId';
import { stamp } from '../stamp';
import { useOutbox } from './outbox';
import { useScreen } from './screen';

/** What a record is about: the piece in hand, where no other is said. */
export type About = Partial<Pick<KeptRecord, 'piece' | 'feature' | 'operation'>>;

export type SaveState = 'saved' | 'saving' | 'waiting' | 'refused' | 'conflict';
const SAVE_AFTER = 350;

/** A job as it was fetched, or seen last, and what the server kept of it and has no more. */
interface Found {
  readonly view: JobView;
  readonly missing: readonly KeptRecord[];
}

/**
 * The job on the screen. Edits are held in the browser before the key's event ends and go through the outbox, as records
 * do, whatever is on the screen then. Nothing here waits for the network.
 */
export const useJob = defineStore('job', () => {
  const outbox = useOutbox();
  const screen = useScreen();
  const id = ref('');
  const version = ref(0);
  /** Whole and never changed in place: every edit puts a new one here, so that nothing of it need be watched. */
  const document = shallowRef<JobDocument | null>(null);
  const records = shallowRef<readonly KeptRecord[]>([]);
  /** The server said it kept these, and has them no more. */
  const lost = shallowRef<readonly KeptRecord[]>([]);
  const state = ref<'idle' | 'loading' | 'ready' | 'missing' | 'failed'>('idle');
  const piece = computed(() => currentPiece(records.value));
  /** The document as the server has it at `version`: what an edit is typed over. */
  let base: JobDocument | null = null;
  /** The version another screen has saved while this one was being fetched. */
  let behind = 0;
  /** The draft this tab has last seen or made. */
  let seen = '';
  /** Only the job that was opened last is shown, missed or failed, whichever answer comes last. */
  const opening = newest();

  const draft = computed(() => outbox.drafts.find((d) => d.jobId === id.value) ?? null);
  const refusal = computed(() => {
    const why = draft.value?.refused;
    return why ? new AnelloError(why.code, why.field, why.phrase) : null;
  });
  const theirs = computed(() => draft.value?.theirs ?? null);
  const saveState = computed<SaveState>(() => {
    if (!draft.value) return 'saved';
    if (draft.value.theirs) return 'conflict';
    if (draft.value.refused) return 'refused';
    return outbox.away || outbox.signIn ? 'waiting' : 'saving';
  });

  async function open(jobId: string): Promise<void> {
    id.value = jobId;
    screen.leftFor(jobId);
    behind = 0;
    state.value = 'loading';
    document.value = null;
    lost.value = [];
    const counts = opening();
    await outbox.reload();
    try {
      const found = await fetchOrRecall(jobId);
      if (!counts()) return;
      if (!found) return void (state.value = 'missing');
      show(found);
      if (behind > version.value) void refresh(behind);
    } catch {
      if (counts()) state.value = 'failed';
    }
  }

  async function fetchOrRecall(jobId: string): Promise<Found | null> {
    const asked = performance.now();
    try {
      const view = await fetchWhole(jobId);
      outbox.reached();
      const missing = await outbox.lost(jobId, new Set(view.records.map((r) => r.id)));
      // Last of all, with nothing waited for between this and its being shown.
      const now = withSince(view, asked);
      void holdJob(now);
      const there = new Set(now.records.map((r) => r.id));
      return { view: now, missing: missing.filter((r) => !there.has(r.id)) };
    } catch (error) {
      if (error instanceof AnelloError && error.code === 'not-found') return null;
      if (!(error instanceof ServerAway)) throw error;
      outbox.noticeAway(error);
      const held = await heldJob(jobId);
      if (!held) throw error;
      return { view: held, missing: lost.value };
    }
  }

  /** An answer with what arrived at the server while it was on its way: it may have been made before. */
  function withSince(view: JobView, asked: number): JobView {
    const { taken } = outbox;
    const newer =
      taken && taken.row.id === view.job.id && taken.at >= asked && taken.row.version > view.job.version;
    const ids = new Set(view.records.map((r) => r.id));
    const since = outbox.arrivedSince(view.job.id, asked).filter((r) => !ids.has(r.id));
    return {
      ...view,
      job: newer ? taken.row : view.job,
      records: [...view.records, ...(since as JobView['records'])],
    };
  }

  function show({ view, missing }: Found): void {
    lost.value = missing;
    const typed = readDraft(view.job.id);
    base = migrateJobDocument(typed?.base ?? view.job.document);
    version.value = typed ? typed.version : view.job.version;
    document.value = migrateJobDocument(typed ? typed.document : view.job.document);
    seen = typed?.save ?? '';
    records.value = withWaiting(view.records as KeptRecord[], view.job.id);
    state.value = 'ready';
    if (typed) void outbox.flush();
  }

  /** What the server has, and what is still on its way there. */
  function withWaiting(kept: readonly KeptRecord[], jobId: string): KeptRecord[] {
    const ids = new Set(kept.map((r) => r.id));
    const mine = outbox.waiting
      .filter((w) => w.url === '/api/records')
      .map((w) => w.body as KeptRecord)
      .filter((r) => r?.jobId === jobId && !ids.has(r.id));
    return [...kept, ...mine];
  }

  /** A record that another screen has kept. */
  function hear(record: KeptRecord): void {
    if (record.jobId !== id.value || state.value !== 'ready') return;
    outbox.noteArrived(record);
    if (!records.value.some((one) => one.id === record.id)) records.value = [...records.value, record];
  }

  /** Asks again for what another screen has saved, at a version or whatever it now is; what is typed here stays. */
  async function refresh(at: number | null): Promise<void> {
    const of = id.value;
    if (state.value === 'loading') behind = Math.max(behind, at ?? 0);
    if (state.value !== 'ready' || (at !== null && at <= version.value)) return;
    // What was typed here goes on top when it is sent: the server answers with theirs, and both are joined.
    if (readDraft(of)) return void outbox.flush();
    const found = await fetchOrRecall(of).catch(() => null);
    const still = id.value === of && state.value === 'ready' && !readDraft(of);
    if (found && still && found.view.job.version >= version.value) show(found);
  }

  /** Changes the document; shown and safe in the browser at once, sent when typing pauses. */
  function edit(change: (draft: JobDocument) => void): void {
    if (!document.value) return;
    const typed = readDraft(id.value);
    // Another tab has typed into it since: its edit is gone on from, not written over.
    const next = plain(typed && typed.save !== seen ? typed.document : document.value);
    change(next);
    document.value = next;
    write(next, typed?.theirs ? { theirs: typed.theirs } : {});
    void saveSoon();
  }

  function write(
    next: JobDocument,
    more: { theirs?: NonNullable<ReturnType<typeof readDraft>>['theirs'] } = {},
  ): void {
    const typed = readDraft(id.value);
    seen = newId();
    writeDraft({
      jobId: id.value,
      version: typed?.version ?? version.value,
      base: typed?.base ?? base ?? undefined,
      document: next,
      save: seen,
      ...more,
    });
    outbox.drafts = [...outbox.drafts.filter((d) => d.jobId !== id.value), readDraft(id.value)!];
  }

  const saveSoon = useDebounceFn(() => outbox.flush(), SAVE_AFTER);
  const save = (): Promise<void> => outbox.flush();

  watch(
    () => outbox.taken,
    (now) => {
      if (!now || now.row.id !== id.value) return;
      version.value = now.row.version;
      base = now.row.document;
      // Somebody saved while an answer was lost: what was taken is not all that is there.
      if (now.save === seen && document.value && !same(document.value, base)) document.value = plain(base);
    },
  );
  /** What the server will not take is not of the job until that is settled: it stands beside it, with why. */
  watch(
    () => outbox.refused,
    (all) => {
      const ids = new Set(all.map((item) => (item.body as { id?: string } | null)?.id));
      if (records.value.some((r) => ids.has(r.id)))
        records.value = records.value.filter((r) => !ids.has(r.id));
    },
  );
  /** Joined with somebody else's edit, or typed in another tab: shown here as it now stands. */
  watch(draft, (now) => {
    if (!now || now.save === seen || state.value !== 'ready') return;
    seen = now.save;
    version.value = now.version;
    document.value = now.document;
  });

  /** After a conflict: for each field both changed, mine or theirs; or all of them at once. */
  async function settle(whose: 'mine' | 'theirs', clash?: Clash): Promise<void> {
    const typed = readDraft(id.value);
    if (!typed?.theirs || !document.value) return;
    const { clashes, document: current, version: at } = typed.theirs;
    const settling = clash ? [clash] : clashes;
    const next = whose === 'mine' ? typed.document : settling.reduce(withTheirs, typed.document);
    const left = clashes.filter((one) => !settling.some((s) => s.path.join() === one.path.join()));
    document.value = plain(next);
    seen = newId();
    if (left.length > 0) {
      writeDraft({ ...typed, document: next, save: seen, theirs: { ...typed.theirs, clashes: left } });
    } else {
      writeDraft({ jobId: id.value, version: at, base: current, document: next, save: seen });
      version.value = at;
      base = current;
      if (same(next, current)) dropDraft(id.value, seen);
    }
    await outbox.reload();
    await outbox.flush();
  }

  /** Keeps a record: on the screen at once, safe in the browser before this returns, then on its way. */
  async function keep(body: RecordBody, about: About = {}, of = id.value): Promise<KeptRecord> {
    const record = onScreen(body, about, of);
    await outbox.add({ method: 'POST', url: '/api/records', body: record });
    return record;
  }

  function onScreen(body: RecordBody, about: About, of = id.value): KeptRecord {
    const record: KeptRecord = { ...stamp(), jobId: of, piece: piece.value, ...about, body };
    if (of === id.value) records.value = [...records.value, record];
    return record;
  }

  /** Takes up a piece of the batch: a new one, or again one that was begun. */
  async function takeUp(other: number): Promise<void> {
    const begun = other === 1 || records.value.some((r) => r.piece === other && !isWithdrawn(r.body));
    await keep(
      begun ? { kind: 'piece', carriedFrom: null, again: true } : { kind: 'piece', carriedFrom: piece.value },
      { piece: other },
    );
  }

  /** Takes the last kept thing back; it stays on record as withdrawn. */
  const withdraw = (record: KeptRecord): Promise<KeptRecord> =>
    keep({ kind: 'withdrawn', record: record.id }, { piece: record.piece }, record.jobId);

  /** Keeps what was taken back once more: the same, about the same. */
  const keepAgain = ({ body, piece: of, feature, operation, jobId }: KeptRecord): Promise<KeptRecord> =>
    keep(body, { piece: of, ...(feature ? { feature } : {}), ...(operation ? { operation } : {}) }, jobId);

  /** Says what was done to this job, and offers to take it back: never to another that is on the screen by then. */
  const offerBack = (said: string, back: () => unknown): void => screen.offerBack(said, back, id.value);

  /** Keeps a record, says so, and offers to take it back. */
  async function keepAndOffer(body: RecordBody, said = 'Kept.', about: About = {}): Promise<void> {
    const record = onScreen(body, about);
    // With the record itself: taken back a moment later, it must not be the one before that goes.
    offerBack(said, () => withdraw(record));
    await outbox.add({ method: 'POST', url: '/api/records', body: record });
  }

  /** Changes the document, says so, and offers to change it back. */
  function editAndOffer(
    said: string,
    change: (draft: JobDocument) => void,
    back: (draft: JobDocument) => void,
  ): void {
    edit(change);
    offerBack(said, () => edit(back));
  }

  /** What the server had and lost: sent again, or left. */
  async function settleLost(how: 'send' | 'leave'): Promise<void> {
    const all = lost.value;
    lost.value = [];
    if (how === 'leave') return outbox.forgetLost(all);
    records.value = [...records.value, ...all];
    for (const record of all) {
      const picture = 'photo' in record.body ? await heldPicture(record.body.photo) : null;
      // The picture before the row that names it.
      if (picture) await outbox.add({ method: 'POST', url: PICTURES_URL, body: picture });
      await outbox.add({ method: 'POST', url: '/api/records', body: record });
    }
  }

  return {
    id,
    version,
    document,
    records,
    lost,
    state,
    saveState,
    refusal,
    theirs,
    piece,
    takeUp,
    hear,
    refresh,
    open,
    edit,
    save,
    settle,
    settleLost,
    offerBack,
    editAndOffer,
    keep,
    keepAgain,
    keepAndOffer,
    withdraw,
  };
});

/** A whole job: its records come in pages. */
async function fetchWhole(jobId: string): Promise<JobView> {
  const view = await request<JobView>('GET', `/api/jobs/${jobId}`);
  const { records } = view;
  for (let next = view.next ?? null; next !== null;) {
    const page = await request<RecordsPage>('GET', `/api/jobs/${jobId}/records?after=${next}`);
    records.push(...page.records);
    next = page.next;
  }
  return { ...view, records, next: null };
}
