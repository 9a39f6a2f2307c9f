import { KIT_SCHEMA, sizes, type KitRow, type TaperRow } from '@anello/contract';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useKit } from './kit';
import { useOutbox } from './outbox';
import { emptyBench } from '../../testkit/emptyBench';
import { freshStores } from '../../testkit/freshStores';
import { waitingServer } from '../../testkit/waiting';

const row = (id: string, typed: string, archived = false): KitRow => ({
  id,
  version: 1,
  document: { schema: KIT_SCHEMA, kind: 'drills', name: id, note: '', archived, sizes: sizes(typed) },
});
const taper: TaperRow = {
  id: 'wedge',
  version: 1,
  document: {
    schema: 1,
    name: 'Wedge',
    use: '',
    archived: false,
    thread: '',
    ratio: { typed: '1:30', value: 1 / 30 },
  },
};
const server = { away: false, kit: [] as KitRow[], tapers: [] as TaperRow[], sent: [] as string[] };

beforeEach(async () => {
  freshStores();
  sessionStorage.clear();
  await emptyBench();
  Object.assign(server, {
    away: false,
    kit: [row('a', '3; 1'), row('b', '2', true)],
    tapers: [taper],
    sent: [],
  });
  vi.stubGlobal('fetch', async (url: string, init: { method: string; body?: string }) => {
    if (server.away) throw new TypeError('refused');
    server.sent.push(`${init.method} ${url}`);
    if (init.method === 'GET')
      return new Response(JSON.stringify({ rows: url === '/api/kit' ? server.kit : server.tapers }));
    const body = JSON.parse(init.body ?? '{}') as {
      id?: string;
      version?: number;
      document: KitRow['document'];
    };
    if (init.method === 'PUT' && body.version !== 1)
      return new Response(JSON.stringify({ code: 'stale-version', field: null, sentence: 'Changed.' }), {
        status: 409,
      });
    if (init.method === 'POST') server.kit.push({ id: body.id ?? '', version: 1, document: body.document });
    return new Response('{}', { status: 200 });
  });
});
afterEach(() => vi.unstubAllGlobals());

describe('what the shop owns, on the screen', () => {
  it('asked for twice is as it was asked for last, whichever answer comes last', async () => {
    const asked = waitingServer();
    const kit = useKit();
    void kit.load();
    void kit.load();
    const rows = (id: string) => ({ rows: [row(id, '1')] });
    const tapersAsked = asked.map(({ url }) => url === '/api/tapers');
    for (const i of [3, 2, 1, 0])
      await asked[i]!.answer(tapersAsked[i] ? { rows: [] } : rows(i < 2 ? 'old' : 'new'));
    expect(kit.kit.map(({ id }) => id)).toEqual(['new']);
    expect(kit.loaded).toBe(true);
  });
  it('is loaded, without what is put away where the core computes with it', async () => {
    const kit = useKit();
    await kit.load();
    expect(kit.kit).toHaveLength(2);
    expect(kit.core.drills).toEqual([1, 3]);
    expect(kit.sizes[0]).toMatchObject({ series: 'shop', name: 'Wedge' });
  });
  it('is there from the last time when the server is away, and that is noticed', async () => {
    await useKit().load();
    freshStores();
    server.away = true;
    const kit = useKit();
    await kit.load();
    expect(kit.loaded).toBe(true);
    expect(kit.core.drills).toEqual([1, 3]);
    expect(useOutbox().away).toBe(true);
  });
  it('a new thing is added and shown; a save over an older version is refused as such', async () => {
    const kit = useKit();
    await kit.load();
    await kit.keep('c', null, row('c', '7').document);
    expect(kit.core.drills).toEqual([1, 3, 7]);
    expect(server.sent).toContain('POST /api/kit');
    await expect(kit.keep('a', 9, row('a', '3').document)).rejects.toMatchObject({ code: 'stale-version' });
    server.away = true;
    await expect(kit.keep('a', 1, row('a', '3').document)).rejects.toMatchObject({ name: 'ServerAway' });
  });
});
