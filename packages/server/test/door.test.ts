import { connect } from 'node:net';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { namesFor } from '../src/plugins/names';
import { Throttle } from '../src/plugins/throttle';
import { buildApp, openBook } from '../src/index';
import { testServer, type TestServer } from './support';

const PASSPHRASE = 'quoin-and-key';
let server: TestServer;
beforeAll(async () => {
  server = await testServer({ passphrase: PASSPHRASE });
});
afterAll(() => server.close());

const signIn = (passphrase: string, remoteAddress = '10.0.0.1') =>
  server.app.inject({ method: 'POST', url: '/api/session', payload: { passphrase }, remoteAddress });
const withCookie = (cookie: string | undefined, method: 'GET' | 'DELETE' = 'GET', url = '/api/jobs') =>
  server.app.inject({ method, url, headers: cookie ? { cookie } : {} });
const cookieOf = (answer: { headers: Record<string, unknown> }): string =>
  String(answer.headers['set-cookie']).split(';')[0] as string;

describe('the shop passphrase', () => {
  it('given once opens a session, until who has it signs out', async () => {
    expect((await withCookie(undefined, 'GET', '/api/session')).json()).toEqual({
      needed: true,
      signedIn: false,
      who: null,
    });
    const answer = await signIn(PASSPHRASE);
    expect(answer.headers['set-cookie']).toMatch(/HttpOnly; SameSite=Strict/);
    const cookie = cookieOf(answer);
    expect((await withCookie(cookie)).statusCode).toBe(200);
    expect((await withCookie(cookie, 'GET', '/api/session')).json()).toEqual({
      needed: true,
      signedIn: true,
      who: null,
    });
    await withCookie(cookie, 'DELETE', '/api/session');
    expect((await withCookie(cookie)).statusCode).toBe(401);
    expect((await withCookie('anello=somebodyelsestokenoftherightlength')).statusCode).toBe(401);
  });
  it('a session outlives a restart and ends with the passphrase; no token lies in the book', async () => {
    const cookie = cookieOf(await signIn(PASSPHRASE));
    const token = cookie.replace('anello=', '');
    const asked = async (passphrase: string): Promise<number> => {
      const app = await buildApp({ book: server.book, version: 'test', passphrase });
      const { statusCode } = await app.inject({ url: '/api/jobs', headers: { cookie } });
      await app.close();
      return statusCode;
    };
    expect(await asked(PASSPHRASE)).toBe(200);
    expect(await asked('another-word')).toBe(401);
    expect(JSON.stringify(server.book.all('select * from session'))).not.toContain(token);
  });
  it('guessing it is slowed down before the guess is looked at, for that address alone', async () => {
    const said: number[] = [];
    for (let i = 0; i < 8; i++) said.push((await signIn(`guess-${i}`, '10.0.0.66')).statusCode);
    expect(said).toEqual([401, 401, 401, 401, 401, 429, 429, 429]);
    expect((await signIn(PASSPHRASE, '10.0.0.66')).statusCode).toBe(429);
    expect((await signIn(PASSPHRASE, '10.0.0.2')).statusCode).toBe(200);
    const basic = { authorization: `Basic ${Buffer.from(`x:${PASSPHRASE}`).toString('base64')}` };
    const program = await server.app.inject({ url: '/api/jobs', headers: basic, remoteAddress: '10.0.0.66' });
    expect(program.json()).toMatchObject({
      code: 'too-many-tries',
      sentence: expect.stringMatching(/wait \d+ second/),
    });
  });
  it('each wrong try past the first few doubles the wait, up to a quarter of an hour; a right one clears it', () => {
    let now = 0;
    const throttle = new Throttle(() => now);
    const waits = Array.from({ length: 20 }, () => {
      throttle.wrong('a');
      const wait = throttle.wait('a');
      now += wait + 1;
      return wait;
    });
    expect(waits.slice(0, 8)).toEqual([0, 0, 0, 0, 1000, 2000, 4000, 8000]);
    expect(Math.max(...waits)).toBe(15 * 60_000);
    throttle.wrong('a');
    throttle.right('a');
    expect(throttle.wait('a')).toBe(0);
    for (let i = 0; i < 60; i++) throttle.wrong(`other ${i}`);
    expect(throttle.wait('somebody new')).toBeGreaterThan(0);
  });
});

describe('names', () => {
  const asked = async (host: string, origin?: string, url = '/api/health'): Promise<number> =>
    (await server.app.inject({ url, headers: { host, ...(origin ? { origin } : {}) } })).statusCode;
  it('a page of another name that leads here reads and writes nothing', async () => {
    for (const host of ['localhost:4600', '127.0.0.1:4600', '[::1]:4600', 'LOCALHOST'])
      expect(await asked(host)).toBe(200);
    for (const host of ['evil.example', 'evil.example:4600', 'localhost.evil.example', '192.168.1.9'])
      expect(await asked(host)).toBe(403);
  });
  it('a request of another origin is refused whatever it asks', async () => {
    expect(await asked('localhost:4600', 'http://localhost:4600')).toBe(200);
    for (const origin of ['http://evil.example', 'null', 'http://localhost:9999', 'nonsense'])
      expect(await asked('localhost:4600', origin)).toBe(403);
  });
  it('on the network it answers to its addresses, its name and those it was told', () => {
    const names = namesFor('192.168.1.20', ['lathe.shop.lan']);
    expect([names.has('192.168.1.20'), names.has('lathe.shop.lan'), names.has('evil.example')]).toEqual([
      true,
      true,
      false,
    ]);
    expect(namesFor('0.0.0.0').has('127.0.0.1')).toBe(true);
  });
});

it('connections past the number one address may have are closed', async () => {
  const open = await openBook(`${server.folder}/other`);
  const app = await buildApp({ book: open.book, version: 'test' });
  const address = await app.listen({ host: '127.0.0.1', port: 0 });
  const port = Number(new URL(address).port);
  const sockets = Array.from({ length: 80 }, () => connect(port, '127.0.0.1').on('error', () => undefined));
  await new Promise((resolve) => setTimeout(resolve, 300));
  expect(sockets.filter((s) => s.destroyed || s.readyState === 'closed').length).toBeGreaterThanOrEqual(
    80 - 64,
  );
  for (const socket of sockets) socket.destroy();
  await new Promise((resolve) => setTimeout(resolve, 100));
  expect((await fetch(`${address}/api/health`)).status).toBe(200);
  await app.close();
  await open.close();
});
