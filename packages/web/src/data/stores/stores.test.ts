import { newJobDocument, type JobRow, type JobView } from '@anello/contract';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { bench } from '../db';
import { useJob } from './job';
import { useOutbox } from './outbox';
import { usePreferences } from './preferences';
import { emptyBench } from '../../testkit/emptyBench';
import { freshStores } from '../../testkit/freshStores';
import { useHurried } from '../../testkit/hurried';
import { noteOf } from '../../testkit/jobsServer';

/** A stand-in for the server: what it holds, and whether it answers. */
const server = {
  away: false,
  loseNextAnswer: false,
  records: new Map<string, unknown>(),
  job: null as JobRow | null,
  requests: [] as string[],
};

const answer = (status: number, body: unknown): Response => new Response(JSON.stringify(body), { status });

function handle(url: string, method: string, body: unknown): Response {
  if (url === '/api/health') return answer(200, { status: 'ok' });
  if (url === '/api/records') {
    const record = body as { id: string; jobId: string };
    if (record.jobId === 'gone')
      return answer(404, { code: 'not-found', field: 'jobId', sentence: 'There is no such job here.' });
    server.records.set(record.id, record);
    return answer(201, { kept: true, id: record.id });
  }
  if (method === 'GET') return answer(200, { job: server.job, records: [...server.records.values()] });
  const { version, document } = body as { version: number; document: JobRow['document'] };
  if (version !== server.job?.version)
    return answer(409, { code: 'stale-version', field: null, sentence: 'Changed.', current: server.job });
  if (document.title.trim() === '')
    return answer(422, { code: 'invalid-document', field: 'title', sentence: 'This cannot be empty.' });
  server.job = { ...server.job, version: version + 1, document };
  return answer(200, server.job);
}

useHurried();
beforeEach(async () => {
  freshStores();
  await emptyBench();
  Object.assign(server, { away: false, loseNextAnswer: false, records: new Map(), requests: [] });
  const document = newJobDocument({ number: 'J-1', title: 'Shank', machineId: 'm' });
  server.job = { id: 'j-1', version: 1, updatedAt: '2026-11-20T10:00:00.000Z', document };
  vi.stubGlobal('fetch', async (url: string, init: { method: string; body?: string }) => {
    if (server.away) throw new TypeError('refused');
    server.requests.push(`${init.method} ${url}`);
    const given = handle(url, init.method, init.body ? JSON.parse(init.body) : null);
    if (server.loseNextAnswer) {
      server.loseNextAnswer = false;
      throw new TypeError('lost');
    }
    return given;
  });
});
afterEach(() => vi.unstubAllGlobals());

const until = (check: () => boolean): Promise<void> =>
  vi.waitFor(() => expect(check()).toBe(true), { timeout: 6000 });
const note = (text: string) => ({ kind: 'note' as const, text });

async function openJob(): Promise<ReturnType<typeof useJob>> {
  const job = useJob();
  await job.open('j-1');
  expect(job.state).toBe('ready');
  return job;
}

describe('the outbox', () => {
  it('is empty again once the server has taken everything, in the order it was kept', async () => {
    const job = await openJob();
    await job.keep(note('first'));
    await job.keep(note('second'));
    await until(() => server.records.size === 2 && useOutbox().count === 0);
    expect([...server.records.values()].map((r) => (r as { body: { text: string } }).body.text)).toEqual([
      'first',
      'second',
    ]);
    expect(await (await bench()).count('outbox')).toBe(0);
  });

  it('holds what it cannot send, says the server is away, and sends it when it is back', async () => {
    const job = await openJob();
    const outbox = useOutbox();
    server.away = true;
    await job.keep(note('while away'));
    await until(() => outbox.away);
    expect(job.records).toHaveLength(1);
    expect(await (await bench()).count('outbox')).toBe(1);
    server.away = false;
    await until(() => !outbox.away && outbox.count === 0);
    expect(server.records.size).toBe(1);
  });

  it('sends again when the answer was lost, and the server holds it once', async () => {
    const job = await openJob();
    server.loseNextAnswer = true;
    await job.keep(note('once'));
    await until(() => useOutbox().count === 0 && !useOutbox().away);
    expect(server.requests.filter((r) => r === 'POST /api/records')).toHaveLength(2);
    expect(server.records.size).toBe(1);
  });

  it('keeps what the server refuses for the user to see, and goes on with the rest', async () => {
    const outbox = useOutbox();
    await outbox.add({ method: 'POST', url: '/api/records', body: { id: 'a', jobId: 'gone' } });
    await outbox.add({ method: 'POST', url: '/api/records', body: { id: 'b', jobId: 'j-1' } });
    await until(() => outbox.count === 0 && outbox.refused.length === 1);
    expect(outbox.refused[0]?.refused).toMatchObject({
      code: 'not-found',
      sentence: 'There is no such job here.',
    });
    expect([...server.records.keys()]).toEqual(['b']);
    await outbox.dismiss(outbox.refused[0]?.seq as number);
    expect(outbox.refused).toHaveLength(0);
  });
});

