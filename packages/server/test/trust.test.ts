import {
  entry,
  KIT_SCHEMA,
  type JobRow,
  type JobView,
  type KitRow,
  type MachineRow,
  type Rack,
  type SettingRow,
} from '@anello/contract';
import { jobProgress } from '@anello/core/job';
import { jobFacts, type Aside } from '@anello/contract';
import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { openRaw } from '../src/db/raw';
import { RackOf } from '../src/stores/rack';
import { recordsAfter } from '../src/stores/records';
import { aJob, aReading, testServer, type TestServer } from './support';

let server: TestServer;
beforeAll(async () => {
  server = await testServer({ demo: true });
});
afterAll(() => server.close());

const json = { 'content-type': 'application/json' };
const code = async (...sent: Parameters<TestServer['send']>): Promise<[number, string | undefined]> => {
  const answer = await server.send(...sent);
  return [answer.statusCode, answer.json<{ code?: string }>().code];
};

describe('a save sent twice because its answer was lost', () => {
  it('is done once, and is nobody else’s edit: jobs, lathes, kit and tapers', async () => {
    const job = aJob('T-1');
    await server.send('POST', '/api/jobs', job);
    const save = randomUUID();
    const put = { version: 1, document: { ...job.document, note: 'turned' }, save };
    expect((await server.send('PUT', `/api/jobs/${job.id}`, put)).json<JobRow>().version).toBe(2);
    expect((await server.send('PUT', `/api/jobs/${job.id}`, put)).json<JobRow>().version).toBe(2);
    // Another's save in between is not undone, and mine is not taken for a conflict with it.
    const theirs = { version: 2, document: { ...job.document, note: 'theirs' }, save: randomUUID() };
    await server.send('PUT', `/api/jobs/${job.id}`, theirs);
    const again = await server.send('PUT', `/api/jobs/${job.id}`, put);
    expect([again.statusCode, again.json<JobRow>().document.note]).toEqual([200, 'theirs']);
    expect(await code('PUT', `/api/jobs/${job.id}`, { ...put, save: randomUUID() })).toEqual([
      409,
      'stale-version',
    ]);

    for (const path of ['/api/machines', '/api/kit', '/api/tapers']) {
      const listed = (await server.send('GET', path)).json<{ rows?: KitRow[]; machines?: MachineRow[] }>();
      const { id, version, document } = (listed.rows ?? listed.machines)![0]!;
      const mine = { version, document: { ...document, name: `${document.name} 2` }, save: randomUUID() };
      for (let i = 0; i < 2; i++)
        expect((await server.send('PUT', `${path}/${id}`, mine)).json<KitRow>().version).toBe(version + 1);
      expect(await code('PUT', `${path}/${id}`, { ...mine, save })).toEqual([409, 'id-taken']);
    }
  });
  it('a new thing sent twice is made once, even after it was changed; another under its id is refused', async () => {
    const job = aJob('T-2');
    expect((await server.send('POST', '/api/jobs', job)).statusCode).toBe(201);
    await server.send('PUT', `/api/jobs/${job.id}`, {
      version: 1,
      document: { ...job.document, note: 'later' },
    });
    const again = await server.send('POST', '/api/jobs', job);
    expect([again.statusCode, again.json<JobRow>().document.note]).toEqual([201, 'later']);
    const other = { ...job, document: { ...job.document, title: 'Something else' } };
    expect(await code('POST', '/api/jobs', other)).toEqual([409, 'id-taken']);
    const kit = (await server.send('GET', '/api/kit')).json<{ rows: KitRow[] }>().rows[0]!;
    const taken = { id: kit.id, document: { ...kit.document, name: 'Not that one' } };
    expect(await code('POST', '/api/kit', taken)).toEqual([409, 'id-taken']);
    const setting = aSetting('2026-11-20T08:00:00.000Z');
    expect((await server.send('POST', '/api/settings', setting)).statusCode).toBe(201);
    expect((await server.send('POST', '/api/settings', setting)).statusCode).toBe(201);
    expect(await code('POST', '/api/settings', { ...setting, halfAngle: 0.2 })).toEqual([
      409,
      'record-differs',
    ]);
  });
});

const aSetting = (at: string, halfAngle = 0.1): SettingRow => ({
  id: randomUUID(),
  machineId: 'short-lathe',
  device: 'compound',
  halfAngle,
  workLength: null,
  at,
  operator: 'RK',
  jobId: null,
  jobNumber: null,
  how: 'indicated',
});

describe('what a device is still set to', () => {
  it('is what was set last, not what arrived last', async () => {
    for (const [at, angle] of [
      ['2026-11-24T10:00:00Z', 0.3],
      ['2026-11-24T08:00:00.000Z', 0.2],
    ] as const)
      await server.send('POST', '/api/settings', aSetting(at, angle));
    const lathe = (await server.send('GET', '/api/machines/short-lathe')).json<MachineRow>();
    expect(lathe.settings.find((s) => s.device === 'compound')?.halfAngle).toBe(0.3);
    const arrived = server.book.get<{ n: number }>('select count(*) as n from setting where kept_at is null');
    expect(arrived?.n).toBe(0);
  });
  it('is found by one row of an index', () => {
    const raw = openRaw(join(server.folder, 'anello.sqlite'));
    const plan = raw
      .prepare(
        'explain query plan select id from setting where machine_id = ? and device = ? order by at desc, seq desc limit 1',
      )
      .all(['a', 'b']) as { detail: string }[];
    raw.close();
    expect(plan.map((p) => p.detail).join()).toMatch(/SEARCH setting USING INDEX setting_in_force_index/);
    expect(plan.map((p) => p.detail).join()).not.toMatch(/TEMP B-TREE/);
  });
});

