import type { JobView, NextNumber, Rack } from '@anello/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { DEMO_JOBS } from '../src/demo/jobs';
import { aJob, aReading, testServer, type TestServer } from './support';

let server: TestServer;
beforeAll(async () => {
  server = await testServer({ demo: true });
});
afterAll(() => server.close());

describe('a record', () => {
  it('of a figure no workshop has is refused at it, and the job and the logbook stand', async () => {
    const huge = aReading('j-101');
    const sent = { ...huge, body: { ...huge.body, seen: 1e300 } };
    const answer = await server.send('POST', '/api/records', sent);
    expect(answer.statusCode).toBe(422);
    expect(answer.json()).toMatchObject({
      field: 'body.seen',
      sentence: 'No workshop has a figure as large as that.',
    });
    for (const path of ['/api/jobs/j-101', '/api/log']) {
      const said = await server.send('GET', path);
      expect(said.statusCode).toBe(200);
      expect(said.body).not.toContain(huge.id);
    }
  });
});

describe('the rack', () => {
  it('shows every demo job with how far it has come', async () => {
    const rack = (await server.send('GET', '/api/jobs')).json<Rack>();
    expect(rack.total).toBe(DEMO_JOBS.length);
    const now = Object.fromEntries(rack.jobs.map((job) => [job.number, job.now]));
    expect(now).toMatchObject({
      'J-101': 'set',
      'J-102': 'prove',
      'J-107': 'prove',
      'J-108': 'cut',
      'J-109': 'record',
    });
    expect(rack.jobs.find((j) => j.number === 'J-109')).toMatchObject({ scrapped: true, finished: true });
  });
  it('pages and searches', async () => {
    expect((await server.send('GET', '/api/jobs?limit=2&offset=1')).json<Rack>().jobs).toHaveLength(2);
    expect(
      (await server.send('GET', '/api/jobs?search=morse'))
        .json<Rack>()
        .jobs.map((j) => j.number)
        .sort(),
    ).toEqual(['J-041', 'J-052', 'J-078', 'J-086', 'J-101', 'J-109', 'J-110']);
    expect((await server.send('GET', '/api/jobs?search=100%25')).json<Rack>().total).toBe(0);
  });
  it('loads the demo shop once only', async () => {
    const { loadDemoShop } = await import('../src/index');
    expect(await loadDemoShop(server.book, new Date())).toBe(false);
  });
});

