import type { JobCard } from '@anello/contract';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { newJobDocument } from '@anello/contract';
import { writeDraft } from '../../data/drafts';
import { useOutbox } from '../../data/stores/outbox';
import { useScreen } from '../../data/stores/screen';
import { answering, type Asked } from '../../testkit/answers';
import { useMounted } from '../../testkit/mounted';
import { waitingServer } from '../../testkit/waiting';
import { ServerAway } from '../../data/api';
import { routeLocationKey, routerKey } from 'vue-router';
import { rackSeen } from './rackSeen';
import { useRack } from './useRack';

const { within } = useMounted();
const AT_RACK = [
  [routeLocationKey, { name: 'rack', query: {} }],
  [routerKey, { replace: () => undefined }],
] as const;
const cardOf = (n: number): JobCard => ({ id: `j-${n}`, number: `J-${n}`, title: `Part ${n}` }) as JobCard;
let there: JobCard[] = [];
let away = false;
const paramsOf = ({ url }: Asked): Record<string, string> =>
  Object.fromEntries(new URL(url, 'http://shop').searchParams);
/** A shop with these jobs on its rack, which hands them out as it is asked. */
const server = () =>
  answering((one) => {
    if (away) return 'away';
    if (one.method === 'PUT') return { body: {} };
    const { limit, offset } = paramsOf(one);
    return {
      body: { jobs: there.slice(Number(offset), Number(offset) + Number(limit)), total: there.length },
    };
  });
async function rack(count?: number) {
  const { asked } = server();
  const { found: desk } = within(() => useRack(count), AT_RACK);
  await vi.waitFor(() => expect(desk.state.value).not.toBe('waiting'));
  return { desk, asked };
}
const settled = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 20));
const numbers = ({ jobs }: { jobs: { value: JobCard[] } }): string[] => jobs.value.map((job) => job.number);

beforeEach(() => {
  away = false;
  there = Array.from({ length: 60 }, (_, i) => cardOf(101 + i));
});

describe('the rack with the server away', () => {
  it('is as it was seen last, and says when; as it is again, once the server is back', async () => {
    await rack();
    away = true;
    const { desk } = await rack();
    expect(numbers(desk)).toEqual(there.slice(0, 24).map((job) => job.number));
    expect(Date.now() - Date.parse(desk.seenAt.value!)).toBeLessThan(60_000);
    expect([desk.state.value, desk.total.value]).toEqual(['ready', 24]);
    away = false;
    there = there.slice(0, 2);
    await desk.load('again');
    expect([numbers(desk), desk.seenAt.value]).toEqual([['J-101', 'J-102'], null]);
  });
  it('that was never seen is missing, and so is what would be found or is put away', async () => {
    localStorage.clear();
    away = true;
    expect((await rack()).desk.state.value).toBe('failed');
    away = false;
    const { desk } = await rack();
    await desk.load();
    away = true;
    for (const put of [() => (desk.search.value = 'Part 7'), () => (desk.show.value = 'away')]) {
      desk.jobs.value = [];
      put();
      await settled();
      await desk.load();
      expect([desk.state.value, desk.seenAt.value]).toEqual(['failed', null]);
      desk.search.value = '';
      desk.show.value = 'rack';
    }
  });
  it('is remembered whole, and not as what was found of it or put away', async () => {
    localStorage.clear();
    const { desk } = await rack();
    const before = rackSeen();
    expect(before?.jobs).toHaveLength(24);
    for (const put of [() => (desk.search.value = 'Part 7'), () => (desk.show.value = 'away')]) {
      there = [cardOf(7)];
      put();
      await desk.load();
      expect(rackSeen()).toEqual(before);
      desk.search.value = '';
    }
    localStorage.setItem('anello.rack-seen', '{"at":');
    expect(rackSeen()).toBeNull();
  });
  it('keeps what is on the screen when the server goes', async () => {
    const { desk } = await rack();
    away = true;
    await desk.load('again');
    expect([desk.state.value, desk.seenAt.value, desk.jobs.value.length]).toEqual(['ready', null, 24]);
  });
});

