import type { FastifyInstance, InjectOptions } from 'fastify';
import { demoRecords, demoSettings } from './history';
import { DEMO_JOBS } from './jobs';
import { DEMO_KIT, DEMO_MATERIALS, DEMO_TAPERS } from './kit';
import { DEMO_MACHINES } from './machines';

/**
 * Fills an empty database with the demo shop, through the same requests a browser makes. Does nothing
 * when there is a machine or a job already.
 */
export async function loadDemoShop(
  app: FastifyInstance,
  now: Date,
  headers: Record<string, string> = {},
): Promise<boolean> {
  const get = async (url: string): Promise<{ machines?: unknown[]; total?: number }> =>
    (await app.inject({ url, headers })).json();
  const [{ machines = [] }, { total = 0 }] = [await get('/api/machines'), await get('/api/jobs')];
  if (machines.length > 0 || total > 0) return false;
  const post = async (url: string, payload: unknown): Promise<void> => {
    const answer = await app.inject({ method: 'POST', url, payload, headers } as InjectOptions);
    if (answer.statusCode >= 300) throw new Error(`The demo shop was refused at ${url}: ${answer.body}`);
  };
  for (const machine of DEMO_MACHINES) await post('/api/machines', machine);
  for (const thing of [...DEMO_KIT, ...DEMO_MATERIALS]) await post('/api/kit', thing);
  for (const taper of DEMO_TAPERS) await post('/api/tapers', taper);
  const records = demoRecords(now);
  for (const job of DEMO_JOBS) {
    await post('/api/jobs', job);
    for (const record of records.filter((r) => r.jobId === job.id)) await post('/api/records', record);
  }
  for (const setting of demoSettings(now)) await post('/api/settings', setting);
  return true;
}
