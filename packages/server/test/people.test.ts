import type { People, Session } from '@anello/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { aJob, testServer, type TestServer } from './support';

const SHOP = 'quoin-and-key';
const OWN = 'a hand of her own';
let server: TestServer;
beforeAll(async () => {
  server = await testServer({ passphrase: SHOP });
});
afterAll(() => server.close());

const signIn = async (passphrase: string, initials?: string, from = '10.1.0.1') => {
  const answer = await server.app.inject({
    method: 'POST',
    url: '/api/session',
    payload: { passphrase, ...(initials ? { initials } : {}) },
    remoteAddress: from,
  });
  return { answer, cookie: String(answer.headers['set-cookie']).split(';')[0] as string };
};
const ask = (cookie: string, method: 'GET' | 'POST' | 'PUT', url: string, payload?: object) =>
  server.app.inject({ method, url, headers: { cookie }, ...(payload ? { payload } : {}) });
const person = (over: object = {}) => ({ name: 'Rosa Keel', may: 'write', archived: false, ...over });

describe('the people of a shop', () => {
  it('are named by their initials; of a passphrase only that there is one is told', async () => {
    const { cookie } = await signIn(SHOP);
    const put = await ask(cookie, 'PUT', '/api/people/RK', person({ passphrase: OWN }));
    expect(put.json()).toEqual({
      initials: 'RK',
      name: 'Rosa Keel',
      may: 'write',
      archived: false,
      ownPassphrase: true,
    });
    const renamed = (await ask(cookie, 'PUT', '/api/people/RK', person({ name: 'Rosa K.' }))).json();
    expect(renamed).toMatchObject({ name: 'Rosa K.', ownPassphrase: true });
    const { people } = (await ask(cookie, 'GET', '/api/people')).json<People>();
    expect(people).toHaveLength(1);
    expect(JSON.stringify(people)).not.toContain(OWN);
    const raw = server.book.all<{ secret: string }>('select `secret` from `person`');
    expect(JSON.stringify(raw)).not.toContain(OWN);
  });
  it.each([
    ['rk', person(), 'initials'],
    ['RK', person({ name: ' ' }), 'name'],
    ['RK', person({ may: 'all' }), 'may'],
    ['RK', person({ passphrase: 'short' }), 'passphrase'],
  ])('%s %o is refused at its field', async (initials, body, field) => {
    const { cookie } = await signIn(SHOP);
    const answer = await ask(cookie, 'PUT', `/api/people/${initials}`, body);
    expect(answer.statusCode).toBe(422);
    expect(answer.json<{ field: string }>().field).toContain(field);
  });
  it('sign in with their own, each to what they may', async () => {
    const { cookie: shop } = await signIn(SHOP);
    await ask(shop, 'PUT', '/api/people/RK', person({ passphrase: OWN }));
    const { answer, cookie } = await signIn(OWN, 'rk');
    expect(answer.json<Session>().who).toMatchObject({ initials: 'RK', may: 'write' });
    expect((await ask(cookie, 'POST', '/api/jobs', aJob('P-1'))).statusCode).toBe(201);

    await ask(shop, 'PUT', '/api/people/RK', person({ may: 'read' }));
    const refused = await ask(cookie, 'POST', '/api/jobs', aJob('P-2'));
    expect([refused.statusCode, refused.json<{ code: string }>().code]).toEqual([403, 'read-only']);
    expect((await ask(cookie, 'GET', '/api/jobs')).statusCode).toBe(200);
    // Nor may they give themselves the right.
    expect((await ask(cookie, 'PUT', '/api/people/RK', person())).statusCode).toBe(403);
    expect((await ask(cookie, 'GET', '/api/session')).json<Session>().who?.may).toBe('read');
  });
  it('are out at once when they have left, or when their passphrase is another', async () => {
    const { cookie: shop } = await signIn(SHOP);
    await ask(shop, 'PUT', '/api/people/MT', person({ passphrase: OWN }));
    const { cookie } = await signIn(OWN, 'MT');
    expect((await ask(cookie, 'GET', '/api/jobs')).statusCode).toBe(200);
    await ask(shop, 'PUT', '/api/people/MT', person({ passphrase: 'another of his own' }));
    expect((await ask(cookie, 'GET', '/api/jobs')).statusCode).toBe(401);
    const { cookie: again } = await signIn('another of his own', 'MT');
    expect((await ask(again, 'GET', '/api/jobs')).statusCode).toBe(200);
    await ask(shop, 'PUT', '/api/people/MT', person({ archived: true }));
    expect((await ask(again, 'GET', '/api/jobs')).statusCode).toBe(401);
    expect((await signIn('another of his own', 'MT', '10.1.0.9')).answer.statusCode).toBe(401);
  });
  it('wrong ones are slowed down as the shop’s are, and the shop’s is nobody’s own', async () => {
    expect((await signIn(SHOP, 'RK', '10.1.0.2')).answer.statusCode).toBe(401);
    expect((await signIn('guess guess', 'ZZ', '10.1.0.2')).answer.statusCode).toBe(401);
    for (let i = 0; i < 6; i++) await signIn('guess guess', 'RK', '10.1.0.3');
    expect((await signIn(OWN, 'RK', '10.1.0.3')).answer.statusCode).toBe(429);
  });
});
