import type { LiveEvent } from '@anello/contract';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { markRaw, nextTick } from 'vue';
import { job as jobDocument } from '../../../contract/src/job/jobs.testdata';
import { useMounted } from '../testkit/mounted';
import { useChanges, useLive } from './live';
import { useJob } from './stores/job';
import { usePreferences } from './stores/preferences';
import { useScreen } from './stores/screen';
import { writeDraft } from './drafts';
import { useOutbox } from './stores/outbox';

/** The server's end of a line, in the test's hands. */
class Line {
  static all: Line[] = [];
  readonly sent: unknown[] = [];
  onopen: (() => void) | null = null;
  onclose: ((event: object) => void) | null = null;
  onmessage: ((event: { data: string }) => void) | null = null;
  constructor(readonly url: string) {
    // A browser’s own is not made reactive either.
    markRaw(this);
    Line.all.push(this);
  }
  send = (text: string): void => void this.sent.push(JSON.parse(text));
  close = (): void => this.onclose?.({});
  tell = (event: LiveEvent): void => this.onmessage?.({ data: JSON.stringify(event) });
}

const { within } = useMounted();
let asked: string[] = [];
let title = 'As it was';
beforeEach(() => {
  Line.all = [];
  asked = [];
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'setInterval', 'clearInterval'] });
  vi.stubGlobal('WebSocket', Line);
  vi.stubGlobal('fetch', async (url: string) => {
    asked.push(url);
    const view = {
      job: {
        id: 'j-1',
        version: 2,
        updatedAt: '2026-11-20T10:00:00.000Z',
        document: { ...jobDocument(), title },
      },
      records: [],
      next: null,
    };
    return new Response(JSON.stringify(view), { headers: { 'content-type': 'application/json' } });
  });
});
afterEach(async () => {
  // What is still being sent belongs to this test: the next one would send its drafts for it.
  await Promise.all([useOutbox().flush(), settled()]);
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const listening = () => {
  const job = useJob();
  job.id = 'j-1';
  job.document = jobDocument();
  job.version = 1;
  job.state = 'ready';
  usePreferences().operator = 'RK';
  const live = useLive();
  live.at = 'j-1';
  live.open();
  const line = Line.all.at(-1)!;
  return { job, live, line };
};
const settled = async () => {
  for (let i = 0; i < 20; i++) {
    await vi.advanceTimersByTimeAsync(5);
    await nextTick();
  }
};
const note = (id: string, jobId = 'j-1') => ({
  id,
  jobId,
  piece: 1,
  at: '2026-11-20T10:00:00.000Z',
  operator: 'MT',
  body: { kind: 'note' as const, text: 'x' },
});

describe('an edit that comes from another tab of this browser', () => {
  const draft = (of: ReturnType<typeof useJob>, save: string) => ({
    jobId: 'j-1',
    version: 4,
    save,
    document: { ...of.document!, title: 'From the other tab' },
  });
  it('is shown as it now stands', async () => {
    const { job } = within(listening).found;
    useOutbox().drafts = [draft(job, 'theirs')];
    await nextTick();
    expect([job.document!.title, job.version]).toEqual(['From the other tab', 4]);
  });
  it('waits until the job itself is there', async () => {
    const { job } = within(listening).found;
    const before = job.document!.title;
    job.state = 'loading';
    useOutbox().drafts = [draft(job, 'theirs')];
    await nextTick();
    expect(job.document!.title).toBe(before);
  });
  it('of one’s own is not put on the screen over what is there', async () => {
    const { job } = within(listening).found;
    job.edit((typed) => void (typed.title = 'Mine'));
    await nextTick();
    const own = useOutbox().drafts[0]!;
    useOutbox().drafts = [{ ...own, document: { ...own.document, title: 'Read back' } }];
    await nextTick();
    expect(job.document!.title).toBe('Mine');
  });
});

describe('what arrived at the server', () => {
  it('is told by job, from a moment on', () => {
    const outbox = within(() => useOutbox()).found;
    const clock = vi.spyOn(performance, 'now');
    const arrive = (at: number, id: string, jobId = 'j-1') => {
      clock.mockReturnValue(at);
      outbox.noteArrived(note(id, jobId));
    };
    arrive(10, 'a');
    arrive(20, 'b');
    arrive(30, 'c', 'j-2');
    arrive(40, 'd');
    clock.mockRestore();
    expect(outbox.arrivedSince('j-1', 20).map(({ id }) => id)).toEqual(['b', 'd']);
    expect(outbox.arrivedSince('j-2', 0).map(({ id }) => id)).toEqual(['c']);
  });
});

describe('the line on which the server tells what others keep', () => {
  it('says which job is open here, and again when that or the hands change', async () => {
    const { live, line } = within(listening).found;
    expect(line.url).toMatch(/^ws:.*\/api\/live$/);
    line.onopen!();
    usePreferences().operator = 'DO';
    await nextTick();
    live.at = null;
    await nextTick();
    expect(line.sent).toEqual([
      { is: 'here', job: 'j-1', who: 'RK' },
      { is: 'here', job: 'j-1', who: 'DO' },
      { is: 'here', job: null, who: 'DO' },
    ]);
  });
  it('puts another’s record on the screen, once, and only of this job', () => {
    const { job, line } = within(listening).found;
    line.onopen!();
    const id = '00000000-0000-4000-8000-000000000001';
    line.tell({ is: 'record', record: note(id) });
    line.tell({ is: 'record', record: note(id) });
    line.tell({ is: 'record', record: note('00000000-0000-4000-8000-000000000002', 'j-2') });
    expect(job.records.map((r) => r.id)).toEqual([id]);
  });
  it('asks for another’s edit, not for one that is here already', async () => {
    const { job, line } = within(listening).found;
    line.onopen!();
    await settled();
    asked = [];
    title = 'As they made it';
    line.tell({ is: 'job', id: 'j-1', version: 1 });
    line.tell({ is: 'job', id: 'j-9', version: 7 });
    await settled();
    expect(asked).toEqual([]);
    line.tell({ is: 'job', id: 'j-1', version: 3 });
    await settled();
    expect(asked).toEqual(['/api/jobs/j-1']);
    expect(job.document!.title).toBe('As they made it');
  });
  it('an answer that was on its way while something was kept does not take it from the screen', async () => {
    const { job, line } = within(listening).found;
    line.onopen!();
    await settled();
    let answer!: () => void;
    const slow = vi.fn(
      () =>
        new Promise<Response>((resolve) => {
          answer = () =>
            resolve(
              new Response(
                JSON.stringify({
                  job: {
                    id: 'j-1',
                    version: 4,
                    updatedAt: '2026-11-20T10:00:00.000Z',
                    document: { ...jobDocument(), title: 'Theirs' },
                  },
                  records: [],
                  next: null,
                }),
                { headers: { 'content-type': 'application/json' } },
              ),
            );
        }),
    );
    vi.stubGlobal('fetch', (url: string, options?: RequestInit) =>
      options?.method === 'GET' && url === '/api/jobs/j-1'
        ? slow()
        : Promise.resolve(new Response('{"kept":true,"id":"x"}', { status: 201 })),
    );
    line.tell({ is: 'job', id: 'j-1', version: 4 });
    await settled();
    expect(slow).toHaveBeenCalledOnce();
    const heard = '00000000-0000-4000-8000-000000000009';
    line.tell({ is: 'record', record: note(heard) });
    const mine = await job.keep({ kind: 'note', text: 'kept meanwhile' });
    await settled();
    answer();
    await settled();
    expect(job.document!.title).toBe('Theirs');
    expect(job.records.map((r) => r.id).sort()).toEqual([heard, mine.id].sort());
    expect(job.lost).toEqual([]);
  });
  it('an answer older than what is here is not shown', async () => {
    const { job, line } = within(listening).found;
    line.onopen!();
    await settled();
    job.version = 9;
    const before = job.document!.title;
    title = 'Older';
    line.tell({ is: 'all' });
    await settled();
    expect([job.document!.title, job.version]).toEqual([before, 9]);
  });
  it('what is kept can be taken back at once, and it is that which goes', async () => {
    const { job, line } = within(listening).found;
    line.onopen!();
    await settled();
    await job.keepAndOffer({ kind: 'note', text: 'first' });
    const second = job.keepAndOffer({ kind: 'note', text: 'second' });
    useScreen().undoable!.run();
    await second;
    await settled();
    const [gone] = job.records.filter((r) => r.body.kind === 'withdrawn');
    const text = job.records.find((r) => gone?.body.kind === 'withdrawn' && r.id === gone.body.record)?.body;
    expect(text).toMatchObject({ text: 'second' });
  });
  it('what was done to one job is not taken back from another', async () => {
    const { job } = within(listening).found;
    const slip = useScreen();
    job.editAndOffer(
      'As proposed again.',
      (typed) => void (typed.note = 'changed'),
      (typed) => void (typed.note = ''),
    );
    expect(slip.undoable!.text).toBe('As proposed again.');
    await job.open('j-1');
    expect(slip.undoable!.text).toBe('As proposed again.');
    void job.open('j-2');
    expect(slip.undoable).toBeNull();
    // What is no job's stays: a job put away, a device that was disturbed.
    slip.offerBack('J-7 put away.', () => undefined);
    void job.open('j-3');
    expect(slip.undoable!.text).toBe('J-7 put away.');
    await settled();
  });
  it('a row of another job is taken back there, and does not show here', async () => {
    const { job } = within(listening).found;
    await job.withdraw(note('00000000-0000-4000-8000-000000000007', 'j-2') as never);
    await job.keepAgain(note('00000000-0000-4000-8000-000000000008', 'j-2') as never);
    expect(job.records).toEqual([]);
    const sent = useOutbox().waiting.map(({ body }) => body as { jobId: string });
    expect(sent.map(({ jobId }) => jobId)).toEqual(['j-2', 'j-2']);
  });
  it('a job that is opened while its last edit is still being sent shows the edit, whichever answer comes first', async () => {
    const row = (version: number, as: string) => ({
      id: 'j-1',
      version,
      updatedAt: '2026-11-20T10:00:00.000Z',
      document: { ...jobDocument(), title: as },
    });
    const json = (body: unknown) =>
      new Response(JSON.stringify(body), { headers: { 'content-type': 'application/json' } });
    let kept = row(1, 'As it was');
    vi.stubGlobal('fetch', async (url: string, options?: RequestInit) => {
      if (options?.method === 'PUT') return json((kept = row(2, 'Typed')));
      // Made when it is asked for, as a rule before the edit came in, and slow to arrive.
      const job = kept;
      if (url === '/api/jobs/j-1') await new Promise((resolve) => setTimeout(resolve, 3));
      return json({ job, records: [], next: null });
    });
    writeDraft({
      jobId: 'j-1',
      version: 1,
      base: { ...jobDocument(), title: 'As it was' },
      document: { ...jobDocument(), title: 'Typed' },
      save: '00000000-0000-4000-8000-0000000000aa',
    });
    const job = useJob();
    const opening = job.open('j-1');
    void useOutbox().flush();
    await settled();
    await opening;
    await settled();
    expect([job.document!.title, job.version]).toEqual(['Typed', 2]);
  });
  it('knows who else is here, while the line is there', () => {
    const { live, line } = within(listening).found;
    line.onopen!();
    line.tell({ is: 'present', job: 'j-1', others: ['MT'] });
    expect(live.others).toEqual(['MT']);
    line.tell({ is: 'present', job: 'j-2', others: ['DO'] });
    expect(live.others).toEqual([]);
    line.tell({ is: 'present', job: 'j-1', others: ['MT'] });
    line.onclose!({});
    expect(live.others).toEqual([]);
  });
  it('comes again by itself, and then everything is asked for', async () => {
    const { found } = within(() => {
      const changed = vi.fn();
      useChanges(['all'], changed);
      return { ...listening(), changed };
    });
    found.line.onopen!();
    await settled();
    await vi.advanceTimersByTimeAsync(200);
    found.changed.mockClear();
    asked = [];
    found.line.onclose!({});
    await vi.advanceTimersByTimeAsync(2100);
    expect(Line.all).toHaveLength(2);
    Line.all[1]!.onopen!();
    await vi.advanceTimersByTimeAsync(200);
    expect(asked).toContain('/api/jobs/j-1');
    expect(found.changed).toHaveBeenCalledOnce();
  });
  it('calls a burst of changes once, and nobody who has left', async () => {
    const changed = vi.fn();
    const { leave } = within(() => {
      useChanges(['record'], changed);
      return listening();
    });
    const line = Line.all.at(-1)!;
    line.onopen!();
    for (let i = 1; i < 6; i++)
      line.tell({ is: 'record', record: note(`00000000-0000-4000-8000-00000000001${i}`) });
    line.tell({ is: 'shelf', of: 'kit' });
    await vi.advanceTimersByTimeAsync(200);
    expect(changed).toHaveBeenCalledOnce();
    leave();
    line.tell({ is: 'record', record: note('00000000-0000-4000-8000-000000000020') });
    await vi.advanceTimersByTimeAsync(200);
    expect(changed).toHaveBeenCalledOnce();
  });
});
