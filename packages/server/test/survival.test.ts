import type { JobView } from '@anello/contract';
import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtemp, rm } from 'node:fs/promises';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { expect, it } from 'vitest';
import { aReading } from './support';

const main = fileURLToPath(new URL('../src/main.ts', import.meta.url));
const root = fileURLToPath(new URL('../../../', import.meta.url));

function freePort(): Promise<number> {
  return new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as { port: number };
      probe.close(() => resolve(port));
    });
  });
}

async function start(folder: string, port: number): Promise<ChildProcess> {
  const child = spawn(process.execPath, ['--import', 'tsx', main], {
    cwd: root,
    env: { ...process.env, ANELLO_DATA: folder, PORT: String(port), HOST: '127.0.0.1' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise<void>((resolve, reject) => {
    child.stdout!.on('data', (text: Buffer) => text.toString().includes('Anello is at') && resolve());
    child.once('exit', () => reject(new Error('the server stopped before it could serve')));
  });
  return child;
}

const ended = (child: ChildProcess): Promise<number | null> =>
  new Promise((resolve) => child.once('exit', (code) => resolve(code)));

async function killNow(child: ChildProcess): Promise<void> {
  const gone = ended(child);
  child.kill('SIGKILL');
  await gone;
}

it(
  'a kept reading survives kill -9 the moment after the answer; the torture run does it hundreds of times',
  { timeout: 120_000 },
  async () => {
    const folder = await mkdtemp(join(tmpdir(), 'anello-kill-'));
    const port = await freePort();
    const kept: string[] = [];
    for (let round = 0; round < 2; round++) {
      const child = await start(folder, port);
      for (let i = 0; i < 6; i++) {
        const reading = aReading('j-101');
        const answer = await fetch(`http://127.0.0.1:${port}/api/records`, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify(reading),
        });
        if (answer.status === 201) kept.push(reading.id);
      }
      await killNow(child);
    }
    const child = await start(folder, port);
    const { records } = (await (await fetch(`http://127.0.0.1:${port}/api/jobs/j-101`)).json()) as JobView;
    expect(kept).toHaveLength(12);
    expect(records.map((r) => r.id)).toEqual(expect.arrayContaining(kept));
    expect(new Set(records.map((r) => r.id)).size).toBe(records.length);
    const gone = ended(child);
    child.kill('SIGTERM');
    expect(await gone).toBe(0);
    await rm(folder, { recursive: true, force: true });
  },
);
