import type { LogPage, LogRow } from '@anello/contract';
import type { RecordBody } from '@anello/core/job';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { aJob, aReading, testServer, type TestServer } from './support';

let server: TestServer;
const jobs = { shank: '', hub: '' };

const keep = async (jobId: string, body: RecordBody, more: object = {}): Promise<string> => {
  const id = randomUUID();
  const sent = { ...aReading(jobId), ...more, id, body };
  const answer = await server.send('POST', '/api/records', sent);
  expect(answer.statusCode).toBe(201);
  return id;
};
const log = async (query = ''): Promise<LogPage> => {
  const answer = await server.send('GET', `/api/log?${query}`);
  expect(answer.statusCode).toBe(200);
  return answer.json<LogPage>();
};
const said = ({ rows }: LogPage): string[] =>
  rows.map(({ number, record: { body } }) => `${number} ${body.kind}`);

beforeAll(async () => {
  server = await testServer();
  for (const [name, number, title, machineId] of [
    ['shank', 'T-1', 'Shank for the dividing head', 'long-lathe'],
    ['hub', 'T-2', 'Pulley hub', 'short-lathe'],
  ] as const) {
    const { id, document } = aJob(number, { title, machineId, quantity: 3 });
    await server.send('POST', '/api/jobs', { id, document });
    jobs[name] = id;
  }
  await keep(jobs.shank, { kind: 'note', text: 'Carrier slipped, file the flat deeper' });
  await keep(
    jobs.hub,
    { kind: 'verdict', verdict: 'scrap', cause: 'Dug in at the shoulder' },
    { operator: 'MT' },
  );
  await keep(
    jobs.shank,
    { kind: 'verdict', verdict: 'accepted', cause: '' },
    { at: '2026-11-22T08:00:00.000Z' },
  );
  await keep(jobs.hub, { kind: 'sized', what: 'Rim, diameter', seen: 80, low: 79.9, high: 80, typed: '80' });
});
afterAll(() => server.close());

describe('the logbook', () => {
  it('has everything kept of every job, newest first, with the job it is of', async () => {
    const page = await log();
    expect(said(page)).toEqual(['T-2 sized', 'T-1 verdict', 'T-2 verdict', 'T-1 note']);
    expect(page.rows[0]).toMatchObject({ title: 'Pulley hub', machineId: 'short-lathe', gone: false });
    expect(page.next).toBeNull();
  });
  it.each([
    ['kind=verdict', ['T-1 verdict', 'T-2 verdict']],
    ['operator=MT', ['T-2 verdict']],
    ['machine=long-lathe', ['T-1 verdict', 'T-1 note']],
    ['verdict=scrap', ['T-2 verdict']],
    ['from=2026-11-22&to=2026-11-22', ['T-1 verdict']],
    ['to=2026-11-20&kind=note', ['T-1 note']],
    ['machine=long-lathe&kind=verdict&verdict=scrap', []],
  ])('is asked by %s', async (query, found) => {
    expect(said(await log(query))).toEqual(found);
  });
  it.each([
    ['slip', ['T-1 note']],
    ['dug shoulder', ['T-2 verdict']],
    ['rim', ['T-2 sized']],
    ['dividing', ['T-1 verdict', 'T-1 note']],
    ['T-2', ['T-2 sized', 'T-2 verdict']],
    ['nothing of the kind', []],
    ['%', []],
    ['"', []],
    ["' or 1=1 --", []],
  ])('is asked by the words %s', async (words, found) => {
    expect(said(await log(`words=${encodeURIComponent(words)}`))).toEqual(found);
  });
  it('refuses what is no question', async () => {
    for (const query of ['from=yesterday', 'limit=0', 'limit=9999', 'verdict=maybe', 'before=x'])
      expect((await server.send('GET', `/api/log?${query}`)).statusCode, query).toBe(422);
  });
  it('a row taken back is there, and says so; the taking back is no row of its own', async () => {
    const id = await keep(jobs.shank, { kind: 'note', text: 'wrong job' });
    await keep(jobs.shank, { kind: 'withdrawn', record: id });
    const { rows } = await log('words=wrong');
    expect(rows.map(({ gone, record }) => [gone, record.id])).toEqual([[true, id]]);
    expect(said(await log()).includes('T-1 withdrawn')).toBe(false);
  });
  it('pages by what was kept, so that a row kept meanwhile moves nothing', async () => {
    const first = await log('limit=2');
    expect(first.rows).toHaveLength(2);
    await keep(jobs.hub, { kind: 'note', text: 'kept meanwhile' });
    const all: LogRow[] = [...first.rows];
    for (let next = first.next; next !== null;) {
      const page = await log(`limit=2&before=${next}`);
      all.push(...page.rows);
      next = page.next;
    }
    const seqs = all.map(({ seq }) => seq);
    expect(seqs).toEqual([...seqs].sort((a, b) => b - a));
    expect(new Set(seqs).size).toBe(seqs.length);
    expect(
      all.some(({ record }) => record.body.kind === 'note' && record.body.text === 'kept meanwhile'),
    ).toBe(false);
  });
  it('a job put on another lathe takes its rows with it', async () => {
    const { job } = (await server.send('GET', `/api/jobs/${jobs.hub}`)).json<{
      job: { version: number; document: object };
    }>();
    const saved = await server.send('PUT', `/api/jobs/${jobs.hub}`, {
      version: job.version,
      document: { ...job.document, machineId: 'long-lathe' },
    });
    expect(saved.statusCode).toBe(200);
    expect((await log('machine=short-lathe')).rows).toEqual([]);
  });
  it('goes out as CSV and JSON, all that is asked for and nothing else', async () => {
    const csv = await server.send('GET', '/api/log.csv?verdict=scrap');
    expect(csv.headers['content-type']).toMatch(/^text\/csv/);
    const [head, row, ...rest] = csv.body.trim().split('\n');
    expect(head).toMatch(/^kept,by,job,title,piece/);
    expect(row).toContain('T-2,Pulley hub,1');
    expect(row).toContain('Dug in at the shoulder');
    expect(rest).toEqual([]);
    const json = (await server.send('GET', '/api/log.json')).json<LogRow[]>();
    expect(json.length).toBe((await log('limit=200')).rows.length);
    expect((await server.send('GET', '/api/log.json?words=nothing+such')).body).toBe('[]');
  });
  it('asks its questions of an index, not of every row', () => {
    const plan = (sql: string, ...values: string[]): string =>
      server.book
        .all<{ detail: string }>(`explain query plan ${sql}`, ...values)
        .map(({ detail }) => detail)
        .join('; ');
    const page = (where: string): string =>
      `select \`seq\` from \`record\` where ${where} order by \`seq\` desc limit 50`;
    expect(plan(page('`kind` = ?'), 'note')).toContain('record_kind_index');
    expect(plan(page('`operator` = ?'), 'RK')).toContain('record_operator_index');
    expect(
      plan(
        "select 1 from `record` where json_extract(`body`, '$.kind') = 'withdrawn' and json_extract(`body`, '$.record') = ?",
        'x',
      ),
    ).toContain('record_withdrawn_index');
  });
});