describe('a record that cannot be', () => {
  it.each([
    ['of another year', { at: '2031-01-01T00:00:00Z' }, 'at'],
    ['of before there was an Anello', { at: '1970-01-01T00:00:00Z' }, 'at'],
    ['of piece 199 of 3', { piece: 199 }, 'piece'],
    ['that takes nothing back', { body: { kind: 'withdrawn', record: randomUUID() } }, 'body.record'],
  ])('%s is refused at its field', async (_, over, field) => {
    const answer = await server.send('POST', '/api/records', aReading('j-101', over as object));
    expect(answer.statusCode).toBe(422);
    expect(answer.json()).toMatchObject({ field, sentence: expect.stringMatching(/\.$/) });
  });
  it('one taken back is taken back once it is there', async () => {
    const reading = aReading('j-101');
    const back = aReading('j-101', { body: { kind: 'withdrawn', record: reading.id } });
    expect((await server.send('POST', '/api/records', back)).statusCode).toBe(422);
    await server.send('POST', '/api/records', reading);
    expect((await server.send('POST', '/api/records', back)).statusCode).toBe(201);
  });
});

describe('whatever is taken in, the core can open', () => {
  it('a master of a series there is none of is refused, and one that got in leaves the rest readable', async () => {
    const master = {
      schema: KIT_SCHEMA,
      kind: 'master',
      name: 'Odd plug',
      note: '',
      archived: false,
      type: 'plug',
      series: { series: 'morse', size: '99' },
      ratio: entry('1:20', 'taper'),
      length: entry('80 mm'),
    };
    const before = (await server.send('GET', '/api/kit')).json<{ rows: KitRow[]; aside: Aside[] }>();
    const shape = before.rows.find((r) => r.document.kind === 'master')!.document;
    const odd = { ...shape, ...{ name: master.name, series: master.series } };
    expect(await code('POST', '/api/kit', { id: 'odd-plug', document: odd })).toEqual([422, 'unknown-size']);
    await server.book.write(() =>
      server.book.run('insert into kit values (?, 1, ?)', 'odd-plug', JSON.stringify(odd)),
    );
    const after = (await server.send('GET', '/api/kit')).json<{ rows: KitRow[]; aside: Aside[] }>();
    expect(after.rows).toHaveLength(before.rows.length);
    expect(after.aside).toMatchObject([{ id: 'odd-plug', name: 'Odd plug' }]);
    await server.book.write(() => server.book.run('delete from kit where id = ?', 'odd-plug'));
  });
  it('a job with a figure no list could be worked out of is refused; one that got in, or its record, leaves the rest', async () => {
    // A book of its own: what was read of a record is held as long as its server lives.
    const own = await testServer({ demo: true });
    const { job } = (await own.send('GET', '/api/jobs/j-107')).json<JobView>();
    const taken = JSON.parse(JSON.stringify(job.document).replace('"J-107"', '"X-2"')) as {
      work: Record<string, { way?: { halfAngle?: number } }>;
    };
    const way = Object.values(taken.work).find((one) => one.way?.halfAngle !== undefined)?.way;
    expect(way).toBeDefined();
    way!.halfAngle = -1e300;
    const refused = await own.send('POST', '/api/jobs', { id: 'x-2', document: taken });
    expect([refused.statusCode, refused.json<{ code: string }>().code]).toEqual([422, 'out-of-range']);
    const before = (await own.send('GET', '/api/jobs?limit=100')).json<Rack>();
    await own.book.write(() => {
      own.book.run(
        "insert into job values ('x-2', 'X-2', 'Bad', 1, '2026-11-20T10:00:00.000Z', ?, null)",
        JSON.stringify(taken),
      );
      own.book.run(
        "insert into rack (job_id, updated_at, number, title, quantity, touched) values ('x-2', '2026-11-26T10:00:00.000Z', 'X-2', 'Bad', 1, 0)",
      );
      own.book.run(
        "insert into record (id, job_id, piece, at, operator, body) values ('r-x', 'j-108', 1, '2026-11-26T10:00:00.000Z', 'RK', ?)",
        JSON.stringify({ kind: 'reading', stage: 'set', step: 'sweep', at: 1e300, seen: 1e300 }),
      );
      own.book.run("update rack set progress = null where job_id = 'j-108'");
    });
    const rack = (await own.send('GET', '/api/jobs?limit=100')).json<Rack>();
    expect(rack.aside.map(({ id }) => id).sort()).toEqual(['j-108', 'x-2']);
    expect(rack.jobs).toHaveLength(before.jobs.length - 1);
    await own.close();
  });
  it('one broken job or lathe is set aside with a word; the others are there', async () => {
    await server.book.write(() => {
      server.book.run(
        "insert into job values ('bad', 'X-1', 'Bad', 1, '2026-11-20T10:00:00.000Z', '{\"schema\":99}', null)",
      );
      server.book.run(
        "insert into rack (job_id, updated_at, number, title, quantity, touched) values ('bad', '2026-11-26T10:00:00.000Z', 'X-1', 'Bad', 1, 0)",
      );
      server.book.run('insert into machine values (\'bad\', 1, \'{"name":"Bad lathe","schema":99}\')');
    });
    const rack = (await server.send('GET', '/api/jobs?limit=100')).json<Rack>();
    expect(rack.jobs.length).toBeGreaterThan(8);
    expect(rack.aside).toMatchObject([
      { id: 'bad', name: 'X-1 Bad', sentence: expect.stringMatching(/newer/) },
    ]);
    const { machines, aside } = (await server.send('GET', '/api/machines')).json<{
      machines: MachineRow[];
      aside: Aside[];
    }>();
    expect([machines.length > 0, aside[0]?.name]).toEqual([true, 'Bad lathe']);
    expect(await code('GET', '/api/jobs/bad')).toEqual([422, 'invalid-document']);
    await server.book.write(() => {
      for (const table of ['job', 'machine']) server.book.run(`delete from ${table} where id = 'bad'`);
      server.book.run("delete from rack where job_id = 'bad'");
    });
  });
});

