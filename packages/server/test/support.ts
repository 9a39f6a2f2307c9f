import { newJobDocument, type JobDocument } from '@anello/contract';
import type { KeptRecord } from '@anello/core/job';
import type { FastifyInstance, LightMyRequestResponse } from 'fastify';
import { randomUUID } from 'node:crypto';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Book } from '../src/db/book';
import { buildApp, loadDemoShop, openBook, type AppOptions } from '../src/index';

export interface TestServer {
  readonly app: FastifyInstance;
  readonly book: Book;
  readonly folder: string;
  send(
    method: 'GET' | 'POST' | 'PUT' | 'DELETE',
    url: string,
    payload?: unknown,
    headers?: Record<string, string>,
  ): Promise<LightMyRequestResponse>;
  close(): Promise<void>;
}

/** A server on a real SQLite file in a folder of its own, gone when closed. */
export async function testServer(
  options: Partial<AppOptions> & { demo?: boolean } = {},
): Promise<TestServer> {
  const folder = await mkdtemp(join(tmpdir(), 'anello-test-'));
  const { demo, ...rest } = options;
  const open = await openBook(folder);
  const app = await buildApp({ book: open.book, version: 'test', ...rest });
  if (demo) await loadDemoShop(open.book, new Date('2026-11-20T12:00:00Z'));
  return {
    app,
    book: open.book,
    folder,
    send: (method, url, payload, headers = {}) =>
      app.inject({ method, url, headers, ...(payload === undefined ? {} : { payload: payload as object }) }),
    async close() {
      await app.close();
      await open.close();
      await rm(folder, { recursive: true, force: true });
    },
  };
}

export const aJob = (
  number: string,
  over: Partial<JobDocument> = {},
): { id: string; document: JobDocument } => ({
  id: randomUUID(),
  document: { ...newJobDocument({ number, title: 'Shank', machineId: 'long-lathe' }), ...over },
});

export const aReading = (jobId: string, over: Partial<KeptRecord> = {}): KeptRecord => ({
  id: randomUUID(),
  jobId,
  piece: 1,
  at: '2026-11-20T10:00:00.000Z',
  operator: 'RK',
  body: {
    kind: 'reading',
    way: 'attachment',
    step: 'sweep',
    travelAlong: 'axis',
    at: 75,
    seen: 1.893,
    expected: 1.882,
    low: 1.879,
    high: 1.885,
    typed: '1.893 mm',
  },
  ...over,
});
