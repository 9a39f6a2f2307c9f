import { mkdir, mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { testServer, type TestServer } from './support';

const PAGE = '<!doctype html><title>Anello</title>';
const SCRIPT = 'export const rings = 1;';
let around: string;
let server: TestServer;
beforeAll(async () => {
  around = await mkdtemp(join(tmpdir(), 'anello-site-'));
  const site = join(around, 'site');
  await mkdir(join(site, 'assets'), { recursive: true });
  await writeFile(join(around, 'beside.txt'), 'nobody’s business');
  await writeFile(join(site, 'index.html'), PAGE);
  await writeFile(join(site, 'assets', 'app-1.js'), SCRIPT);
  await writeFile(join(site, 'assets', 'app-1.js.br'), brotliCompressSync(SCRIPT));
  server = await testServer({ site });
});
afterAll(async () => {
  await server.close();
  await rm(around, { recursive: true, force: true });
});
const get = (url: string, headers: Record<string, string> = {}) =>
  server.app.inject({ method: 'GET', url, headers });

describe('the web side, served beside its figures', () => {
  it.each(['/', '/rack', '/job/j-101/set?piece=2', '/nowhere/at/all'])(
    'is the one page at %s, asked for anew each time',
    async (url) => {
      const answer = await get(url);
      expect(answer.statusCode).toBe(200);
      expect(answer.body).toBe(PAGE);
      expect(answer.headers['cache-control']).toBe('no-cache');
    },
  );
  it('keeps what has its content in its name, and sends it as small as it was made', async () => {
    const plain = await get('/assets/app-1.js');
    expect(plain.body).toBe(SCRIPT);
    expect(plain.headers['cache-control']).toMatch(/immutable/);
    expect(plain.headers['content-type']).toMatch(/javascript/);
    const small = await get('/assets/app-1.js', { 'accept-encoding': 'br' });
    expect(small.headers['content-encoding']).toBe('br');
    expect(small.rawPayload).toEqual(brotliCompressSync(SCRIPT));
  });
  it.each(['/assets/app-2.js', '/assets/', '/api/none'])('says that there is no %s', async (url) => {
    const answer = await get(url);
    expect(answer.statusCode).toBe(404);
    expect(answer.json()).toMatchObject({ code: 'not-found' });
  });
  it.each([
    '/../beside.txt',
    '/..%2fbeside.txt',
    '/%2e%2e/beside.txt',
    '/assets/../../beside.txt',
    '/assets/..%5c..%5cbeside.txt',
    '/assets/%00',
  ])('lets nothing out that lies beside it: %s', async (url) => {
    const answer = await get(url);
    expect(answer.body).not.toMatch(/business/);
    expect([200, 404, 422]).toContain(answer.statusCode);
  });
});
