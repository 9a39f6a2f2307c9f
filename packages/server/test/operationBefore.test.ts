import type { JobView, OperationBefore } from '@anello/contract';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { aJob, aReading, testServer, type TestServer } from './support';

const THREAD = 'thread external 20 x 1.5';
const TURNED = 'turn Turning tool';
let server: TestServer;
const ids: Record<string, string> = {};

async function job(number: string, given: { machineId?: string; material?: string } = {}): Promise<string> {
  const { id, document } = aJob(number, { quantity: 3, ...given });
  await server.send('POST', '/api/jobs', { id, document });
  return (ids[number] = id);
}
const worked = (jobId: string, alike: string | null, operation = 'op-1', piece = 1) =>
  server.send('POST', '/api/records', {
    ...aReading(jobId),
    id: randomUUID(),
    piece,
    operation,
    body: { kind: 'worked', said: 'Done', ...(alike ? { alike, minutes: 12 } : {}) },
  });
const before = async (number: string, alike: string): Promise<OperationBefore['rows']> => {
  const query = new URLSearchParams({ alike });
  const answer = await server.send('GET', `/api/jobs/${ids[number]}/operation-before?${query}`);
  expect(answer.statusCode).toBe(200);
  return answer.json<OperationBefore>().rows;
};
const numbers = (rows: OperationBefore['rows']): string[] => rows.map(({ number }) => number);

beforeAll(async () => {
  server = await testServer();
  for (const [number, machineId, material] of [
    ['N-1', 'long-lathe', 'EN8'],
    ['N-2', 'long-lathe', 'Brass'],
    ['N-3', 'short-lathe', 'EN8'],
    ['N-4', 'long-lathe', 'en8 '],
    ['N-5', 'short-lathe', 'Brass'],
  ] as const)
    for (const as of [await job(number, { machineId, material })])
      for (const [alike, operation] of [
        [THREAD, 'thread-1'],
        [TURNED, 'turn-1'],
      ] as const)
        if (number !== 'N-1') await worked(as, alike, operation);
  await worked(ids['N-4']!, THREAD, 'thread-1', 2);
});
afterAll(() => server.close());

describe('the same operation in other jobs', () => {
  it('of a thread is told in any material: this lathe first, then this material, then the newest', async () => {
    const rows = await before('N-1', THREAD);
    expect(numbers(rows)).toEqual(['N-4', 'N-2', 'N-3', 'N-5']);
    expect(rows[0]).toMatchObject({ operation: 'thread-1', story: { pieces: 2, planned: 24 } });
  });
  it('of a plain cut is told in the same material only, however it is written', async () => {
    expect(numbers(await before('N-1', TURNED))).toEqual(['N-4', 'N-3']);
  });
  it('is none of itself, of what nobody did, and of a row that was taken back', async () => {
    expect(numbers(await before('N-4', THREAD))).not.toContain('N-4');
    expect(await before('N-1', 'thread external 20 x 2')).toEqual([]);
    await job('N-6', { machineId: 'long-lathe', material: 'EN8' });
    const id = randomUUID();
    const row = {
      ...aReading(ids['N-6']!),
      id,
      operation: 'op',
      body: { kind: 'worked', said: 'x', alike: 'tap internal 6 x 1' },
    };
    await server.send('POST', '/api/records', row);
    expect(numbers(await before('N-1', 'tap internal 6 x 1'))).toEqual(['N-6']);
    await server.send('POST', '/api/records', {
      ...aReading(ids['N-6']!),
      id: randomUUID(),
      body: { kind: 'withdrawn', record: id },
    });
    expect(await before('N-1', 'tap internal 6 x 1')).toEqual([]);
  });
  it('refuses a job that is not there', async () => {
    const answer = await server.send('GET', '/api/jobs/nobody/operation-before?alike=x');
    expect([answer.statusCode, answer.json()]).toEqual([404, expect.objectContaining({ code: 'not-found' })]);
  });
  it('is there in the demo shop: a drawbar thread that was tapped three months ago', async () => {
    const demo = await testServer({ demo: true });
    const { job: shown } = (await demo.send('GET', '/api/jobs/j-110')).json<JobView>();
    const query = new URLSearchParams({ alike: 'tap internal 12 x 1.75' });
    const { rows } = (
      await demo.send('GET', `/api/jobs/${shown.id}/operation-before?${query}`)
    ).json<OperationBefore>();
    expect(numbers(rows)).toEqual(['J-086']);
    expect(rows[0]!.story.planned).toBeGreaterThan(0);
    await demo.close();
  });
});