describe('words that stand in very many rows', () => {
  it('are answered page by page, newest first, with none left out and none twice', async () => {
    const many = await testServer();
    const { id, document } = aJob('M-1', { title: 'Common', quantity: 1 });
    await many.send('POST', '/api/jobs', { id, document });
    const other = aJob('M-2', { title: 'Other', quantity: 1 });
    await many.send('POST', '/api/jobs', { id: other.id, document: other.document });
    // More than are looked through at a time; every hundredth of another job.
    const ROWS = 5200;
    await many.book.write(() => {
      for (let i = 0; i < ROWS; i++)
        many.book.run(
          'insert into `record` (`id`, `job_id`, `piece`, `at`, `operator`, `body`) values (?, ?, 1, ?, ?, ?)',
          randomUUID(),
          i % 100 === 0 ? other.id : id,
          '2026-11-20T10:00:00.000Z',
          'RK',
          JSON.stringify({ kind: 'note', text: `chatter ${i}` }),
        );
    });
    const all = async (query: string): Promise<number[]> => {
      const found: number[] = [];
      for (let next: number | null = null; ;) {
        const from: string = next === null ? '' : `&before=${next}`;
        const page = (await many.send('GET', `/api/log?limit=200&${query}${from}`)).json<LogPage>();
        found.push(...page.rows.map(({ seq }) => seq));
        if (page.next === null) return found;
        next = page.next;
      }
    };
    const chatter = await all('words=chatter');
    expect(new Set(chatter).size).toBe(ROWS);
    expect(chatter).toEqual([...chatter].sort((a, b) => b - a));
    // A word in the row and one in the title of its job, and another thing asked for with it.
    expect(await all('words=Common')).toHaveLength(ROWS - ROWS / 100);
    expect(await all(`words=chatter&job=${other.id}`)).toHaveLength(ROWS / 100);
    expect((await many.send('GET', '/api/log.json?words=chatter')).json<LogRow[]>()).toHaveLength(ROWS);
    await many.close();
  });
});

describe('searches the shop keeps', () => {
  const named = (name: string): string => `/api/searches/${encodeURIComponent(name)}`;
  it('are kept under a name, changed by keeping them again, forgotten, and told to every screen by name', async () => {
    const put = (name: string, asked: object) => server.send('PUT', named(name), { asked });
    await put('scrap of the hub', { verdict: 'scrap' });
    await put('Chatter, long lathe', { words: 'chatter', machine: 'long-lathe' });
    await put('scrap of the hub', { verdict: 'scrap', words: 'hub' });
    expect((await server.send('GET', '/api/searches')).json()).toEqual({
      searches: [
        { name: 'Chatter, long lathe', asked: { words: 'chatter', machine: 'long-lathe' } },
        { name: 'scrap of the hub', asked: { verdict: 'scrap', words: 'hub' } },
      ],
    });
    await server.send('DELETE', named('Chatter, long lathe'));
    const left = (await server.send('DELETE', named('never kept'))).json<{ searches: { name: string }[] }>();
    expect(left.searches.map(({ name }) => name)).toEqual(['scrap of the hub']);
  });
  it('are refused where they ask for what there is not, and where there are too many', async () => {
    expect((await server.send('PUT', named('x'), { asked: { verdict: 'lovely' } })).statusCode).toBe(422);
    expect((await server.send('PUT', named('x'), { asked: { before: 5 } })).statusCode).toBe(422);
    for (let i = 0; i < 59; i++) await server.send('PUT', named(`s ${i}`), { asked: {} });
    const refused = await server.send('PUT', named('one more'), { asked: {} });
    expect([refused.statusCode, refused.json<{ code: string }>().code]).toEqual([413, 'too-large']);
    // One that is there can still be changed.
    expect((await server.send('PUT', named('s 3'), { asked: { words: 'x' } })).statusCode).toBe(200);
  });
});
