import type { LogRow } from '@anello/contract';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick, reactive } from 'vue';
import { routeLocationKey, routerKey } from 'vue-router';
import { useOutbox } from '../../data/stores/outbox';
import { answering, type Asked } from '../../testkit/answers';
import { useMounted } from '../../testkit/mounted';
import { useLog } from './useLog';

const { within } = useMounted();
const TOTAL = 120;
let away = false;
const rows = Array.from({ length: TOTAL }, (_, i) => ({ seq: TOTAL - i }) as unknown as LogRow);
const paramsOf = ({ url }: Asked): Record<string, string> =>
  Object.fromEntries(new URL(url, 'http://shop').searchParams);
/** A logbook with so many rows, newest first, fifty to a page. */
const server = () =>
  answering((one) => {
    if (away) return 'away';
    const before = Number(paramsOf(one)['before'] ?? TOTAL + 1);
    const from = TOTAL + 1 - before;
    const page = rows.slice(from, from + 50);
    return { body: { rows: page, next: from + 50 < TOTAL ? before - 50 : null } };
  });
async function log(query: Record<string, unknown> = {}, count?: number) {
  const { asked } = server();
  const route = reactive({ query });
  const router = { replace: (to: { query: Record<string, string> }) => void (route.query = to.query) };
  const { found: desk } = within(
    () => useLog(count),
    [
      [routeLocationKey, route],
      [routerKey, router],
    ],
  );
  await vi.waitFor(() => expect(desk.state.value).not.toBe('waiting'));
  return { desk, asked, route };
}
const seqs = ({ rows: shown }: { rows: { value: readonly LogRow[] } }): unknown[] =>
  shown.value.map((row) => (row as unknown as { seq: number }).seq);

beforeEach(() => {
  away = false;
});

describe('the logbook', () => {
  it('shows its newest page, and older ones under it until there are none', async () => {
    const { desk } = await log();
    expect(seqs(desk)).toEqual(Array.from({ length: 50 }, (_, i) => 120 - i));
    expect(desk.more.value).toBe(true);
    await desk.loadMore();
    await desk.loadMore();
    expect(seqs(desk)).toEqual(Array.from({ length: 120 }, (_, i) => 120 - i));
    expect(desk.more.value).toBe(false);
  });

  it('come back to shows as many rows as it did, and asked otherwise a page again', async () => {
    const { desk, asked } = await log({}, 100);
    expect([seqs(desk).length, asked.length, desk.more.value]).toEqual([100, 2, true]);
    desk.ask({ words: 'lash' });
    await vi.waitFor(() => expect(seqs(desk)).toHaveLength(50));
    expect((await log({}, 10)).asked).toHaveLength(1);
    const whole = await log({}, 400);
    expect([seqs(whole.desk).length, whole.desk.more.value]).toEqual([120, false]);
  });

  it('keeps the older pages that are read when what was kept here has arrived', async () => {
    const { desk } = await log();
    await desk.loadMore();
    const outbox = useOutbox();
    outbox.waiting = [{ method: 'POST', url: '/api/records', body: {} }];
    await nextTick();
    outbox.waiting = [];
    await new Promise((resolve) => setTimeout(resolve, 20));
    expect(seqs(desk)).toHaveLength(100);
  });

  it('asks no further where a page has nothing in it', async () => {
    const { asked } = answering(() => ({ body: { rows: [], next: 7 } }));
    const { found: desk } = within(
      () => useLog(200),
      [
        [routeLocationKey, reactive({ query: {} })],
        [routerKey, { replace: () => undefined }],
      ],
    );
    await vi.waitFor(() => expect(desk.state.value).toBe('ready'));
    expect(asked).toHaveLength(1);
  });

  it('asks for what its address asks, and for nothing an address may hold besides', async () => {
    const { desk, asked } = await log({
      words: 'lash & screw',
      kind: '',
      from: ['a', 'b'],
      piece: '3',
      way: 'compound',
    });
    expect(desk.asked.value).toEqual({ words: 'lash & screw', way: 'compound' });
    expect(paramsOf(asked[0]!)).toEqual({ words: 'lash & screw', way: 'compound' });
    expect(desk.file('csv')).toBe('/api/log.csv?words=lash+%26+screw&way=compound');
  });

  it('asked for more changes its address; a box emptied leaves it', async () => {
    const { desk, asked, route } = await log({ words: 'lash' });
    desk.ask({ operator: 'RK' });
    await nextTick();
    expect(route.query).toEqual({ words: 'lash', operator: 'RK' });
    expect(paramsOf(asked.at(-1)!)).toEqual({ words: 'lash', operator: 'RK' });
    desk.ask({ words: '' });
    await nextTick();
    expect(route.query).toEqual({ operator: 'RK' });
  });

  it('shows what was asked last, however late an earlier answer comes', async () => {
    const late: (() => void)[] = [];
    const { desk } = await log();
    vi.stubGlobal('fetch', (url: string) => {
      const answer = () =>
        new Response(JSON.stringify({ rows: [{ seq: url.includes('first') ? 1 : 2 }], next: null }));
      return new Promise<Response>((resolve) => late.push(() => resolve(answer())));
    });
    desk.ask({ words: 'first' });
    await nextTick();
    desk.ask({ words: 'second' });
    await nextTick();
    late[1]!();
    await vi.waitFor(() => expect(seqs(desk)).toEqual([2]));
    late[0]!();
    await new Promise((resolve) => setTimeout(resolve, 20));
    expect(seqs(desk)).toEqual([2]);
  });

  it('that cannot be had says so, and is there again at the next asking', async () => {
    away = true;
    const { desk } = await log();
    expect(desk.state.value).toBe('failed');
    away = false;
    desk.ask({ words: 'lash' });
    await vi.waitFor(() => expect(desk.state.value).toBe('ready'));
  });

  it('is asked again when what was kept here has gone to the server', async () => {
    const { asked } = await log();
    const outbox = useOutbox();
    const waiting = { method: 'POST', url: '/api/records', body: {} } as const;
    outbox.waiting = [waiting, waiting];
    await nextTick();
    const before = asked.length;
    outbox.waiting = [waiting];
    await nextTick();
    expect(asked.length).toBe(before + 1);
  });
});