describe('the rack', () => {
  it('come back to shows as many as it did, and a page where that were fewer', async () => {
    expect(numbers((await rack(48)).desk)).toHaveLength(48);
    expect(numbers((await rack(3)).desk)).toHaveLength(24);
  });
  it('shows a page, and goes on where it left off', async () => {
    const { desk, asked } = await rack();
    expect(paramsOf(asked[0]!)).toEqual({
      limit: '24',
      offset: '0',
      show: 'rack',
      sort: 'touched',
      search: '',
    });
    expect(numbers(desk)).toEqual(there.slice(0, 24).map((job) => job.number));
    expect(desk.total.value).toBe(60);
    await desk.load('more');
    expect(paramsOf(asked[1]!)).toMatchObject({ offset: '24' });
    expect(numbers(desk)).toEqual(there.slice(0, 48).map((job) => job.number));
  });

  it('asked again, shows as many as it did, in as many answers as the server needs', async () => {
    there = Array.from({ length: 230 }, (_, i) => cardOf(101 + i));
    const { desk, asked } = await rack();
    await desk.load('more');
    await desk.load('again');
    expect(paramsOf(asked.at(-1)!)).toMatchObject({ limit: '48', offset: '0' });
    for (let i = 0; i < 7; i++) await desk.load('more');
    const before = asked.length;
    await desk.load('again');
    expect(asked.slice(before).map((one) => [paramsOf(one)['offset'], paramsOf(one)['limit']])).toEqual([
      ['0', '100'],
      ['100', '100'],
      ['200', '16'],
    ]);
    expect(numbers(desk)).toEqual(there.slice(0, 216).map((job) => job.number));
  });
  it('holds no job twice that went further down while the next page was asked for', async () => {
    const { desk } = await rack();
    there = [cardOf(99), ...there];
    await desk.load('more');
    expect(new Set(numbers(desk)).size).toBe(desk.jobs.value.length);
    expect(desk.jobs.value.length).toBe(48);
  });
  it('stays as long as it is when a job is put away, and when the server is back', async () => {
    const { desk } = await rack();
    await desk.load('more');
    await desk.putAway(cardOf(107), true);
    expect(desk.jobs.value).toHaveLength(48);
    useOutbox().noticeAway(new ServerAway());
    await nextTick();
    useOutbox().reached();
    await settled();
    expect(desk.jobs.value).toHaveLength(48);
  });

  it('looks among what is put away, in another order, and for a word once typing rests', async () => {
    const { desk, asked } = await rack();
    desk.show.value = 'away';
    await nextTick();
    expect(paramsOf(asked.at(-1)!)).toMatchObject({ show: 'away' });
    desk.sort.value = 'number' as typeof desk.sort.value;
    await nextTick();
    expect(paramsOf(asked.at(-1)!)).toMatchObject({ sort: 'number' });
    const before = asked.length;
    for (const typed of ['s', 'sh', 'shank & hub']) {
      desk.search.value = typed;
      await nextTick();
    }
    await vi.waitFor(() => expect(asked.length).toBe(before + 1));
    expect(paramsOf(asked.at(-1)!)).toMatchObject({ search: 'shank & hub', offset: '0' });
  });

  it('of which nothing ever came says so; one that is there stays while the server is away', async () => {
    away = true;
    const { desk } = await rack();
    expect(desk.state.value).toBe('failed');
    expect(useOutbox().away).toBe(true);
    away = false;
    await desk.load();
    expect(desk.state.value).toBe('ready');
    away = true;
    await desk.load();
    expect(desk.state.value).toBe('ready');
    expect(desk.jobs.value).toHaveLength(24);
  });

  it('is asked for again when the server is back', async () => {
    away = true;
    const { desk } = await rack();
    away = false;
    useOutbox().reached();
    await vi.waitFor(() => expect(desk.state.value).toBe('ready'));
  });
});