describe('jobs', () => {
  it('are added once however often they are sent', async () => {
    const job = aJob('T-1');
    expect((await server.send('POST', '/api/jobs', job)).statusCode).toBe(201);
    expect((await server.send('POST', '/api/jobs', job)).json()).toMatchObject({ id: job.id, version: 1 });
    expect((await server.send('GET', '/api/jobs?search=T-1')).json<Rack>().total).toBe(1);
  });

  it('the next number is one more than the highest, however many there are and in whatever order', async () => {
    const shop = await testServer();
    const next = async () => (await shop.send('GET', '/api/next-number')).json<NextNumber>().number;
    const add = async (...numbers: string[]) => {
      for (const number of numbers) await shop.send('POST', '/api/jobs', aJob(number));
    };
    expect(await next()).toBe('J-101');
    await add('J-999', 'J-1000', 'J-9');
    expect(await next()).toBe('J-1001');
    // None of these is a number of that kind.
    await add('J-2000a', 'J-', 'K-3000', 'Repair J-4000', 'j-5000', 'J-12345678901');
    expect(await next()).toBe('J-1001');
    await add('J-1001');
    expect(await next()).toBe('J-1002');
    await shop.close();
  });

  it('a save over an older version answers 409 with the current document', async () => {
    const job = aJob('T-2');
    await server.send('POST', '/api/jobs', job);
    const mine = { ...job.document, title: 'Mine' };
    expect(
      (await server.send('PUT', `/api/jobs/${job.id}`, { version: 1, document: mine })).json(),
    ).toMatchObject({ version: 2 });
    const late = await server.send('PUT', `/api/jobs/${job.id}`, {
      version: 1,
      document: { ...job.document, title: 'Late' },
    });
    expect(late.statusCode).toBe(409);
    expect(late.json()).toMatchObject({
      code: 'stale-version',
      current: { version: 2, document: { title: 'Mine' } },
    });
  });

  it('bad input answers 422 with code, field and a sentence', async () => {
    const job = aJob('T-3');
    const bad = async (document: object) => {
      const answer = await server.send('POST', '/api/jobs', { id: job.id, document });
      expect(answer.statusCode).toBe(422);
      return answer.json();
    };
    expect(await bad({ ...job.document, title: '  ' })).toMatchObject({
      code: 'invalid-document',
      field: 'title',
      sentence: 'This cannot be empty.',
    });
    expect(await bad({ ...job.document, quantity: 'three' })).toMatchObject({
      field: 'quantity',
      sentence: 'This must be a number.',
    });
    expect(await bad({ ...job.document, number: 'no spaces!' })).toMatchObject({
      field: 'number',
      sentence: expect.stringContaining('job number'),
    });
    expect(await bad({ ...job.document, surprise: 1 })).toMatchObject({
      code: 'invalid-document',
      sentence: expect.stringContaining('surprise'),
    });
    const { cut, ...withoutCut } = job.document;
    expect(cut).toBeDefined();
    expect(await bad(withoutCut)).toMatchObject({ field: 'cut', sentence: 'This is missing.' });
  });

  it('a figure whose text does not read as its value is refused at its field', async () => {
    const { id, document } = aJob('T-4');
    const tampered = { ...document, cut: { ...document.cut, roughDepth: { typed: '1/2 in', value: 0.5 } } };
    expect((await server.send('POST', '/api/jobs', { id, document: tampered })).json()).toMatchObject({
      field: 'cut.roughDepth',
      sentence: '“1/2 in” does not read as the figure sent with it.',
    });
  });

  it('two jobs cannot have one number', async () => {
    await server.send('POST', '/api/jobs', aJob('T-5'));
    const answer = await server.send('POST', '/api/jobs', aJob('T-5'));
    expect(answer.statusCode).toBe(422);
    expect(answer.json()).toMatchObject({ code: 'number-taken', field: 'number' });
  });

  it('an unknown id answers 404, an oversized body 413, what is not JSON 415 or 422', async () => {
    expect((await server.send('GET', '/api/jobs/nowhere')).json()).toMatchObject({ code: 'not-found' });
    expect(
      (await server.send('PUT', '/api/jobs/nowhere', { version: 1, document: aJob('T-6').document }))
        .statusCode,
    ).toBe(404);
    expect((await server.send('GET', '/api/nothing')).statusCode).toBe(404);
    const large = await server.send('POST', '/api/jobs', aJob('T-7', { note: 'x'.repeat(1_200_000) }));
    expect([large.statusCode, large.json().code]).toEqual([413, 'too-large']);
    const text = await server.app.inject({
      method: 'POST',
      url: '/api/jobs',
      payload: 'hello',
      headers: { 'content-type': 'text/csv' },
    });
    expect([text.statusCode, text.json().code]).toEqual([415, 'not-json']);
    const broken = await server.app.inject({
      method: 'POST',
      url: '/api/jobs',
      payload: '{"a":',
      headers: { 'content-type': 'application/json' },
    });
    expect([broken.statusCode, broken.json().code]).toEqual([422, 'invalid-document']);
  });
});

