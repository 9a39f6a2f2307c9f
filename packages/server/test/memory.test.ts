import {
  entry,
  type Before,
  type LikenessSaid,
  type LogPage,
  type LoreSaid,
  type Operators,
  type Rack,
} from '@anello/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { DEMO_JOBS } from '../src/demo/jobs';
import { earlierWork } from '../src/demo/earlier';
import { fillShapes } from '../src/stores/fillShapes';
import { aReading, testServer, type TestServer } from './support';

let server: TestServer;
beforeAll(async () => {
  server = await testServer({ demo: true });
});
afterAll(() => server.close());

const taperOf = (id: string): string =>
  [...DEMO_JOBS, ...earlierWork(new Date()).map(({ made }) => made)]
    .find((job) => job.id === id)!
    .document.features.find((f) => f.kind === 'taper' || f.kind === 'eccentric')!.id;
const before = async (id: string, feature = taperOf(id)): Promise<Before['rows']> => {
  const answer = await server.send('GET', `/api/jobs/${id}/before/${feature}`);
  expect(answer.statusCode).toBe(200);
  return answer.json<Before>().rows;
};
const numbers = (rows: readonly { number: string }[]): string[] => rows.map(({ number }) => number);
const rack = async (query: string): Promise<Rack> =>
  (await server.send('GET', `/api/jobs?limit=100&${query}`)).json<Rack>();

describe('the logbook by a kind of feature', () => {
  it.each(['thread', 'cylinder', 'bore'])('has the rows of each %s, and of nothing else', async (kind) => {
    const { rows } = (await server.send('GET', `/api/log?limit=200&shape=${kind}`)).json<LogPage>();
    expect(rows.length).toBeGreaterThan(0);
    for (const { record } of rows) {
      const { job } = (await server.send('GET', `/api/jobs/${record.jobId}`)).json<{
        job: { document: { features: { id: string; kind: string }[] } };
      }>();
      expect(job.document.features.find(({ id }) => id === record.feature)?.kind).toBe(kind);
    }
  });
});

describe('the same shape in earlier jobs', () => {
  it('is found by its figure, the newest first, with how it went', async () => {
    const rows = await before('j-101');
    expect(numbers(rows)).toEqual(expect.arrayContaining(['J-110', 'J-086', 'J-052', 'J-041']));
    expect(rows.find((row) => row.number === 'J-052')!.story).toMatchObject({
      way: 'attachment',
      accepted: 2,
      pieces: 2,
      setting: { nudges: 1, machineId: 'long-lathe' },
    });
    expect(rows.find((row) => row.number === 'J-086')!.story.took).toBeCloseTo(0.93, 2);
  });
  it('is none of another number of the same family, and never itself', async () => {
    const rows = await before('j-109');
    expect(numbers(rows)).toEqual(['J-078']);
    expect(numbers(await before('j-102'))).toEqual(['J-093', 'J-058']);
  });
  it('tells why one was scrapped', async () => {
    const hub = (await before('j-102')).find((row) => row.number === 'J-058')!;
    expect(hub.story).toMatchObject({ scrapped: 1, causes: [expect.stringContaining('Lash')] });
  });
  it('finds an eccentric of the same throw', async () => {
    const rows = await before('j-103');
    expect(numbers(rows)).toEqual(['J-097']);
    expect(rows[0]!.story).toMatchObject({ way: 'four-jaw', tries: 3, accepted: 1, setting: null });
  });
  it('follows the figure when it is changed, and a job that was kept before there was a place for it', async () => {
    const { job } = (await server.send('GET', '/api/jobs/j-108')).json();
    expect(numbers(await before('j-108'))).toEqual(['J-063']);
    const document = structuredClone(job.document);
    document.features[0].ratio = entry('1:40', 'taper');
    await server.send('PUT', '/api/jobs/j-108', { version: job.version, document });
    expect(await before('j-108')).toEqual([]);
    await server.send('PUT', '/api/jobs/j-108', { version: job.version + 1, document: job.document });
    await server.book.write(() => {
      server.book.run('delete from `shape`');
      server.book.run('update `rack` set `shaped` = 0');
    });
    expect(await before('j-108')).toEqual([]);
    expect(await fillShapes(server.book)).toBeGreaterThan(DEMO_JOBS.length);
    expect(numbers(await before('j-108'))).toEqual(['J-063']);
    expect(await fillShapes(server.book)).toBe(0);
  });
  it('is refused where there is no such job or shape', async () => {
    for (const address of ['/api/jobs/none/before/x', '/api/jobs/j-101/before/none']) {
      const answer = await server.send('GET', address);
      expect([answer.statusCode, answer.json().code]).toEqual([404, 'not-found']);
    }
  });
});