describe('the job on the screen', () => {
  it('saves an edit when typing pauses, and leaves no draft behind', async () => {
    const job = await openJob();
    job.edit((draft) => void (draft.title = 'Shank, longer'));
    expect([job.document?.title, job.saveState]).toEqual(['Shank, longer', 'saving']);
    await until(() => job.saveState === 'saved');
    expect(server.job).toMatchObject({ version: 2, document: { title: 'Shank, longer' } });
    expect(await (await bench()).count('drafts')).toBe(0);
  });

  it('keeps a draft through a reload while the server is away, and sends it later', async () => {
    const job = await openJob();
    server.away = true;
    job.edit((draft) => void (draft.material = 'EN8'));
    await until(() => job.saveState === 'waiting');
    freshStores();
    const reloaded = useJob();
    await reloaded.open('j-1');
    expect(reloaded.document?.material).toBe('EN8');
    server.away = false;
    await reloaded.save();
    expect(server.job?.document.material).toBe('EN8');
  });

  it('shows a conflict and lets either side win, losing neither before that', async () => {
    const job = await openJob();
    server.job = {
      ...(server.job as JobRow),
      version: 5,
      document: { ...(server.job as JobRow).document, title: 'Theirs' },
    };
    job.edit((draft) => void (draft.title = 'Mine'));
    await until(() => job.saveState === 'conflict');
    expect([job.document?.title, job.theirs?.document.title]).toEqual(['Mine', 'Theirs']);
    await job.settle('mine');
    await until(() => job.saveState === 'saved');
    expect(server.job).toMatchObject({ version: 6, document: { title: 'Mine' } });
    server.job = {
      ...(server.job as JobRow),
      version: 9,
      document: { ...(server.job as JobRow).document, title: 'Theirs again' },
    };
    job.edit((draft) => void (draft.title = 'Mine again'));
    await until(() => job.saveState === 'conflict');
    await job.settle('theirs');
    expect([job.document?.title, job.version]).toEqual(['Theirs again', 9]);
  });

  it('says what the server refuses, keeps what was typed, and recovers with the next edit', async () => {
    const job = await openJob();
    job.edit((draft) => void (draft.title = '   '));
    await until(() => job.saveState === 'refused');
    expect([job.refusal?.field, job.document?.title]).toEqual(['title', '   ']);
    job.edit((draft) => void (draft.title = 'Named'));
    await until(() => job.saveState === 'saved');
    expect(server.job?.document.title).toBe('Named');
  });

  it('opens from the browser’s own store when the server is away, with what is still waiting', async () => {
    const job = await openJob();
    server.away = true;
    await job.keep(note('held'));
    freshStores();
    const reloaded = useJob();
    await reloaded.open('j-1');
    expect(reloaded.records.map((r) => r.body)).toEqual([note('held')]);
    const unseen = useJob();
    await unseen.open('never-seen');
    expect(unseen.state).toBe('failed');
  });

  it('shows what waits of this job, once, and nothing that waits of another', async () => {
    const [job, outbox] = [useJob(), useOutbox()];
    server.records.set('there', noteOf('there'));
    server.away = true;
    for (const one of [noteOf('there'), noteOf('mine'), noteOf('other', 'j-2')])
      await outbox.add({ method: 'POST', url: '/api/records', body: one });
    await outbox.add({ method: 'POST', url: '/api/settings', body: noteOf('setting') });
    server.away = false;
    // The server answers with what it has while all of that still waits.
    outbox.flush = async () => undefined;
    await job.open('j-1');
    expect(job.records.map(({ id }) => id)).toEqual(['there', 'mine']);
  });
  it('takes a record back by another record, with the operator’s initials on both', async () => {
    usePreferences().operator = 'MT';
    const job = await openJob();
    const kept = await job.keep(note('a slip'));
    await job.withdraw(kept);
    expect(job.records.map((r) => [r.operator, r.body.kind])).toEqual([
      ['MT', 'note'],
      ['MT', 'withdrawn'],
    ]);
    const view: JobView = (await (await fetch('/api/jobs/j-1', { method: 'GET' })).json()) as JobView;
    expect(view.job.id).toBe('j-1');
  });
});
