import type { LossesSaid } from '@anello/contract';
import type { KeptRecord, RecordBody } from '@anello/core/job';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { aJob, testServer, type TestServer } from './support';

let server: TestServer;
const job = aJob('L-1', { quantity: 3 });
const other = aJob('L-2', { machineId: 'short-lathe' });
beforeAll(async () => {
  server = await testServer();
  for (const one of [job, other]) await server.send('POST', '/api/jobs', one);
});
afterAll(() => server.close());

const today = new Date().toISOString().slice(0, 10);
async function keep(minute: number, body: RecordBody, over: Partial<KeptRecord> = {}): Promise<string> {
  const id = randomUUID();
  const at = new Date(Date.parse(`${today}T00:00:00Z`) - 86_400_000 + minute * 60_000).toISOString();
  const row = { id, jobId: job.id, piece: 1, at, operator: 'RK', body, ...over };
  expect((await server.send('POST', '/api/records', row)).statusCode).toBe(201);
  return id;
}
const pass: RecordBody = { kind: 'pass', dialFrom: 0, dialTo: 1, planned: null, depth: 0.5, typed: '' };
const verdict = (said: 'accepted' | 'rework' | 'scrap', cause = ''): RecordBody => ({
  kind: 'verdict',
  verdict: said,
  cause,
});
const losses = async (query = ''): Promise<LossesSaid> =>
  (await server.send('GET', `/api/losses${query}`)).json<LossesSaid>();

describe('what was lost', () => {
  it('is each verdict that was no acceptance, with its cause and the minutes it cost, newest first', async () => {
    await keep(0, pass);
    await keep(12, verdict('rework', 'Chatter or torn finish'));
    await keep(20, pass);
    await keep(34, verdict('accepted'));
    await keep(40, pass, { piece: 2 });
    await keep(55, verdict('scrap', 'Went past its line'), { piece: 2 });
    const { losses: rows, accepted, more } = await losses();
    expect(rows.map(({ cause, minutes, piece }) => [cause, minutes, piece])).toEqual([
      ['Went past its line', 15, 2],
      ['Chatter or torn finish', 22, 1],
    ]);
    expect([accepted, more]).toEqual([1, false]);
    expect(rows[0]).toMatchObject({ number: 'L-1', operator: 'RK', jobId: job.id });
  });
  it('is not what was taken back, of another lathe, or before the day asked', async () => {
    const wrong = await keep(60, verdict('scrap', 'A slip'), { piece: 3 });
    await keep(61, { kind: 'withdrawn', record: wrong }, { piece: 3 });
    await keep(70, verdict('scrap', 'Slipped in the chuck'), { jobId: other.id });
    expect((await losses()).losses.map(({ cause }) => cause)).toEqual([
      'Slipped in the chuck',
      'Went past its line',
      'Chatter or torn finish',
    ]);
    expect((await losses('?machine=short-lathe')).losses).toHaveLength(1);
    expect((await losses('?machine=short-lathe')).accepted).toBe(0);
    expect((await losses(`?from=${today}`)).losses).toEqual([]);
    expect((await server.send('GET', '/api/losses?from=yesterday')).statusCode).toBe(422);
  });
});