describe('records', () => {
  it('are kept once however often they are sent, in the order they came', async () => {
    const job = aJob('T-10');
    await server.send('POST', '/api/jobs', job);
    const first = aReading(job.id);
    const second = aReading(job.id, { at: '2026-11-20T09:00:00.000Z' });
    expect((await server.send('POST', '/api/records', first)).statusCode).toBe(201);
    expect((await server.send('POST', '/api/records', first)).statusCode).toBe(200);
    await Promise.all(Array.from({ length: 8 }, () => server.send('POST', '/api/records', second)));
    const { records } = (await server.send('GET', `/api/jobs/${job.id}`)).json<JobView>();
    expect(records).toEqual([first, second]);
  });

  it('the same id with other contents is refused, not overwritten', async () => {
    const job = aJob('T-11');
    await server.send('POST', '/api/jobs', job);
    const reading = aReading(job.id);
    await server.send('POST', '/api/records', reading);
    const answer = await server.send('POST', '/api/records', { ...reading, operator: 'XX' });
    expect([answer.statusCode, answer.json().code]).toEqual([409, 'record-differs']);
  });

  it('say which feature and operation they are of, and the same one of another is refused', async () => {
    const job = aJob('T-12b');
    await server.send('POST', '/api/jobs', job);
    const of = { feature: 'seat', operation: 'taper-seat' };
    const reading = aReading(job.id, of);
    expect((await server.send('POST', '/api/records', reading)).statusCode).toBe(201);
    expect((await server.send('POST', '/api/records', reading)).statusCode).toBe(200);
    const { records } = (await server.send('GET', `/api/jobs/${job.id}`)).json<JobView>();
    expect(records).toEqual([expect.objectContaining(of)]);
    const other = await server.send('POST', '/api/records', { ...reading, feature: 'shank' });
    expect([other.statusCode, other.json().code]).toEqual([409, 'record-differs']);
  });

  it('need a job, and a body of a known form', async () => {
    expect((await server.send('POST', '/api/records', aReading('nowhere'))).json()).toMatchObject({
      code: 'not-found',
      field: 'jobId',
    });
    const strange = { ...aReading('j-101'), body: { kind: 'guess' } };
    expect((await server.send('POST', '/api/records', strange)).json()).toMatchObject({
      code: 'invalid-document',
      field: 'body.kind',
    });
  });
});

describe('machines', () => {
  const setting = (device: string, halfAngle: number | null, n: number) => ({
    id: `00000009-0000-4000-8000-00000000000${n}`,
    machineId: 'short-lathe',
    device,
    halfAngle,
    workLength: null,
    at: '2026-11-20T10:00:00.000Z',
    operator: 'RK',
    jobId: null,
    jobNumber: null,
    how: 'indicator',
  });
  it('remember what each device was last set to, and that it was disturbed', async () => {
    await server.send('POST', '/api/settings', setting('compound', 0.02, 1));
    await server.send('POST', '/api/settings', setting('compound', 0.03, 2));
    await server.send('POST', '/api/settings', setting('compound', 0.02, 1));
    const still = async () => (await server.send('GET', '/api/machines/short-lathe')).json().settings;
    expect(await still()).toEqual([setting('compound', 0.03, 2)]);
    await server.send('POST', '/api/settings', setting('compound', null, 3));
    expect(await still()).toMatchObject([{ halfAngle: null }]);
    expect(
      (await server.send('POST', '/api/settings', { ...setting('compound', 0.1, 4), machineId: 'gone' }))
        .statusCode,
    ).toBe(404);
  });
  it('refuse a scale of nothing at its field', async () => {
    const { version, document } = (await server.send('GET', '/api/machines/short-lathe')).json();
    const zero = { ...document, dial: { ...document.dial, division: { typed: '0 mm', value: 0 } } };
    const answer = await server.send('PUT', '/api/machines/short-lathe', { version, document: zero });
    expect(answer.json()).toMatchObject({
      code: 'invalid-document',
      field: 'dial.division',
      sentence: 'This must be more than zero.',
    });
  });
  it('are saved by version like jobs', async () => {
    const { version, document } = (await server.send('GET', '/api/machines/short-lathe')).json();
    const save = (v: number) =>
      server.send('PUT', '/api/machines/short-lathe', {
        version: v,
        document: { ...document, note: 'New belts.' },
      });
    expect((await save(version)).json()).toMatchObject({
      version: version + 1,
      document: { note: 'New belts.' },
    });
    expect((await save(version)).statusCode).toBe(409);
  });
});