describe('answers that come late', () => {
  const page = (...ns: number[]) => ({ jobs: ns.map(cardOf), total: ns.length });
  async function asking() {
    const asked = waitingServer();
    const { found: desk } = within(useRack, AT_RACK);
    await nextTick();
    await asked[0]!.answer(page(1, 2));
    return { asked, desk };
  }
  it('of an older question are not put over a newer one’s', async () => {
    const { asked, desk } = await asking();
    desk.sort.value = 'due';
    await nextTick();
    desk.sort.value = 'number';
    await nextTick();
    await asked[2]!.answer(page(9, 8));
    await asked[1]!.answer(page(3, 4));
    expect(numbers(desk)).toEqual(['J-9', 'J-8']);
    void desk.load();
    void desk.load();
    await asked[4]!.answer(page(7));
    await asked[3]!.lose();
    expect([numbers(desk), desk.state.value]).toEqual([['J-7'], 'ready']);
  });
  it('more asked for twice is there once', async () => {
    const { asked, desk } = await asking();
    void desk.load('more');
    void desk.load('more');
    await asked[1]!.answer(page(3, 4));
    await asked[2]!.answer(page(3, 4));
    expect(numbers(desk)).toEqual(['J-1', 'J-2', 'J-3', 'J-4']);
  });
  it('more asked for while another screen keeps something comes with what that changed', async () => {
    const { asked, desk } = await asking();
    void desk.load('more');
    void desk.load('again');
    expect(Object.fromEntries(new URL(asked[2]!.url, 'http://shop').searchParams)).toMatchObject({
      limit: '26',
      offset: '0',
    });
    await asked[2]!.answer(page(5, 1, 2, 3));
    await asked[1]!.answer(page(3, 4));
    expect(numbers(desk)).toEqual(['J-5', 'J-1', 'J-2', 'J-3']);
  });
});

describe('a job put away', () => {
  it('is, and can be had back by one press', async () => {
    const { desk, asked } = await rack();
    await desk.putAway(cardOf(107), true);
    expect(asked.find(({ method }) => method === 'PUT')).toMatchObject({
      url: '/api/jobs/j-107/away',
      body: { away: true },
    });
    expect(useScreen().undoable!.text).toBe('J-107 put away.');
    useScreen().undoable!.run();
    await vi.waitFor(() =>
      expect(asked.filter(({ method }) => method === 'PUT').at(-1)!.body).toEqual({ away: false }),
    );
    await vi.waitFor(() => expect(useScreen().undoable!.text).toBe('J-107 is on the rack again.'));
  });

  it('is not while the server is away, which is said until it is done', async () => {
    const { desk } = await rack();
    away = true;
    await desk.putAway(cardOf(107), true);
    expect(desk.failed.value).toMatch(/^J-107 could not be moved/);
    expect(useScreen().undoable).toBeNull();
    away = false;
    await desk.putAway(cardOf(107), true);
    expect(desk.failed.value).toBe('');
  });
});

describe('what lies in this browser alone', () => {
  const held = (jobId: string, more: object = {}) =>
    writeDraft({
      jobId,
      version: 1,
      document: newJobDocument({ number: 'J', title: 't', machineId: 'm' }),
      save: 's',
      ...more,
    });
  it('is named with why: an edit held, refused, or changed by somebody else too', async () => {
    const { desk } = await rack();
    held('j-101', {
      refused: { code: 'invalid-document', field: 'title', sentence: 'This cannot be empty.' },
    });
    held('j-102', { theirs: { version: 2, document: {}, clashes: [] } });
    held('j-999');
    const outbox = useOutbox();
    await outbox.reload();
    expect(desk.here.value.map(({ name, why }) => [name, why])).toEqual([
      ['J-101 Part 101', 'an edit was not taken: This cannot be empty.'],
      ['J-102 Part 102', 'changed here and by somebody else: to be settled'],
    ]);
    away = true;
    await desk.load();
    expect(desk.here.value.at(-1)).toEqual({
      id: 'j-999',
      name: 'j-999',
      why: 'an edit is held in this browser',
    });
  });
  it('a record that was refused stands for its job', async () => {
    const { desk } = await rack();
    useOutbox().refused = [
      {
        method: 'POST',
        url: '/api/records',
        body: { jobId: 'j-103' },
        refused: {
          code: 'invalid-document',
          field: null,
          sentence: 'No such piece.',
          phrase: ['No such piece.'],
        },
      },
      {
        method: 'PUT',
        url: '/api/machines/m',
        body: null,
        refused: { code: 'invalid-document', field: null, sentence: 'No.', phrase: ['No.'] },
      },
    ];
    expect(desk.here.value).toEqual([
      { id: 'j-103', name: 'J-103 Part 103', why: 'something kept was not taken: No such piece.' },
    ]);
  });
});