describe('the rack', () => {
  it('shows what is on it; what was put away stands apart, and is found by a word', async () => {
    const shown = await rack('');
    expect(shown.jobs.every((job) => job.putAway === null)).toBe(true);
    expect(shown.total).toBe(DEMO_JOBS.length);
    const away = await rack('show=away');
    expect(numbers(away.jobs)).toContain('J-041');
    expect(away.jobs.every((job) => job.putAway !== null && job.finished)).toBe(true);
    expect(numbers((await rack('search=milling')).jobs)).toEqual(['J-052']);
  });
  it('puts a job away and brings it back, as often as it is asked', async () => {
    const put = (away: boolean) => server.send('PUT', '/api/jobs/j-109/away', { away });
    expect((await put(true)).json()).toEqual({ away: true });
    await put(true);
    expect(numbers((await rack('')).jobs)).not.toContain('J-109');
    expect(numbers((await rack('show=away')).jobs)).toContain('J-109');
    await put(false);
    expect(numbers((await rack('')).jobs)).toContain('J-109');
    expect((await server.send('PUT', '/api/jobs/none/away', { away: true })).statusCode).toBe(404);
    expect((await server.send('PUT', '/api/jobs/j-109/away', { away: 'yes' })).statusCode).toBe(422);
  });
  it('comes in the order asked for: wanted soonest first, those with no day last', async () => {
    const { jobs } = await rack('sort=due');
    const days = jobs.map((job) => job.due ?? '9999');
    expect(days).toEqual([...days].sort());
    expect(numbers(jobs)[0]).toBe('J-102');
    const byNumber = numbers((await rack('sort=number')).jobs);
    expect(byNumber).toEqual([...byNumber].sort().reverse());
  });
  it('is searched by whose a job is and by its words', async () => {
    expect(numbers((await rack('search=platen')).jobs).sort()).toEqual(['J-102', 'J-103', 'J-106']);
    expect(numbers((await rack('search=MT')).jobs)).toEqual(['J-110']);
  });
});

describe('what a lathe is like', () => {
  const of = async (id: string) => server.send('GET', `/api/machines/${id}/likeness`);
  it('comes from the records of its own jobs, with what was lost and why', async () => {
    const said = (await of('long-lathe')).json<LikenessSaid>();
    expect(said.figures.map(({ kind, device }) => `${kind} ${device}`)).toEqual(
      expect.arrayContaining(['scale compound', 'scale attachment', 'scale tailstock', 'took null']),
    );
    const bar = said.figures.find((one) => one.device === 'attachment')!;
    expect(numbers(bar.points)).toEqual(['J-041', 'J-052', 'J-078', 'J-086']);
    expect(bar.mean).toBeGreaterThan(5e-4);
    expect(said.lost.map(({ number }) => number)).toEqual(['J-109', 'J-078', 'J-069', 'J-063', 'J-058']);
    expect(said.scrapped).toBe(2);
    const short = (await of('short-lathe')).json<LikenessSaid>();
    expect(short.figures).toEqual([]);
    expect((await of('none')).statusCode).toBe(404);
  });
  it('is worked out again after something was kept', async () => {
    const before = (await of('long-lathe')).json<LikenessSaid>();
    await server.send(
      'POST',
      '/api/records',
      aReading('j-101', { body: { kind: 'verdict', verdict: 'scrap', cause: 'Chuck key left in' } }),
    );
    const after = (await of('long-lathe')).json<LikenessSaid>();
    expect(after.scrapped).toBe(before.scrapped + 1);
    expect(after.lost.map(({ cause }) => cause)).toContain('Chuck key left in');
  });
});

describe('the logbook by shape', () => {
  const log = async (query: string): Promise<string[]> => {
    const { rows } = (await server.send('GET', `/api/log?limit=200&${query}`)).json<LogPage>();
    return [...new Set(numbers(rows))].sort();
  };
  it.each([
    ['shape=eccentric', ['J-097', 'J-103']],
    ['series=morse-iso&size=2', ['J-078', 'J-109']],
    ['way=tailstock', ['J-063', 'J-108']],
    ['material=bronze', ['J-093', 'J-102']],
    ['shape=taper&way=compound&material=bronze', ['J-093', 'J-102']],
    ['series=steep', []],
  ])('%s', async (query, found) => {
    expect(await log(query)).toEqual(found);
  });
  it('of a part of two tapers only the rows of the one asked for', async () => {
    const { rows } = (await server.send('GET', '/api/log?limit=200&way=compound')).json<LogPage>();
    const seat = rows.filter((row) => row.number === 'J-110' && row.record.feature);
    expect(new Set(seat.map((row) => row.record.feature))).toEqual(new Set(['seat-1']));
  });
});

describe('whose initials stand in the book', () => {
  it('comes with those who kept something last first, each once, and without nobody’s', async () => {
    await server.send('POST', '/api/records', aReading('j-101', { operator: '–' }));
    await server.send('POST', '/api/records', aReading('j-101', { operator: 'ZZ' }));
    const { operators } = (await server.send('GET', '/api/operators')).json<Operators>();
    expect(operators.map(({ initials }) => initials)).toEqual(['ZZ', 'RK', 'MT', 'DO']);
    const empty = await testServer();
    expect((await empty.send('GET', '/api/operators')).json()).toEqual({ operators: [] });
    await empty.close();
  });
});

describe('what earlier approaches say of a lathe’s tools', () => {
  const lore = async (query: string) =>
    (await server.send('GET', `/api/machines/long-lathe/lore?${query}`)).json<LoreSaid>().lore;
  it('comes from pieces of the same way on it, and not from the one in hand', async () => {
    const all = await lore('way=attachment');
    expect(all).toMatchObject({ latest: expect.stringMatching(/^202/) });
    expect(all!.approaches).toBeGreaterThanOrEqual(2);
    expect(all!.gain).toBeGreaterThan(0.8);
    expect(all!.gain).toBeLessThan(1.03);
    expect(all!.believed).toBeLessThan(0.7);
    const without = await lore('way=attachment&job=j-086&piece=1');
    expect(without!.approaches).toBe(all!.approaches - 1);
  });
  it('is nothing of a way nobody has used, and not-found of no lathe', async () => {
    expect(await lore('way=reamer')).toBeNull();
    expect((await server.send('GET', '/api/machines/none/lore?way=reamer')).statusCode).toBe(404);
    expect((await server.send('GET', '/api/machines/long-lathe/lore')).statusCode).toBe(422);
  });
});
