import { newJobDocument, type JobDocument, type JobRow } from '@anello/contract';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { clockAhead } from '../clock';
import { bench } from '../db';
import { readDraft } from '../drafts';
import { storeTrouble } from '../trouble';
import { useJob } from './job';
import { useOutbox } from './outbox';
import { LOCAL } from '../names';
import { heldPicture, holdPicture } from '../pictures';
import { emptyBench } from '../../testkit/emptyBench';
import { freshStores } from '../../testkit/freshStores';
import { useHurried } from '../../testkit/hurried';

/** A stand-in for the server, with the ways it can go wrong. */
const server = {
  away: false,
  loseNext: false,
  breaksOn: '',
  breaksOnEdit: false,
  broke: 0,
  pictures: [] as string[],
  passphrase: false,
  records: new Map<string, { id: string; jobId: string }>(),
  jobs: new Map<string, JobRow>(),
  saves: new Set<string>(),
};
const answer = (status: number, body: unknown): Response =>
  new Response(JSON.stringify(body), { status, headers: { date: new Date().toUTCString() } });

function handle(url: string, method: string, body: never): Response {
  if (url === '/api/health') return answer(200, {});
  if (server.passphrase) return answer(401, { code: 'passphrase-needed', field: null, sentence: 'Sign in.' });
  if (url === '/api/photos') {
    server.pictures.push((body as { id: string }).id);
    return answer(201, { kept: true });
  }
  if (url === '/api/records') {
    const record = body as { id: string; jobId: string; body: { text: string } };
    if (record.body.text === server.breaksOn)
      return answer(500, { code: 'internal', field: null, sentence: 'Broke.' });
    if (record.body.text === 'refuse me')
      return answer(422, { code: 'out-of-range', field: 'piece', sentence: 'There is no piece 9.' });
    server.records.set(record.id, record);
    return answer(201, { kept: true, id: record.id });
  }
  const id = url.split('/')[3] as string;
  const job = server.jobs.get(id);
  if (!job) return answer(404, { code: 'not-found', field: null, sentence: 'No.' });
  if (method === 'GET')
    return answer(200, {
      job,
      records: [...server.records.values()].filter((r) => r.jobId === id),
      next: null,
    });
  const { version, document, save } = body as { version: number; document: JobDocument; save: string };
  if (server.breaksOnEdit) {
    server.broke++;
    return answer(500, { code: 'internal', field: null, sentence: 'Broke.' });
  }
  if (server.saves.has(save)) return answer(200, job);
  if (version !== job.version)
    return answer(409, { code: 'stale-version', field: null, sentence: 'Changed.', current: job });
  server.saves.add(save);
  server.jobs.set(id, { ...job, version: version + 1, document });
  return answer(200, server.jobs.get(id));
}

const row = (id: string): JobRow => ({
  id,
  version: 1,
  updatedAt: '2026-11-20T10:00:00.000Z',
  document: newJobDocument({ number: id.toUpperCase(), title: 'Shank', machineId: 'm' }),
});

useHurried();
beforeEach(async () => {
  freshStores();
  localStorage.clear();
  storeTrouble.value = null;
  await emptyBench();
  Object.assign(server, {
    away: false,
    loseNext: false,
    breaksOn: '',
    breaksOnEdit: false,
    broke: 0,
    passphrase: false,
    records: new Map(),
    pictures: [],
    saves: new Set(),
  });
  server.jobs = new Map([row('j-1'), row('j-2')].map((r) => [r.id, r]));
  vi.stubGlobal('fetch', async (url: string, init: { method: string; body?: string }) => {
    if (server.away) throw new TypeError('refused');
    const given = handle(url, init.method, (init.body ? JSON.parse(init.body) : null) as never);
    if (server.loseNext && init.method !== 'GET') {
      server.loseNext = false;
      throw new TypeError('lost');
    }
    return given;
  });
});
afterEach(() => {
  vi.unstubAllGlobals();
  vi.restoreAllMocks();
});

const until = (check: () => boolean): Promise<void> =>
  vi.waitFor(() => expect(check()).toBe(true), { timeout: 7000 });
