import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick, reactive } from 'vue';
import { routeLocationKey, routerKey } from 'vue-router';
import { useMounted } from '../../testkit/mounted';
import { useRackAddress } from './useRackAddress';

const { within } = useMounted();
beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

type Query = Record<string, unknown>;
function onRack(query: Query = {}) {
  const route = reactive<{ name: string; query: Query }>({ name: 'rack', query });
  const wrote: Query[] = [];
  const router = {
    replace: ({ query: next }: { query: Query }) => {
      wrote.push(next);
      route.query = next;
    },
  };
  const { found, leave } = within(useRackAddress, [
    [routeLocationKey, route],
    [routerKey, router],
  ]);
  return { ...found, route, wrote, leave };
}
const rest = (): Promise<unknown> => vi.advanceTimersByTimeAsync(400);

describe('the rack as its address has it', () => {
  it.each([
    [{}, '', 'rack'],
    [{ search: 'hub', show: 'away' }, 'hub', 'away'],
    [{ search: ['a', 'b'], show: 'elsewhere' }, '', 'rack'],
  ])('at %j is looked at so', (query, words, which) => {
    const { search, show } = onRack(query);
    expect([search.value, show.value]).toEqual([words, which]);
  });
  it('follows what is typed once a hand rests, and says nothing that is usual', async () => {
    const { search, show, wrote } = onRack();
    search.value = 'h';
    await vi.advanceTimersByTimeAsync(100);
    search.value = 'hub';
    await rest();
    expect(wrote).toEqual([{ search: 'hub' }]);
    show.value = 'away';
    await rest();
    search.value = '';
    await rest();
    show.value = 'rack';
    await rest();
    expect(wrote.slice(1)).toEqual([{ search: 'hub', show: 'away' }, { show: 'away' }, {}]);
  });
  it('writes nothing over what is typed meanwhile', async () => {
    const { search, route } = onRack();
    search.value = 'hu';
    await rest();
    search.value = 'hub';
    await nextTick();
    expect([search.value, route.query]).toEqual(['hub', { search: 'hu' }]);
    await rest();
    expect(route.query).toEqual({ search: 'hub' });
  });
  it('gone to otherwise is looked at as that', async () => {
    const { search, show, route, wrote } = onRack({ search: 'hub', show: 'away' });
    route.query = {};
    await nextTick();
    expect([search.value, show.value]).toEqual(['', 'rack']);
    await rest();
    expect(wrote).toEqual([]);
  });
  it('of another place is left alone', async () => {
    const { search, route, wrote } = onRack({ search: 'hub' });
    search.value = 'bush';
    Object.assign(route, { name: 'set', query: { any: 'thing' } });
    await rest();
    expect([search.value, wrote]).toEqual(['bush', []]);
  });
  it('cleared by its cross is nothing looked for', async () => {
    const { search, wrote } = onRack({ search: 'hub' });
    search.value = null as unknown as string;
    await rest();
    expect(wrote).toEqual([{}]);
  });
});
