import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Answer } from '../../testkit/answers';
import { emptyBench } from '../../testkit/emptyBench';
import { freshStores } from '../../testkit/freshStores';
import { useHurried } from '../../testkit/hurried';
import { document, jobsServer, noteOf, type JobsServer } from '../../testkit/jobsServer';
import { readDraft, writeDraft } from '../drafts';
import { heldJob, holdArrived, holdSaved } from '../heldJobs';
import { useJob } from './job';
import { useOutbox } from './outbox';
import { useScreen } from './screen';

let server: JobsServer;
useHurried();
beforeEach(async () => {
  freshStores();
  await emptyBench();
  server = jobsServer();
});

const away = (): Answer => 'away';
const until = (check: () => boolean): Promise<void> =>
  vi.waitFor(() => expect(check()).toBe(true), { timeout: 5000 });
const rest = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 30));
const ids = (job: ReturnType<typeof useJob>): string[] => job.records.map(({ id }) => id);
async function opened(id = 'j-1'): Promise<ReturnType<typeof useJob>> {
  const job = useJob();
  await job.open(id);
  return job;
}
/** Another screen has saved this job so. */
function savedElsewhere(title: string, version: number): void {
  server.jobs['j-1'] = { ...server.jobs['j-1']!, version, document: document(title) };
}
const gets = (): number => server.asked.filter(({ method }) => method === 'GET').length;

describe('a job that is opened', () => {
  it('and is not on the server is missing, not away', async () => {
    const job = await opened('j-9');
    expect([job.state, job.document, useOutbox().away]).toEqual(['missing', null, false]);
  });

  it('has all its records, in as many pages as they come in', async () => {
    const pages: Record<string, unknown> = {
      '/api/jobs/j-1': { job: server.jobs['j-1'], records: [noteOf('a')], next: 7 },
      '/api/jobs/j-1/records?after=7': { records: [noteOf('b'), noteOf('c')], next: 9 },
      '/api/jobs/j-1/records?after=9': { records: [noteOf('d')], next: null },
    };
    server.says = ({ url }) => (pages[url] ? { body: pages[url] } : null);
    expect(ids(await opened())).toEqual(['a', 'b', 'c', 'd']);
    server.says = away;
    expect(ids(await opened())).toEqual(['a', 'b', 'c', 'd']);
  });

  it('has what arrived while its answer was on its way, once', async () => {
    const outbox = useOutbox();
    server.kept.push(noteOf('there'));
    server.says = ({ method }) => {
      if (method === 'GET' && server.asked.length === 1) {
        outbox.noteArrived(noteOf('there'));
        outbox.noteArrived(noteOf('since'));
        outbox.noteArrived(noteOf('other', 'j-2'));
      }
      return null;
    };
    expect(ids(await opened())).toEqual(['there', 'since']);
  });

  it('is as it was saved while its answer was on its way, and never older', async () => {
    const outbox = useOutbox();
    const newer = { ...server.jobs['j-1']!, version: 3, document: document('Saved since') };
    server.says = () => {
      outbox.taken = { row: newer, save: 'x', at: performance.now() };
      return null;
    };
    const job = await opened();
    expect([job.document?.title, job.version]).toEqual(['Saved since', 3]);
    // What was taken before it was asked for is in the answer, which may be newer.
    server.says = () => null;
    savedElsewhere('Newest', 2);
    outbox.taken = { row: newer, save: 'x', at: performance.now() - 1000 };
    const again = await opened();
    expect([again.document?.title, again.version]).toEqual(['Newest', 2]);
  });
});

describe('what another screen', () => {
  it('has saved is asked for, where it is newer than what is here', async () => {
    const job = await opened();
    savedElsewhere('Theirs', 4);
    const before = gets();
    await job.refresh(1);
    expect(gets()).toBe(before);
    await job.refresh(4);
    expect([job.document?.title, job.version, gets()]).toEqual(['Theirs', 4, before + 1]);
    // Whatever it now is.
    await job.refresh(null);
    expect(gets()).toBe(before + 2);
  });

  it('saves while this job is being fetched is asked for afterwards', async () => {
    const job = useJob();
    const opening = job.open('j-1');
    void job.refresh(5);
    void job.refresh(4);
    server.says = () => {
      if (gets() === 2) savedElsewhere('Saved as it was fetched', 5);
      return null;
    };
    await opening;
    await until(() => job.document?.title === 'Saved as it was fetched');
    expect(job.version).toBe(5);
  });

  it('has saved does not take the place of what is typed here: that goes, and is joined with it', async () => {
    const job = await opened();
    savedElsewhere('Theirs', 4);
    server.says = ({ method, body }) =>
      method === 'PUT' && (body as { version: number }).version !== 4
        ? {
            status: 409,
            body: {
              code: 'stale-version',
              field: null,
              sentence: 'Changed.',
              current: { ...server.jobs['j-1']!, document: { ...document('Shank'), note: 'theirs' } },
            },
          }
        : null;
    writeDraft({
      jobId: 'j-1',
      version: 1,
      base: document('Shank'),
      document: document('Mine'),
      save: 'mine',
    });
    await job.refresh(4);
    await until(() => readDraft('j-1') === null);
    expect(server.jobs['j-1']!.document).toMatchObject({ title: 'Mine', note: 'theirs' });
  });

  it('has kept is of the job on the screen once', async () => {
    const job = await opened();
    job.hear(noteOf('a'));
    job.hear(noteOf('a'));
    job.hear(noteOf('b', 'j-2'));
    expect(ids(job)).toEqual(['a']);
    const arrived = (of: string): string[] =>
      useOutbox()
        .arrivedSince(of, 0)
        .map(({ id }) => id);
    expect(arrived('j-2')).toEqual([]);
  });

  it('has kept of a job that is still coming is not put before it has come', async () => {
    const job = useJob();
    const opening = job.open('j-1');
    job.hear(noteOf('early'));
    expect(job.records).toEqual([]);
    await opening;
    expect(job.state).toBe('ready');
  });
});

