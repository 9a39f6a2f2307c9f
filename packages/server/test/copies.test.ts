import type { Bundle, CopiesSaid } from '@anello/contract';
import fc from 'fast-check';
import { existsSync, mkdirSync, readdirSync, writeFileSync } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Keeper } from '../src/copies/keeper';
import { outlived } from '../src/copies/retention';
import { backUp, stampOf } from '../src/db/copies';
import { openRaw } from '../src/db/raw';
import { buildApp } from '../src/index';
import { aReading, testServer, type TestServer } from './support';

const DAY = 86_400_000;
const named = (at: Date) => ({ name: `daily-${stampOf(at)}.sqlite`, at });

describe('which copies stay', () => {
  it('the last of each of seven days, five weeks and twelve months, and never more than those', () => {
    const start = Date.UTC(2026, 10, 26, 3);
    const all = Array.from({ length: 500 }, (_, i) => named(new Date(start - i * DAY)));
    const gone = new Set(outlived(all));
    const left = all.filter((copy) => !gone.has(copy));
    expect(left.slice(0, 7)).toEqual(all.slice(0, 7));
    expect(left.length).toBeLessThanOrEqual(7 + 5 + 12);
    expect(new Set(left.map(({ at }) => at.toISOString().slice(0, 7))).size).toBeGreaterThanOrEqual(12);
    expect(outlived(left)).toEqual([]);
  });
  it('the newest always stays, whatever there is', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 900 * 24 }), { minLength: 1, maxLength: 80 }),
        (hours) => {
          const all = hours.map((h) => named(new Date(Date.UTC(2024, 0, 1) + h * 3_600_000)));
          const gone = new Set(outlived(all));
          const newest = Math.max(...all.map(({ at }) => at.getTime()));
          expect(all.some((copy) => copy.at.getTime() === newest && !gone.has(copy))).toBe(true);
          expect(all.length - gone.size).toBeLessThanOrEqual(24);
        },
      ),
    );
  });
});

let server: TestServer;
let folder = '';
let now = new Date();
let broken = false;
beforeEach(async () => {
  server = await testServer({ demo: true });
  folder = join(await mkdtemp(join(tmpdir(), 'anello-copies-')), 'copies');
  now = new Date();
  broken = false;
});
afterEach(async () => {
  await server.close();
  await rm(join(folder, '..'), { recursive: true, force: true });
});
const keeperOf = (): Keeper =>
  new Keeper({
    book: server.book,
    dataFolder: server.folder,
    folder,
    async copy(from, file) {
      if (broken) throw new Error('no space left on device');
      backUp(from, file);
    },
    now: () => now,
  });
const records = (file: string): number => {
  const raw = openRaw(file);
  const { n } = raw.prepare('select count(*) as n from record').get([]) as { n: number };
  raw.close();
  return n;
};

