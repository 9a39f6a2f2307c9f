import { newJobDocument } from '@anello/contract';
import { openDatabase } from '@anello/server';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DEMO_JOBS } from '../packages/server/src/demo/jobs.ts';
import { startServer } from '../scripts/lib.mjs';
import type { Figure } from './bench.ts';
import { median, milliseconds } from './stats.ts';

const JOBS = 10_000;
const READINGS = 400;
const RACK_OPENS = 30;
/** A server that has been asked a few times already, as in the shop. */
const WARM_UP = 200;
const PORT = 4672;

/** The real server on a real file: a kept reading, and the rack with ten thousand jobs. */
export async function benchServer(): Promise<Figure[]> {
  const folder = mkdtempSync(join(tmpdir(), 'anello-bench-'));
  await fill(folder);
  const server = await startServer({ dataFolder: folder, port: PORT, flags: ['--empty'] });
  const base = `http://127.0.0.1:${PORT}`;
  try {
    await repeat(WARM_UP, () => keepReading(base));
    const kept = median(await repeat(READINGS, () => keepReading(base)));
    const rack = median(await repeat(RACK_OPENS, () => fetch(`${base}/api/jobs?limit=24`)));
    return [
      {
        what: 'a kept reading answered, median',
        measured: milliseconds(kept),
        budget: '5 ms',
        within: kept < 5,
      },
      {
        what: `rack with ${JOBS} jobs opens, median`,
        measured: milliseconds(rack),
        budget: '100 ms',
        within: rack < 100,
      },
    ];
  } finally {
    server.kill('SIGTERM');
    await new Promise((resolve) => server.once('exit', resolve));
    rmSync(folder, { recursive: true, force: true });
  }
}

async function fill(folder: string): Promise<void> {
  const orm = await openDatabase(join(folder, 'anello.sqlite'));
  const features = DEMO_JOBS.find((job) => job.id === 'j-101')!.document.features;
  const rows = Array.from({ length: JOBS }, (_, n) => {
    const document = {
      ...newJobDocument({ number: `B-${n}`, title: `Shank ${n}`, machineId: 'long-lathe' }),
      features,
    };
    return {
      id: `b-${n}`,
      number: document.number,
      title: document.title,
      version: 1,
      updatedAt: new Date(1.7e12 + n * 1000).toISOString(),
      document,
    };
  });
  await orm.em.fork().transactional(async (em) => {
    for (let i = 0; i < rows.length; i += 100) await em.insertMany('Job', rows.slice(i, i + 100));
  });
  await orm.close();
}

async function repeat(times: number, work: () => Promise<Response>): Promise<number[]> {
  const found: number[] = [];
  for (let i = 0; i < times; i++) {
    const from = performance.now();
    const answer = await work();
    await answer.text();
    found.push(performance.now() - from);
    if (!answer.ok) throw new Error(`answered ${answer.status}`);
  }
  return found;
}

const keepReading = (base: string): Promise<Response> =>
  fetch(`${base}/api/records`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({
      id: randomUUID(),
      jobId: 'b-1',
      piece: 1,
      at: new Date().toISOString(),
      operator: 'RK',
      body: { kind: 'stand-off', seen: 1.6, halfAngle: 0.025, diameterLeft: 0.08, typed: '1.6' },
    }),
  });
