import type { LiveEvent } from '@anello/contract';
import type { AddressInfo } from 'node:net';
import { once } from 'node:events';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import WebSocket from 'ws';
import { Hub, type Listener } from '../src/live/hub';
import { aJob, aReading, testServer, type TestServer } from './support';

let server: TestServer;
let address = '';
const open: WebSocket[] = [];
beforeEach(async () => {
  server = await testServer({ demo: true });
  await server.app.listen({ host: '127.0.0.1', port: 0 });
  address = `127.0.0.1:${(server.app.server.address() as AddressInfo).port}`;
});
afterEach(async () => {
  for (const socket of open.splice(0)) socket.terminate();
  await server.close();
});

/** A screen that listens, with everything it was told. */
async function screen(headers: Record<string, string> = {}) {
  const socket = new WebSocket(`ws://${address}/api/live`, { headers });
  open.push(socket);
  const told: LiveEvent[] = [];
  socket.on('message', (data) => told.push(JSON.parse(String(data)) as LiveEvent));
  await once(socket, 'open');
  return {
    told,
    socket,
    here: (job: string | null, who: string) => socket.send(JSON.stringify({ is: 'here', job, who })),
    /** Waits until it has been told of something so. */
    async until(what: (event: LiveEvent) => boolean): Promise<LiveEvent> {
      for (let i = 0; i < 200; i++) {
        const found = told.find(what);
        if (found) return found;
        await new Promise((resolve) => setTimeout(resolve, 10));
      }
      throw new Error(`never told: ${JSON.stringify(told)}`);
    },
  };
}

describe('what one screen keeps, the others are told', () => {
  it('a record, once, and only when it was kept', async () => {
    const [one, two] = [await screen(), await screen()];
    const record = aReading('j-101');
    await server.send('POST', '/api/records', record);
    await server.send('POST', '/api/records', record);
    await server.send('POST', '/api/records', { ...aReading('none') });
    await server.send('POST', '/api/records', aReading('j-102'));
    await two.until((e) => e.is === 'record' && e.record.jobId === 'j-102');
    for (const { told } of [one, two])
      expect(told.map((e) => e.is === 'record' && e.record.jobId)).toEqual(['j-101', 'j-102']);
    expect(one.told[0]).toEqual({ is: 'record', record });
  });
  it('a job saved, added or put away, a lathe, a thing of the kit', async () => {
    const one = await screen();
    const { id, document } = aJob('T-1');
    await server.send('POST', '/api/jobs', { id, document });
    await server.send('PUT', `/api/jobs/${id}`, { version: 1, document: { ...document, title: 'Other' } });
    await server.send('PUT', `/api/jobs/${id}`, { version: 1, document });
    await server.send('PUT', `/api/jobs/${id}/away`, { away: true });
    const { machines } = (await server.send('GET', '/api/machines')).json();
    const { id: lathe, version, document: lathes } = machines[0];
    await server.send('PUT', `/api/machines/${lathe}`, { version, document: lathes });
    const { rows } = (await server.send('GET', '/api/kit')).json();
    await server.send('PUT', `/api/kit/${rows[0].id}`, {
      version: rows[0].version,
      document: rows[0].document,
    });
    await one.until((e) => e.is === 'shelf' && e.of === 'kit');
    expect(one.told).toEqual([
      { is: 'job', id, version: 1 },
      { is: 'job', id, version: 2 },
      { is: 'job', id, version: null },
      { is: 'shelf', of: 'machines' },
      { is: 'shelf', of: 'kit' },
    ]);
  });
});

describe('who else has a job open', () => {
  it('is told to those who have it, as they come, go and change', async () => {
    const [one, two, three] = [await screen(), await screen(), await screen()];
    one.here('j-101', 'RK');
    await one.until((e) => e.is === 'present');
    two.here('j-101', 'MT');
    three.here('j-102', 'DO');
    await one.until((e) => e.is === 'present' && e.others.includes('MT'));
    expect(await two.until((e) => e.is === 'present')).toEqual({
      is: 'present',
      job: 'j-101',
      others: ['RK'],
    });
    expect(await three.until((e) => e.is === 'present')).toEqual({
      is: 'present',
      job: 'j-102',
      others: [],
    });
    two.here('j-102', 'MT');
    await three.until((e) => e.is === 'present' && e.others.includes('MT'));
    one.told.splice(0);
    two.here('j-101', 'MT');
    await one.until((e) => e.is === 'present' && e.others.length === 1);
    one.told.splice(0);
    two.socket.terminate();
    await one.until((e) => e.is === 'present' && e.others.length === 0);
  });
});

describe('what a screen may not', () => {
  const ended = async (socket: WebSocket): Promise<number> => (await once(socket, 'close'))[0] as number;
  it.each([
    'rubbish',
    '{"is":"record"}',
    '{"is":"here","job":5,"who":"x"}',
    '{"is":"here","job":null,"who":"x","more":1}',
  ])('%s ends its line, and nobody else’s', async (text) => {
    const [bad, good] = [await screen(), await screen()];
    bad.socket.send(text);
    expect(await ended(bad.socket)).toBe(1008);
    await server.send('POST', '/api/records', aReading('j-101'));
    await good.until((e) => e.is === 'record');
  });
  it('much at once, or one thing too long, ends it', async () => {
    const [many, long] = [await screen(), await screen()];
    for (let i = 0; i < 100; i++) many.here('j-101', 'RK');
    expect(await ended(many.socket)).toBe(1008);
    long.socket.send('x'.repeat(100_000));
    expect(await ended(long.socket)).toBe(1009);
  });
  it('a page of another site, and one that has not signed in, are not let in', async () => {
    const refused = async (headers: Record<string, string>, at = address): Promise<number> => {
      const socket = new WebSocket(`ws://${at}/api/live`, { headers });
      const [, response] = (await once(socket, 'unexpected-response')) as [unknown, { statusCode: number }];
      return response.statusCode;
    };
    expect(await refused({ origin: 'http://elsewhere.example' })).toBe(403);
    const closed = await testServer({ passphrase: 'oil and brass' });
    try {
      await closed.app.listen({ host: '127.0.0.1', port: 0 });
      const at = `127.0.0.1:${(closed.app.server.address() as AddressInfo).port}`;
      expect(await refused({}, at)).toBe(401);
    } finally {
      await closed.close();
    }
  });
});

describe('the hub', () => {
  const listener = (waiting = 0): Listener & { told: string[]; dropped: boolean } => ({
    told: [],
    dropped: false,
    send(text) {
      this.told.push(text);
    },
    waiting: () => waiting,
    drop() {
      this.dropped = true;
    },
  });
  it('lets go of a screen that takes nothing any more, and goes on with the others', () => {
    const hub = new Hub();
    const [asleep, awake] = [listener(5_000_000), listener()];
    hub.join(asleep);
    hub.join(awake);
    hub.tell({ is: 'all' });
    hub.tell({ is: 'all' });
    expect([asleep.dropped, asleep.told.length, awake.told.length, hub.size]).toEqual([true, 0, 2, 1]);
  });
  it('says nothing to one that has left, or never came', () => {
    const hub = new Hub();
    const one = listener();
    hub.moved(one, { is: 'here', job: 'j-1', who: 'RK' });
    hub.join(one);
    hub.leave(one);
    hub.tell({ is: 'all' });
    expect(one.told).toEqual([]);
  });
});
