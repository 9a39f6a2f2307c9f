import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Answer, Asked } from '../../testkit/answers';
import { emptyBench } from '../../testkit/emptyBench';
import { freshStores } from '../../testkit/freshStores';
import { useHurried } from '../../testkit/hurried';
import { document, jobsServer, noteOf, type JobsServer } from '../../testkit/jobsServer';
import { bench } from '../db';
import { writeDraft, readDraft, type Draft } from '../drafts';
import { useJob } from './job';
import { useOutbox } from './outbox';

let server: JobsServer;
const draft = (jobId: string, title: string, more: Partial<Draft> = {}): Draft => ({
  jobId,
  version: 1,
  base: document('Shank'),
  document: document(title),
  save: `${jobId}-${title}`,
  ...more,
});
const sent = (body: unknown) => ({ method: 'POST' as const, url: '/api/records', body });
const broke: Answer = { status: 500, body: { code: 'internal', field: null, sentence: 'Broke.' } };
const signIn: Answer = { status: 401, body: {} };
const refused: Answer = { status: 422, body: { code: 'out-of-range', field: 'piece', sentence: 'No.' } };

const away = (): Answer => 'away';
const until = (check: () => boolean): Promise<void> =>
  vi.waitFor(() => expect(check()).toBe(true), { timeout: 5000 });

useHurried();
beforeEach(async () => {
  freshStores();
  await emptyBench();
  server = jobsServer();
});

describe('a job come back to with the server away', () => {
  it('has what the server took since it was opened, from here and from another screen', async () => {
    const job = useJob();
    await job.open('j-1');
    await job.keep({ kind: 'note', text: 'taken' });
    await until(() => server.kept.length === 1 && useOutbox().count === 0);
    job.hear(noteOf('heard'));
    server.says = away;
    await job.open('j-2');
    await job.open('j-1');
    expect(job.records.map(({ body }) => (body as { text: string }).text)).toEqual(['taken', 'heard']);
  });
});

describe('an edit that was saved', () => {
  it('is seen with the server away though another job was on the screen as it went', async () => {
    const job = useJob();
    await job.open('j-1');
    job.edit((now) => void (now.title = 'Longer'));
    await job.open('j-2');
    await until(() => readDraft('j-1') === null);
    server.says = away;
    await job.open('j-1');
    expect(job.document?.title).toBe('Longer');
  });
});