describe('text that cannot be kept', () => {
  const sent = async (url: string, payload?: string): Promise<number> =>
    (
      await server.app.inject({
        method: payload ? 'POST' : 'GET',
        url,
        headers: json,
        ...(payload ? { payload } : {}),
      })
    ).statusCode;
  it('noughts and halves of characters are refused at the edge, wherever they stand', async () => {
    expect(await sent('/api/jobs/a%00b')).toBe(422);
    expect(await sent('/api/jobs?search=%00')).toBe(422);
    const reading = aReading('j-101', { operator: 'XX' });
    const text = JSON.stringify(reading);
    expect(await sent('/api/records', text.replace('XX', 'X\\u0000'))).toBe(422);
    expect(await sent('/api/records', text.replace('XX', 'X\\ud800'))).toBe(422);
    expect(await sent('/api/records', text.replace('XX', '\\ud83d\\ude00'))).toBe(201);
  });
  it('a search is text and nothing else', async () => {
    for (const search of ["' or 1=1", "'; drop table job; --", '\\', '%', '_', 'a"b'])
      expect(
        (await server.send('GET', `/api/jobs?search=${encodeURIComponent(search)}`)).json<Rack>().total,
      ).toBe(0);
    expect((await server.send('GET', '/api/jobs?search=J-10')).json<Rack>().total).toBeGreaterThan(5);
  });
});

describe('the rack', () => {
  it('shows of every job what its records say, however it was kept', async () => {
    await server.send('GET', '/api/jobs?limit=100');
    await server.send('POST', '/api/records', aReading('j-102'));
    const shown = (await server.send('GET', '/api/jobs?limit=100')).json<Rack>().jobs;
    for (const card of shown) {
      const { job } = (await server.send('GET', `/api/jobs/${card.id}`)).json<JobView>();
      const said = jobProgress(jobFacts(job.document), recordsAfter(server.book, card.id, 0));
      expect(card).toMatchObject({
        now: said.now,
        next: said.next,
        piece: said.piece,
        finished: said.finished,
      });
      expect(card.stages.map((s) => s.state)).toEqual(said.stages.map((s) => s.state));
    }
    // Cards are written beside their jobs soon after they were asked for.
    await vi.waitFor(() =>
      expect(
        server.book.get('select count(*) as `n` from `rack` where `progress` is null and `put_away` is null'),
      ).toMatchObject({ n: 0 }),
    );
    // Asked again it is read, not worked out; and what was kept wrong is mended by the command.
    await server.book.write(() =>
      server.book.run('update rack set progress = \'{"now":"cut"}\' where job_id = \'j-103\''),
    );
    expect((await new RackOf(server.book).rebuild()).mended).toBe(1);
    expect((await server.send('GET', '/api/jobs?limit=100')).json<Rack>().jobs).toEqual(shown);
  });
});

it('a long record comes in pages, in the order it was kept, and none twice', async () => {
  const job = aJob('T-9');
  await server.send('POST', '/api/jobs', job);
  const ids = Array.from({ length: 2300 }, () => randomUUID());
  await Promise.all(ids.map((id) => server.send('POST', '/api/records', aReading(job.id, { id }))));
  let { records, next } = (await server.send('GET', `/api/jobs/${job.id}`)).json<JobView>();
  expect(records).toHaveLength(1000);
  while (next !== null) {
    const page = (await server.send('GET', `/api/jobs/${job.id}/records?after=${next}`)).json<JobView>();
    records = [...records, ...page.records];
    next = page.next;
  }
  expect(records.map((r) => r.id).sort()).toEqual([...ids].sort());
});