describe('at the door', () => {
  it('describes itself', async () => {
    expect((await server.send('GET', '/api/health')).json()).toEqual({ status: 'ok', version: 'test' });
    const openapi = (await server.send('GET', '/api/openapi.json')).json();
    expect(Object.keys(openapi.paths)).toEqual(
      expect.arrayContaining(['/api/jobs/{id}', '/api/records', '/api/machines', '/api/settings']),
    );
  });
  it('sends strict headers and no traces', async () => {
    const { headers } = await server.send('GET', '/api/health');
    expect(headers['content-security-policy']).toContain("script-src 'self';");
    expect(headers['x-content-type-options']).toBe('nosniff');
  });
  it('refuses writes from another site', async () => {
    const answer = await server.send('POST', '/api/jobs', aJob('T-20'), {
      origin: 'http://elsewhere.example',
      host: 'localhost:4600',
    });
    expect([answer.statusCode, answer.json().code]).toEqual([403, 'wrong-origin']);
    const own = await server.send('POST', '/api/jobs', aJob('T-21'), {
      origin: 'http://localhost:4600',
      host: 'localhost:4600',
    });
    expect(own.statusCode).toBe(201);
  });
  it('slows a flood, and says nothing is lost', async () => {
    const small = await testServer({ requestsPerMinute: 3 });
    const answers = [];
    for (let i = 0; i < 5; i++) answers.push(await small.send('GET', '/api/health'));
    expect(answers.map((a) => a.statusCode)).toEqual([200, 200, 200, 429, 429]);
    expect(answers[4]!.json()).toMatchObject({
      code: 'too-many',
      sentence: expect.stringContaining('Nothing is lost'),
    });
    await small.close();
  });
  it('asks for the shop passphrase where one is set', async () => {
    const guarded = await testServer({ passphrase: 'quoin-and-key' });
    const basic = (word: string) => ({
      authorization: `Basic ${Buffer.from(`x:${word}`).toString('base64')}`,
    });
    expect((await guarded.send('GET', '/api/jobs')).statusCode).toBe(401);
    expect((await guarded.send('GET', '/api/jobs', undefined, basic('wrong-word'))).json()).toMatchObject({
      code: 'passphrase-needed',
    });
    expect((await guarded.send('GET', '/api/jobs', undefined, basic('quoin-and-key'))).statusCode).toBe(200);
    expect((await guarded.send('GET', '/api/health')).statusCode).toBe(200);
    await guarded.close();
  });
});

describe('the line of work on a card of the rack', () => {
  const card = async (number: string) =>
    (await server.send('GET', `/api/jobs?search=${number}`))
      .json<Rack>()
      .jobs.find((j) => j.number === number)!;
  it('says how far the piece has come in each holding, and what is next', async () => {
    const { line, piece } = await card('J-110');
    expect(line!.holdings.length).toBe(2);
    expect(line!.holdings[0]!.done).toBeGreaterThan(0);
    expect(line!.holdings[0]!.done).toBeLessThan(line!.holdings[0]!.of);
    expect(line!.now).toMatchObject({ piece, name: 'Staircase', on: 'No. 3 Morse', loop: false });
  });
  it('the shape that was worked at last is next, though the piece is not cut yet', async () => {
    expect((await card('J-101')).line!.now).toMatchObject({ name: 'Taper', loop: true });
  });
  it('is worked out again when its lathe changes, and is none without one', async () => {
    const before = await card('J-110');
    const { machines } = (await server.send('GET', '/api/machines')).json<{
      machines: { id: string; version: number; document: Record<string, unknown> }[];
    }>();
    const long = machines.find((m) => m.id === before.machineId)!;
    const saved = await server.send('PUT', `/api/machines/${long.id}`, {
      version: long.version,
      document: { ...long.document, chucks: [] },
    });
    expect(saved.statusCode).toBe(200);
    expect((await card('J-110')).line!.holdings.length).toBeGreaterThan(0);
    const { id, document } = aJob('T-77', { machineId: 'no-such-lathe' });
    await server.send('POST', '/api/jobs', { id, document });
    expect((await card('T-77')).line).toBeNull();
  });
});
