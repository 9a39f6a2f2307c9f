import type { Search } from '@anello/contract';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { LOCAL } from '../../data/names';
import { useMounted } from '../../testkit/mounted';
import { useSearches } from './useSearches';

/** The searches a stand-in for the server keeps. */
const kept = new Map<string, Search['asked']>();
let full = false;
const answer = (status: number, body: unknown): Response =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });

const { within } = useMounted();
beforeEach(() => {
  kept.clear();
  full = false;
  vi.stubGlobal('fetch', async (url: string, { method, body }: { method: string; body?: string }) => {
    const name = decodeURIComponent(url.split('/')[3] ?? '');
    if (method === 'PUT' && full)
      return answer(413, { code: 'too-large', field: null, sentence: 'A shop keeps at most 60 searches.' });
    if (method === 'PUT') kept.set(name, (JSON.parse(body ?? '{}') as { asked: Search['asked'] }).asked);
    if (method === 'DELETE') kept.delete(name);
    return answer(200, { searches: [...kept].map(([one, asked]) => ({ name: one, asked })) });
  });
});
const settled = () => new Promise((resolve) => setTimeout(resolve, 20));

describe('searches the shop keeps', () => {
  it('are kept and forgotten on the server, and shown as it has them', async () => {
    kept.set('Scrap', { verdict: 'scrap' });
    const { found } = within(useSearches);
    await settled();
    await found.keep('Chatter', { words: 'chatter' });
    expect(found.searches.value.map(({ name }) => name)).toEqual(['Scrap', 'Chatter']);
    await found.drop('Scrap');
    expect([...kept.keys()]).toEqual(['Chatter']);
    expect(found.searches.value).toEqual([{ name: 'Chatter', asked: { words: 'chatter' } }]);
  });
  it('left in this browser by an older Anello are brought in once', async () => {
    localStorage.setItem(LOCAL.searches, JSON.stringify([{ name: 'Mine', asked: { words: 'tang' } }]));
    const { found } = within(useSearches);
    await settled();
    expect(found.searches.value).toEqual([{ name: 'Mine', asked: { words: 'tang' } }]);
    expect(JSON.parse(localStorage.getItem(LOCAL.searches) ?? 'null')).toEqual([]);
  });
  it('that the server will not take stay in the browser, with why', async () => {
    full = true;
    localStorage.setItem(LOCAL.searches, JSON.stringify([{ name: 'Mine', asked: {} }]));
    const { found } = within(useSearches);
    await settled();
    expect(found.refused.value).toBe('A shop keeps at most 60 searches.');
    expect(JSON.parse(localStorage.getItem(LOCAL.searches) ?? 'null')).toHaveLength(1);
  });
});