const note = (text: string) => ({ kind: 'note' as const, text });
async function openJob(id = 'j-1'): Promise<ReturnType<typeof useJob>> {
  const job = useJob();
  await job.open(id);
  expect(job.state).toBe('ready');
  return job;
}
const docOf = (id: string): JobDocument => server.jobs.get(id)!.document;
/** The page is gone, with the lock it may have held, and opened again. */
function reload(): void {
  freshStores();
  localStorage.removeItem(LOCAL.sender);
}

describe('an edit', () => {
  it('is safe before the key’s event ends, and goes though another job is on the screen', async () => {
    const job = await openJob();
    job.edit((draft) => void (draft.title = 'Longer'));
    expect(readDraft('j-1')?.document.title).toBe('Longer');
    await job.open('j-2');
    await until(() => docOf('j-1').title === 'Longer');
    expect([job.id, job.document?.title]).toEqual(['j-2', 'Shank']);
  });
  it('made while away goes when the server is back, whatever is on the screen, after a reload too', async () => {
    const job = await openJob();
    server.away = true;
    job.edit((draft) => void (draft.material = 'EN8'));
    reload();
    server.away = false;
    const outbox = useOutbox();
    await outbox.takeInLeftOvers();
    expect(outbox.drafts.map((d) => d.jobId)).toEqual(['j-1']);
    await outbox.flush();
    expect(docOf('j-1').material).toBe('EN8');
    expect(readDraft('j-1')).toBeNull();
  });
  it('whose answer is lost is sent again, and is nobody else’s', async () => {
    const job = await openJob();
    server.loseNext = true;
    job.edit((draft) => void (draft.title = 'Once'));
    await until(() => job.saveState === 'saved');
    expect([docOf('j-1').title, server.jobs.get('j-1')!.version, job.theirs]).toEqual(['Once', 2, null]);
    job.edit((draft) => void (draft.title = 'Twice'));
    await until(() => server.jobs.get('j-1')!.version === 3);
  });
  it('whose answer is lost while somebody else saves does not undo theirs with the next one', async () => {
    const job = await openJob();
    server.loseNext = true;
    job.edit((draft) => void (draft.title = 'Mine'));
    await until(() => docOf('j-1').title === 'Mine');
    const mine = server.jobs.get('j-1')!;
    server.jobs.set('j-1', { ...mine, version: 3, document: { ...mine.document, note: 'theirs' } });
    await until(() => job.saveState === 'saved' && job.document?.note === 'theirs');
    job.edit((draft) => void (draft.title = 'mine again'));
    await until(() => docOf('j-1').title === 'mine again');
    expect(docOf('j-1').note).toBe('theirs');
  });
  it('the server breaks on is not sent over and over, and goes later', async () => {
    const job = await openJob();
    server.breaksOnEdit = true;
    job.edit((draft) => void (draft.title = 'Poison'));
    await until(() => server.broke > 0);
    await new Promise((resolve) => setTimeout(resolve, 300));
    expect(server.broke).toBe(1);
    server.breaksOnEdit = false;
    vi.spyOn(Date, 'now').mockReturnValue(Date.now() + 60_000);
    await useOutbox().flush();
    expect(docOf('j-1').title).toBe('Poison');
  });
  it('of another field than somebody else’s is joined with it, without a question', async () => {
    const job = await openJob();
    const theirs = server.jobs.get('j-1')!;
    server.jobs.set('j-1', { ...theirs, version: 4, document: { ...theirs.document, note: 'theirs' } });
    job.edit((draft) => void (draft.title = 'Mine'));
    await until(() => job.saveState === 'saved');
    expect(docOf('j-1')).toMatchObject({ title: 'Mine', note: 'theirs' });
    await until(() => job.document?.note === 'theirs');
  });
  it('of the same field is asked about, field by field', async () => {
    const job = await openJob();
    const theirs = server.jobs.get('j-1')!;
    const changed = { ...theirs.document, title: 'Theirs', material: 'EN24', note: 'n' };
    server.jobs.set('j-1', { ...theirs, version: 4, document: changed });
    job.edit((draft) => void Object.assign(draft, { title: 'Mine', material: 'EN8' }));
    await until(() => job.saveState === 'conflict');
    const [first, second] = job.theirs!.clashes;
    await job.settle('theirs', first);
    expect(job.theirs?.clashes).toHaveLength(1);
    await job.settle('mine', second);
    await until(() => job.saveState === 'saved');
    expect(docOf('j-1')).toMatchObject({ title: 'Theirs', material: 'EN8', note: 'n' });
  });
  it('in two tabs while away loses neither', async () => {
    server.away = false;
    const first = await openJob();
    reload();
    const second = await openJob();
    server.away = true;
    first.edit((draft) => void (draft.title = 'From the first'));
    second.edit((draft) => void (draft.material = 'From the second'));
    first.edit((draft) => void (draft.note = 'First again'));
    server.away = false;
    await until(() => docOf('j-1').note === 'First again');
    expect(docOf('j-1')).toMatchObject({ title: 'From the first', material: 'From the second' });
  });
  it('left by an older Anello in the other store is taken in; a torn one is set aside with a word', async () => {
    const document = { ...docOf('j-2'), title: 'Old draft' };
    await (await bench()).put('drafts', { jobId: 'j-2', version: 1, document });
    localStorage.setItem('anello.draft.j-1', '{"jobId":"j-1","docu');
    const outbox = useOutbox();
    await outbox.takeInLeftOvers();
    await outbox.flush();
    expect(docOf('j-2').title).toBe('Old draft');
    expect(storeTrouble.value).toMatch(/torn/);
    expect(localStorage.getItem('anello.torn.j-1')).toContain('docu');
    expect((await openJob()).document?.title).toBe('Shank');
  });
});