describe('what is sent while the server', () => {
  /** Time that passes when it is told to. */
  const seconds = (n: number): Promise<unknown> => vi.advanceTimersByTimeAsync(n * 1000);
  const probes = (asked: readonly Asked[]): number => asked.filter(({ url }) => url === '/api/health').length;

  it('does not answer is tried again after 1, 2, 4 and then every 8 seconds', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    const { asked } = server;
    const outbox = useOutbox();
    server.says = away;
    outbox.noticeAway();
    expect(outbox.away).toBe(true);
    // What else finds it away meanwhile puts nothing off.
    await seconds(0.9);
    outbox.noticeAway();
    const seen: number[] = [];
    for (const wait of [0.1, 1.9, 0.1, 3.9, 0.1, 7.9, 0.1, 7.9, 0.1]) {
      await seconds(wait);
      seen.push(probes(asked));
    }
    expect(seen).toEqual([1, 1, 2, 2, 3, 3, 4, 4, 5]);
    server.says = () => null;
    await seconds(8);
    expect(outbox.away).toBe(false);
    // From the beginning again.
    server.says = away;
    outbox.noticeAway();
    await seconds(1);
    expect(probes(asked)).toBe(7);
    vi.useRealTimers();
  });

  it('wants the passphrase waits for it, drafts as well, and asks for nothing by itself', async () => {
    const { asked } = server;
    server.says = () => signIn;
    writeDraft(draft('j-1', 'Longer'));
    writeDraft(draft('j-2', 'Shorter'));
    const outbox = useOutbox();
    await outbox.flush();
    expect([outbox.signIn, outbox.away, asked.length]).toEqual([true, false, 1]);
    server.says = () => null;
    await outbox.signedIn();
    expect([server.jobs['j-1']!.document.title, server.jobs['j-2']!.document.title]).toEqual([
      'Longer',
      'Shorter',
    ]);
    expect([outbox.signIn, outbox.drafts.length]).toEqual([false, 0]);
  });

  it('breaks on one edit, the next one goes', async () => {
    server.says = ({ method, url }) => (method === 'PUT' && url.endsWith('j-1') ? broke : null);
    writeDraft(draft('j-1', 'Longer'));
    writeDraft(draft('j-2', 'Shorter'));
    await useOutbox().flush();
    expect([server.jobs['j-1']!.document.title, server.jobs['j-2']!.document.title]).toEqual([
      'Shank',
      'Shorter',
    ]);
    expect(readDraft('j-1')?.broke?.times).toBe(1);
  });

  it('breaks on an edit, what was typed over it meanwhile is not what broke, and goes', async () => {
    server.says = ({ method, body }) => {
      if (method !== 'PUT' || (body as Draft).document.title !== 'Breaks') return null;
      writeDraft(draft('j-1', 'Typed since'));
      return broke;
    };
    writeDraft(draft('j-1', 'Breaks'));
    await useOutbox().flush();
    expect(server.jobs['j-1']!.document.title).toBe('Typed since');
  });

  it('has refused it, or has somebody else’s to be settled with, is not sent by itself', async () => {
    const { asked } = server;
    const why = {
      code: 'out-of-range',
      field: 'title',
      phrase: { text: 'No.' },
    } as unknown as Draft['refused'];
    writeDraft(draft('j-1', 'Refused', { refused: why }));
    writeDraft(draft('j-2', 'Settle', { theirs: { version: 2, document: document('Theirs'), clashes: [] } }));
    await useOutbox().flush();
    expect(asked).toEqual([]);
  });
});

describe('what the browser has no room for', () => {
  it('is sent from the page, held there when it is refused, and thrown away there', async () => {
    server.says = ({ body }) => ((body as { id?: string } | null)?.id === 'bad' ? refused : null);
    const db = await bench();
    const full = vi.spyOn(db, 'add').mockRejectedValue(new DOMException('full', 'QuotaExceededError'));
    const outbox = useOutbox();
    await outbox.add(sent(noteOf('bad')));
    await outbox.add(sent(noteOf('good')));
    await until(() => server.kept.length === 1 && outbox.count === 0);
    expect(outbox.refused.map(({ body }) => (body as { id: string }).id)).toEqual(['bad']);
    expect(await db.count('outbox')).toBe(0);
    await outbox.dismiss(outbox.refused[0]!.seq!);
    expect(outbox.refused).toEqual([]);
    full.mockRestore();
  });
});

describe('what has arrived', () => {
  it('is of its job, since a moment', async () => {
    const outbox = useOutbox();
    const clock = vi.spyOn(performance, 'now').mockReturnValue(1000);
    outbox.noteArrived(noteOf('first'));
    clock.mockReturnValue(1001);
    outbox.noteArrived(noteOf('second'));
    outbox.noteArrived(noteOf('other', 'j-2'));
    clock.mockRestore();
    const ids = (since: number): string[] => outbox.arrivedSince('j-1', since).map(({ id }) => id);
    expect([0, 1000, 1000.5, 1001, 1001.5].map(ids)).toEqual([
      ['first', 'second'],
      ['first', 'second'],
      ['second'],
      ['second'],
      [],
    ]);
  });

  it('is marked for two weeks, and no mark is older', async () => {
    const outbox = useOutbox();
    await outbox.add(sent(noteOf('now')));
    await until(() => outbox.count === 0);
    const db = await bench();
    const days = (n: number): number => Date.now() - n * 24 * 3600 * 1000;
    for (const [id, at] of [
      ['13 days', days(13)],
      ['15 days', days(15)],
    ] as const)
      await db.put('acknowledged', { id, at, record: noteOf(id) });
    await outbox.lost('j-1', new Set());
    expect((await db.getAllKeys('acknowledged')).toSorted()).toEqual(['13 days', 'now']);
    const left = await outbox.lost('j-1', new Set());
    await outbox.forgetLost(left.filter(({ id }) => id === 'now'));
    expect(await db.getAllKeys('acknowledged')).toEqual(['13 days']);
  });

  it('only records are marked so', async () => {
    server.says = ({ url }) => (url === '/api/settings' ? { body: {} } : null);
    const outbox = useOutbox();
    await outbox.add({ method: 'POST', url: '/api/settings', body: { id: 'set', jobId: 'j-1' } });
    await until(() => outbox.count === 0);
    expect(await (await bench()).getAllKeys('acknowledged')).toEqual([]);
    expect(outbox.arrivedSince('j-1', 0)).toEqual([]);
  });
});