describe('who keeps the copies', () => {
  it('makes one a day while the book is written to, and none while it is not', async () => {
    const keeper = keeperOf();
    await keeper.lookAfter();
    expect(existsSync(folder)).toBe(false);
    now = new Date(Date.now() + 1.1 * DAY);
    await keeper.lookAfter();
    await keeper.lookAfter();
    expect(readdirSync(folder)).toHaveLength(1);
    now = new Date(Date.now() + 9 * DAY);
    await keeper.lookAfter();
    expect(readdirSync(folder)).toHaveLength(1);
    expect(keeper.said()).toMatchObject({ overdue: false, failed: null });
  });
  it('what it copied is the whole book, read through, made while it is written to', async () => {
    const reading = aReading('j-101');
    await server.send('POST', '/api/records', reading);
    const name = await keeperOf().make();
    expect(records(join(folder, name))).toBe(
      server.book.get<{ n: number }>('select count(*) as n from record')!.n,
    );
  });
  it('says when the last is overdue, when one failed, and leaves nothing half made', async () => {
    const keeper = keeperOf();
    now = new Date(Date.now() + 4 * DAY);
    expect(keeper.said()).toMatchObject({ overdue: true, last: null, copies: [] });
    broken = true;
    await expect(keeper.make()).rejects.toThrow(/no space left/);
    expect(readdirSync(folder)).toEqual([]);
    expect(keeper.said()).toMatchObject({ failed: expect.stringContaining('no space') });
    broken = false;
    await keeper.make();
    expect(keeper.said()).toMatchObject({ failed: null, overdue: false });
  });
  it('takes away only what it made itself', async () => {
    mkdirSync(folder, { recursive: true });
    const old = Array.from({ length: 60 }, (_, i) => named(new Date(Date.now() - (i + 1) * DAY)).name);
    const others = ['before-Migration1.sqlite', `${stampOf(new Date(0))}.sqlite`, 'notes.txt'];
    for (const name of [...old, ...others]) writeFileSync(join(folder, name), '');
    await keeperOf().lookAfter();
    const left = readdirSync(folder);
    expect(left).toEqual(expect.arrayContaining(others));
    expect(left.length).toBeLessThan(30);
  });
  it('is asked for and made over the network, one at a time', async () => {
    const app = await buildApp({ book: server.book, version: 'test', keeper: keeperOf() });
    const [one, two] = await Promise.all([
      app.inject({ method: 'POST', url: '/api/copies', payload: {} }),
      app.inject({ method: 'POST', url: '/api/copies', payload: {} }),
    ]);
    expect([one.statusCode, two.statusCode]).toEqual([201, 201]);
    const said = (await app.inject('/api/copies')).json<CopiesSaid>();
    expect(said.copies).toHaveLength(1);
    expect(said.copies[0]!.bytes).toBeGreaterThan(10_000);
    expect(said.free).toBeGreaterThan(0);
    broken = true;
    const refused = await app.inject({ method: 'POST', url: '/api/copies', payload: {} });
    expect([refused.statusCode, refused.json().code]).toEqual([503, 'book-broken']);
    await app.close();
    expect((await server.send('GET', '/api/copies')).statusCode).toBe(404);
  });
});

describe('some jobs as a file', () => {
  const file = async (jobs: string) => server.send('GET', `/api/shop/bundle?jobs=${jobs}`);
  it('has them, what was kept of them and their lathes, and another shop takes it in whole', async () => {
    const bundle = (await file('j-101,j-103')).json<Bundle>();
    expect(bundle.jobs.map((j) => j.id)).toEqual(['j-101', 'j-103']);
    expect(new Set(bundle.records.map((r) => r.jobId))).toEqual(new Set(['j-101', 'j-103']));
    expect(bundle.machines.map((m) => m.id).sort()).toEqual(['long-lathe', 'short-lathe']);
    expect([bundle.kit, bundle.tapers, bundle.settings]).toEqual([[], [], []]);
    const other = await testServer();
    try {
      const taken = await other.send('POST', '/api/shop/bundle', bundle);
      expect(taken.json()).toMatchObject({
        kept: bundle.records.length,
        left: { withoutJob: 0, different: 0 },
      });
      const again = (await other.send('GET', '/api/shop/bundle?jobs=j-101,j-103')).json<Bundle>();
      expect(again).toEqual(bundle);
    } finally {
      await other.close();
    }
  });
  it.each([
    ['none', 404],
    ['j-101,none', 404],
    ['J 101', 422],
  ])('%s is refused', async (jobs, status) => {
    expect((await file(encodeURIComponent(jobs))).statusCode).toBe(status);
  });
  it('what was kept of one job comes as CSV', async () => {
    const { body } = await server.send('GET', '/api/log.csv?job=j-103');
    const lines = body.trim().split('\n');
    expect(lines).toHaveLength(4);
    expect(lines.slice(1).every((line) => line.includes('J-103'))).toBe(true);
  });
});