describe('a reading', () => {
  it('refused stays in full, with why; it is sent again, or thrown away', async () => {
    const job = await openJob();
    await job.keep(note('refuse me'));
    await job.keep(note('fine'));
    const outbox = useOutbox();
    await until(() => outbox.refused.length === 1 && outbox.count === 0);
    expect(outbox.refused[0]).toMatchObject({
      body: { body: note('refuse me') },
      refused: { field: 'piece' },
    });
    // It is not of the job, so nothing goes on from it.
    await until(() => job.records.length === 1);
    const item = outbox.refused[0]!;
    await outbox.again(item, { ...(item.body as object), id: 'changed', body: note('changed') });
    await until(() => server.records.has('changed'));
    expect(outbox.refused).toHaveLength(0);
  });
  it('the server breaks on, and an entry that is broken, hold up nothing behind them', async () => {
    const job = await openJob();
    server.breaksOn = 'poison';
    await (await bench()).add('outbox', { method: 'POST', url: '/api/records', body: null });
    await job.keep(note('poison'));
    await job.keep(note('after it'));
    const outbox = useOutbox();
    await until(() => server.records.size === 1);
    await until(() => outbox.waiting.length === 1 && outbox.waiting[0]!.broke?.times === 1);
    expect(outbox.refused).toHaveLength(1);
    server.breaksOn = '';
    vi.spyOn(Date, 'now').mockReturnValue(Date.now() + 60_000);
    await outbox.flush();
    expect(server.records.size).toBe(2);
  });
  it('under a changed passphrase waits for signing in, and is not refused', async () => {
    const job = await openJob();
    server.passphrase = true;
    await job.keep(note('held'));
    const outbox = useOutbox();
    await until(() => outbox.signIn);
    expect([outbox.count, outbox.refused.length]).toEqual([1, 0]);
    server.passphrase = false;
    await outbox.signedIn();
    expect(server.records.size).toBe(1);
  });
  it('is written before its store has it, and is brought in when the page went in between', async () => {
    const job = await openJob();
    server.away = true;
    const keeping = job.keep(note('just now'));
    expect(Object.keys(localStorage).some((key) => key.startsWith('anello.keeping.'))).toBe(true);
    await keeping;
    localStorage.setItem(
      'anello.keeping.x',
      JSON.stringify({
        method: 'POST',
        url: '/api/records',
        body: { id: 'x', jobId: 'j-1', body: note('torn off') },
      }),
    );
    reload();
    server.away = false;
    const outbox = useOutbox();
    await outbox.takeInLeftOvers();
    await outbox.flush();
    await until(() => server.records.size === 2);
    expect(Object.keys(localStorage).filter((key) => key.startsWith('anello.keeping.'))).toEqual([]);
  });
  it('a full store holds it in the page, says so, and sends it', async () => {
    const job = await openJob();
    const full = new DOMException('full', 'QuotaExceededError');
    const db = await bench();
    vi.spyOn(db, 'add').mockRejectedValue(full);
    vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw full;
    });
    await job.keep(note('kept all the same'));
    job.edit((draft) => void (draft.title = 'And this'));
    expect(storeTrouble.value).toMatch(/full/);
    await until(() => server.records.size === 1 && docOf('j-1').title === 'And this');
    expect(useOutbox().count).toBe(0);
  });
  it('a picture the server had and lost goes before its row, as long as it is held', async () => {
    const outbox = useOutbox();
    const sent = { id: 'pic-1', jobId: 'j-1', jpeg: 'QUJD' };
    const job = await openJob();
    await outbox.add({ method: 'POST', url: '/api/photos', body: sent });
    const row = await job.keep({ kind: 'photo', photo: 'pic-1', text: 'As found' });
    await until(() => server.records.size === 1 && outbox.count === 0);
    // An older copy was put back: neither is there.
    server.records.clear();
    server.pictures = [];
    await job.open('j-1');
    expect(job.lost.map((r) => r.id)).toEqual([row.id]);
    await job.settleLost('send');
    await until(() => server.records.size === 1);
    expect(server.pictures).toEqual(['pic-1']);
    expect(await heldPicture('pic-1')).toEqual(sent);
    // Two weeks later another one is held, and this one no more.
    await holdPicture({ id: 'pic-2' }, Date.now() + 1);
    expect([await heldPicture('pic-1'), await heldPicture('pic-2')]).toEqual([null, { id: 'pic-2' }]);
  });
  it('is lost only where the server had it, of this job, and has it no more', async () => {
    const job = await openJob();
    const [gone, still] = [await job.keep(note('gone')), await job.keep(note('still there'))];
    await until(() => server.records.size === 2 && useOutbox().count === 0);
    const other = await openJob('j-2');
    const elsewhere = await other.keep(note('of another job'));
    await until(() => server.records.size === 3 && useOutbox().count === 0);
    server.records.clear();
    const lost = async (id: string, kept: string[] = []) =>
      (await useOutbox().lost(id, new Set(kept))).map((one) => one.id);
    expect(await lost('j-1', [still.id])).toEqual([gone.id]);
    expect(await lost('j-2')).toEqual([elsewhere.id]);
    expect(await lost('j-2', [elsewhere.id])).toEqual([]);
    // On its way again: nobody need be asked.
    server.away = true;
    await useOutbox().add({ method: 'POST', url: '/api/records', body: gone });
    expect(await lost('j-1')).toEqual([still.id]);
  });
  it('the server had and lost is offered to be sent again', async () => {
    const job = await openJob();
    await job.keep(note('gone with the old copy'));
    await until(() => server.records.size === 1 && useOutbox().count === 0);
    server.records.clear();
    await job.open('j-1');
    expect(job.lost.map((r) => r.body)).toEqual([note('gone with the old copy')]);
    await job.settleLost('send');
    await until(() => server.records.size === 1);
    await job.open('j-1');
    expect(job.lost).toEqual([]);
  });
});

it('a clock that is out by minutes is said, and one that agrees is not', async () => {
  await openJob();
  expect(clockAhead.value).toBeNull();
  vi.spyOn(Date, 'now').mockReturnValue(Date.now() + 11 * 60_000);
  await useJob().open('j-2');
  expect(clockAhead.value).toBe(11);
});