describe('an entry no request can be made of', () => {
  it.each([
    ['without a place to go to', { ...sent({ id: 'x' }), url: '' }],
    ['to another house', { ...sent({ id: 'x' }), url: 'https://elsewhere.example/api/records' }],
    ['with nothing in it', sent(null)],
    ['with words in it', sent('words')],
    ['that would delete', { ...sent({ id: 'x' }), method: 'DELETE' as 'POST' }],
  ])('%s is refused, and nothing is asked', async (_, item) => {
    const { asked } = server;
    const outbox = useOutbox();
    await outbox.add(item);
    await until(() => outbox.refused.length === 1);
    expect(outbox.refused[0]?.refused?.code).toBe('internal');
    expect([asked, outbox.away]).toEqual([[], false]);
  });
});

describe('another tab', () => {
  it('that types is seen, and one that writes something else is not', async () => {
    const outbox = useOutbox();
    await outbox.reload();
    writeDraft(draft('j-1', 'Elsewhere'));
    const told = (key: string | null): boolean => window.dispatchEvent(new StorageEvent('storage', { key }));
    told('anello.sender');
    expect(outbox.drafts).toEqual([]);
    told('anello.draft.j-1');
    expect(outbox.drafts.map(({ save }) => save)).toEqual(['j-1-Elsewhere']);
  });

  it('that sends and then goes is taken over from', async () => {
    const { asked } = server;
    const until8 = { by: 'other', until: Date.now() + 7000 };
    localStorage.setItem('anello.sender', JSON.stringify(until8));
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    writeDraft(draft('j-1', 'Mine'));
    const outbox = useOutbox();
    await outbox.flush();
    expect(asked).toEqual([]);
    localStorage.removeItem('anello.sender');
    await vi.advanceTimersByTimeAsync(8100);
    vi.useRealTimers();
    await until(() => server.jobs['j-1']!.document.title === 'Mine');
  });
});

it('what an older Anello left is not put over what was typed since', async () => {
  writeDraft(draft('j-1', 'Typed since'));
  const db = await bench();
  for (const jobId of ['j-1', 'j-2'])
    await db.put('drafts', { jobId, version: 1, document: document('Left') });
  await useOutbox().takeInLeftOvers();
  expect([readDraft('j-1')?.document.title, readDraft('j-2')?.document.title]).toEqual([
    'Typed since',
    'Left',
  ]);
  expect(await db.count('drafts')).toBe(0);
});

it('all that is in this browser alone goes into a file: waiting, refused, and typed', async () => {
  server.says = ({ url, body }) =>
    url !== '/api/records' ? 'away' : (body as { id: string }).id === 'bad' ? refused : 'away';
  writeDraft(draft('j-1', 'Typed'));
  const outbox = useOutbox();
  await outbox.add(sent(noteOf('bad')));
  await outbox.add(sent(noteOf('waits')));
  await until(() => outbox.away && outbox.refused.length === 1);
  const held = outbox.held();
  const ids = (all: typeof held.waiting): string[] => all.map(({ body }) => (body as { id: string }).id);
  expect([ids(held.waiting), ids(held.refused), held.drafts.map(({ save }) => save)]).toEqual([
    ['waits'],
    ['bad'],
    ['j-1-Typed'],
  ]);
});