describe('what is done to a job', () => {
  it('can be taken back while it is on the screen, and from nowhere else', async () => {
    const job = await opened();
    const screen = useScreen();
    job.editAndOffer(
      'Title changed.',
      (draft) => void (draft.title = 'Longer'),
      (draft) => void (draft.title = 'Shank'),
    );
    expect([job.document?.title, screen.undoable?.text]).toEqual(['Longer', 'Title changed.']);
    screen.undoable?.run();
    expect(job.document?.title).toBe('Shank');
    job.editAndOffer(
      'Again.',
      (draft) => void (draft.title = 'Longer'),
      () => undefined,
    );
    await job.open('j-2');
    expect(screen.undoable).toBeNull();
  });

  it('is the very record that is taken back, though more was kept since', async () => {
    const job = await opened();
    await job.keepAndOffer({ kind: 'note', text: 'first' }, 'Kept it.');
    const offer = useScreen().undoable;
    expect(offer?.text).toBe('Kept it.');
    await job.keep({ kind: 'note', text: 'second' });
    offer?.run();
    await until(() => server.kept.length === 3);
    expect(server.kept[2]!.body).toEqual({ kind: 'withdrawn', record: server.kept[0]!.id });
  });

  it('about another job than the one on the screen is kept, and not shown here', async () => {
    const job = await opened();
    const record = await job.keep({ kind: 'note', text: 'there' }, {}, 'j-2');
    expect([record.jobId, job.records]).toEqual(['j-2', []]);
    await until(() => server.kept.length === 1);
  });

  it('cannot be an edit before it has come', () => {
    const job = useJob();
    job.edit((draft) => void (draft.title = 'Too soon'));
    expect([job.document, readDraft('')]).toEqual([null, null]);
  });

  it('waits to be saved while the server wants the passphrase, as while it is away', async () => {
    const job = await opened();
    server.says = () => ({ status: 401, body: {} });
    job.edit((draft) => void (draft.title = 'Longer'));
    expect(job.saveState).toBe('saving');
    await until(() => job.saveState === 'waiting');
    expect(useOutbox().signIn).toBe(true);
  });
});

it('what the server had and lost is left, where nobody wants it sent again', async () => {
  const job = await opened();
  await job.keep({ kind: 'note', text: 'gone' });
  await until(() => server.kept.length === 1 && useOutbox().count === 0);
  server.kept.length = 0;
  await job.open('j-1');
  expect(job.lost).toHaveLength(1);
  await job.settleLost('leave');
  expect([job.lost, job.records, server.kept]).toEqual([[], [], []]);
  await job.open('j-1');
  expect(job.lost).toEqual([]);
});

describe('jobs held for when the server is away', () => {
  it('take what arrives in order, each once, and only where the job was seen', async () => {
    await opened();
    void holdArrived(noteOf('a'));
    void holdArrived(noteOf('b'));
    void holdArrived(noteOf('a'));
    void holdArrived(noteOf('c', 'j-2'));
    const held = await heldJob('j-1');
    expect(held?.records.map(({ id }) => id)).toEqual(['b', 'a']);
    expect(await heldJob('j-2')).toBeUndefined();
  });

  it('go on being held after one could not be', async () => {
    await opened();
    await holdSaved({ ...server.jobs['j-1']!, version: 2n as unknown as number });
    await holdSaved({ ...server.jobs['j-1']!, version: 3 });
    expect((await heldJob('j-1'))?.job.version).toBe(3);
  });
});

it('a press while nothing has come does not wait', async () => {
  const job = useJob();
  await job.settle('mine');
  await job.refresh(3);
  await rest();
  expect([job.state, server.asked]).toEqual(['idle', []]);
});
