import type { LogRow } from '@anello/contract';
import type { RecordBody } from '@anello/core/job';
import { describe, expect, it, vi } from 'vitest';
import { nextTick, reactive } from 'vue';
import { routeLocationKey, routerKey } from 'vue-router';
import { useShop } from '../../data/stores/shop';
import { answering, type Asked } from '../../testkit/answers';
import { fill, plain, press, useMounted } from '../../testkit/mounted';
import LogPlace from './LogPlace.vue';

const { mount } = useMounted();
const row = (seq: number, body: RecordBody, more: Partial<LogRow> = {}): LogRow =>
  ({
    seq,
    number: 'J-101',
    title: 'Boring-bar shank',
    gone: false,
    ...more,
    record: {
      ...{ id: `r-${seq}`, jobId: 'j-101', piece: 1, at: '2026-11-20T09:30:00.000Z', operator: 'RK', body },
    },
  }) as LogRow;
const ROWS = [
  row(3, { kind: 'note', text: 'Gib strip eased' }),
  row(
    2,
    { kind: 'stand-off', seen: 1.2, halfAngle: 0.025, diameterLeft: 0.06, typed: '1.2' },
    { gone: true },
  ),
  row(1, { kind: 'verdict', verdict: 'accepted', cause: '' }),
];
const PAGE = 50;
const paramsOf = ({ url }: Asked): Record<string, string> =>
  Object.fromEntries(new URL(url, 'http://shop').searchParams);
async function open(rows: readonly LogRow[] | 'away', query: Record<string, string> = {}) {
  useShop().loaded = true;
  const { asked } = answering((one) => {
    if (!one.url.includes('/api/log')) return { body: { searches: [], rows: [] } };
    if (rows === 'away') return 'away';
    const older = paramsOf(one)['before'] !== undefined;
    return { body: { rows: older ? [] : rows, next: older || rows.length < PAGE ? null : 1 } };
  });
  const route = reactive({ query, path: '/log', fullPath: '/log' });
  const router = { replace: (to: { query: Record<string, string> }) => void (route.query = to.query) };
  const host = mount(LogPlace, {}, [
    [routeLocationKey, route],
    [routerKey, router],
  ] as never);
  await vi.waitFor(() => expect(plain(host.textContent)).not.toContain('Fetching what was kept'));
  const logged = () => asked.filter(({ url }) => /\/api\/log\?/.test(url) || url.endsWith('/api/log'));
  return { host, logged, route };
}
const text = (host: HTMLElement): string => plain(host.textContent);

describe('the logbook as a page', () => {
  it('has each row as a sentence that leads to where it was kept; what was taken back is said to be', async () => {
    const { host } = await open(ROWS);
    const lines = [...host.querySelectorAll('.rows li')].map((one) => plain(one.textContent));
    expect(lines).toHaveLength(3);
    expect(lines[0]).toMatch(/RKJ-101 Boring-bar shank · piece 1Gib strip eased$/);
    expect(lines[1]).toMatch(/Stood off 1\.20 mm: 0\.060 mm left on diameter, taken back$/);
    expect(lines[2]).toMatch(/Accepted$/);
    const links = [...host.querySelectorAll('.rows a')].map((one) => one.getAttribute('href'));
    expect(links).toEqual(['/job/j-101/record', '/job/j-101/prove', '/job/j-101/record']);
  });
  it('shows older rows when asked, and none where there are none', async () => {
    const { host, logged } = await open(
      Array.from({ length: PAGE }, (_, i) => ({ ...ROWS[0]!, seq: 60 - i })),
    );
    press(host, 'Show older');
    await vi.waitFor(() => expect(logged()).toHaveLength(2));
    expect(paramsOf(logged()[1]!)['before']).toBe('1');
    await vi.waitFor(() => expect(text(host)).not.toContain('Show older'));
  });
  it('says that nothing is kept yet', async () => {
    expect(text((await open([])).host)).toContain('Nothing is kept yet');
  });
  it('says that nothing matches where something was asked, and offers to keep the search', async () => {
    const { host } = await open([], { words: 'hammer' });
    expect(text(host)).toContain('Nothing kept matches that');
    expect(text(host)).toContain('Keep this search as');
  });
  it('says that the server is away, and that what was kept is safe', async () => {
    expect(text((await open('away')).host)).toContain('the server is away. What was kept is safe');
  });
  it('asks for typed words when the typing rests, and for the same file', async () => {
    const { host, route } = await open(ROWS);
    fill(host, 'Words', 'gib');
    await vi.waitFor(() => expect(route.query).toEqual({ words: 'gib' }), 2000);
    await nextTick();
    expect(host.querySelector<HTMLAnchorElement>('.files a')!.getAttribute('href')).toContain('words=gib');
  });
});
