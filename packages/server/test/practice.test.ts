import type { PracticeRun, PracticeRuns } from '@anello/contract';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { testServer, type TestServer } from './support';

let server: TestServer;
beforeAll(async () => {
  server = await testServer({ demo: true });
});
afterAll(() => server.close());

const run = (over: Partial<PracticeRun> = {}): PracticeRun => ({
  id: randomUUID(),
  exercise: 'lash',
  operator: 'RK',
  level: 2,
  seed: 77,
  at: '2026-11-01T10:00:00.000Z',
  right: true,
  minutes: 3.5,
  takings: 4,
  ...over,
});
const keep = (body: object) => server.send('POST', '/api/practice-runs', body);
const runs = async (operator: string): Promise<PracticeRun[]> =>
  (await server.send('GET', `/api/practice-runs?operator=${operator}`)).json<PracticeRuns>().runs;

describe('runs at the practice lathe', () => {
  it('are kept by whose they are, each once, the first of them first', async () => {
    const [late, early, other] = [
      run({ at: '2026-11-03T10:00:00.000Z', exercise: 'shank' }),
      run({ right: false }),
      run({ operator: 'TB' }),
    ];
    for (const one of [late, early, other, late]) expect((await keep(one)).statusCode).toBe(200);
    expect(await runs('RK')).toEqual([early, late]);
    expect(await runs('TB')).toEqual([other]);
    expect(await runs('NN')).toEqual([]);
  });
  it('one that is changed on the way again stays as it was kept', async () => {
    const one = run({ operator: 'MO' });
    await keep(one);
    await keep({ ...one, right: false });
    expect(await runs('MO')).toEqual([one]);
  });
  it.each([
    ['an exercise there is not', { exercise: 'juggling' }],
    ['a level there is not', { level: 9 }],
    ['no id', { id: 'x' }],
    ['time that runs back', { minutes: -1 }],
    ['something more', { note: 'x' }],
  ])('are refused with %s', async (_, over) => {
    expect((await keep({ ...run(), ...over })).statusCode).toBe(422);
  });
  it('are nobody’s job and no row of the logbook', async () => {
    await keep(run({ operator: 'ZZ', exercise: 'two-handles' }));
    for (const path of ['/api/log?limit=200', '/api/jobs?limit=100', '/api/machines'])
      expect((await server.send('GET', path)).body, path).not.toContain('two-handles');
  });
});
