import type { WireEvent } from '@anello/contract';
import { once } from 'node:events';
import { createServer, type AddressInfo, type Socket } from 'node:net';
import { Readable } from 'node:stream';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import WebSocket from 'ws';
import { bridge, tcpSource } from '../src/wire/bridge';
import { Gathering, type Source } from '../src/wire/gathering';
import { wireLines } from '../src/wire/textLines';
import type { Listener } from '../src/live/hub';
import { testServer, type TestServer } from './support';

const line = (value: number, more: object = {}): string =>
  JSON.stringify({ instrument: 'dial', value, ...more });

describe('the gathering', () => {
  const listener = (waiting = 0): Listener & { told: WireEvent[]; dropped: boolean } => ({
    told: [],
    dropped: false,
    send(text) {
      this.told.push(JSON.parse(text) as WireEvent);
    },
    waiting: () => waiting,
    drop() {
      this.dropped = true;
    },
  });
  const source = (): Source & { refused: string[] } => ({
    refused: [],
    refuse(said) {
      this.refused.push(said);
    },
  });
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => void vi.useRealTimers());
  const begun = () => {
    const [gathering, one, to] = [new Gathering(() => 7), source(), listener()];
    gathering.begin(one);
    gathering.listen(to);
    return { gathering, one, to };
  };

  it('hands on together what came together, in mm, with when it came', () => {
    const { gathering, one, to } = begun();
    gathering.take(one, line(12, { unit: 'um', time: 3 }));
    gathering.take(one, line(1, { channel: 'z' }));
    expect(to.told).toEqual([]);
    vi.advanceTimersByTime(20);
    expect(to.told).toEqual([
      {
        is: 'readings',
        of: [
          { instrument: 'dial', channel: '', value: 0.012, angle: false, own: 3, came: 7 },
          { instrument: 'dial', channel: 'z', value: 1, angle: false, came: 7 },
        ],
      },
    ]);
    vi.advanceTimersByTime(1000);
    expect(to.told).toHaveLength(1);
  });
  it('tells who comes later what stands, and nothing of what is gone', () => {
    const { gathering, one } = begun();
    gathering.take(one, line(1));
    gathering.take(one, line(2));
    const late = listener();
    gathering.listen(late);
    expect(late.told).toMatchObject([{ is: 'stand', of: [{ value: 2 }] }]);
    gathering.end(one);
    const later = listener();
    gathering.listen(later);
    expect(later.told).toEqual([]);
  });
  it('a source that closes takes its instruments with it, after their last reading; not those another has since', () => {
    const { gathering, one, to } = begun();
    const other = source();
    gathering.begin(other);
    gathering.take(one, line(1));
    gathering.take(one, line(1, { instrument: 'readout', channel: 'x' }));
    gathering.take(other, line(2));
    gathering.end(one);
    expect(to.told.map(({ is }) => is)).toEqual(['readings', 'gone']);
    expect(to.told[1]).toEqual({ is: 'gone', instruments: ['readout'] });
    gathering.take(one, line(9));
    vi.advanceTimersByTime(20);
    expect(to.told).toHaveLength(2);
  });
  it('says what was wrong, a few times a second, and goes on', () => {
    const { gathering, one, to } = begun();
    for (let i = 0; i < 400; i++) gathering.take(one, `rubbish ${i}`);
    gathering.take(one, line(5));
    vi.advanceTimersByTime(20);
    expect(one.refused).toHaveLength(5);
    expect(to.told).toMatchObject([{ of: [{ value: 5 }] }]);
  });
  it('of too much in a second the rest is left; the next second is another', () => {
    const { gathering, one, to } = begun();
    for (let i = 0; i < 2500; i++) gathering.take(one, line(i));
    vi.advanceTimersByTime(1500);
    gathering.take(one, line(-1));
    vi.advanceTimersByTime(20);
    const handed = to.told.flatMap((event) => (event.is === 'readings' ? event.of : []));
    expect(handed).toHaveLength(2001);
    expect(one.refused[0]).toContain('2000');
  });
  it('knows no more names than a shop has', () => {
    const { gathering, one, to } = begun();
    for (let i = 0; i < 100; i++) gathering.take(one, line(i, { instrument: `dial ${i}` }));
    vi.advanceTimersByTime(20);
    expect(to.told[0]).toMatchObject({ of: { length: 64 } });
    expect(one.refused[0]).toContain('64');
    gathering.take(one, line(1, { instrument: 'dial 0' }));
    vi.advanceTimersByTime(20);
    expect(to.told).toHaveLength(2);
  });
  it('lets go of a screen that takes nothing any more', () => {
    const { gathering, one, to } = begun();
    const asleep = listener(1_000_000);
    gathering.listen(asleep);
    gathering.take(one, line(1));
    vi.advanceTimersByTime(20);
    expect([asleep.dropped, asleep.told.length, to.told.length]).toEqual([true, 0, 1]);
  });
});

describe('over the wire', () => {
  let server: TestServer;
  let address = '';
  const ends: (() => void)[] = [];
  const addressOf = async (one: TestServer): Promise<string> => {
    await one.app.listen({ host: '127.0.0.1', port: 0 });
    return `127.0.0.1:${(one.app.server.address() as AddressInfo).port}`;
  };
  beforeEach(async () => {
    server = await testServer();
    address = await addressOf(server);
  });
  afterEach(async () => {
    for (const end of ends.splice(0)) end();
    await server.close();
  });
  const opened = async (path: string, headers = {}): Promise<WebSocket & { told: unknown[] }> => {
    const socket = Object.assign(new WebSocket(`ws://${address}${path}`, { headers }), {
      told: [] as unknown[],
    });
    ends.push(() => socket.terminate());
    socket.on('message', (data) => socket.told.push(JSON.parse(String(data))));
    await once(socket, 'open');
    return socket;
  };
  const until = (is: () => boolean): Promise<void> => vi.waitFor(() => expect(is()).toBe(true), 5000);
  const handed = (socket: { told: unknown[] }) =>
    (socket.told as WireEvent[]).flatMap((event) => (event.is === 'readings' ? event.of : []));

  it('lines of one message come to every screen; what is wrong goes back', async () => {
    const [one, two] = [await opened('/api/wire'), await opened('/api/wire')];
    const feed = await opened('/api/wire/feed');
    feed.send(`${line(1)}\n${line(2)}\nrubbish\n`);
    feed.send(Buffer.from([1, 2, 3]), { binary: true });
    await until(() => handed(one).length === 2 && handed(two).length === 2 && feed.told.length === 2);
    expect(feed.told).toMatchObject([{ is: 'refused', said: expect.stringContaining('JSON') as string }, {}]);
    feed.terminate();
    await until(() => one.told.some((event) => (event as WireEvent).is === 'gone'));
  });
  it('a hundred thousand lines of rubbish break nothing, for nobody', async () => {
    const [screen, rubbish, good] = [
      await opened('/api/wire'),
      await opened('/api/wire/feed'),
      await opened('/api/wire/feed'),
    ];
    const pieces = [
      '{"instrument":"dial","value":',
      '1e999}',
      'null',
      '[[[[',
      '"\\u0000"',
      '\u{1f529}',
      '}}{',
    ];
    for (let i = 0; i < 2000; i++)
      rubbish.send(Array.from({ length: 50 }, (_, k) => pieces[(i * 7 + k * k) % pieces.length]).join('\n'));
    good.send(line(5));
    await until(() => handed(screen).length > 0);
    expect(handed(screen).map(({ value }) => value)).toEqual([5]);
    expect([rubbish.readyState, screen.readyState]).toEqual([WebSocket.OPEN, WebSocket.OPEN]);
    await until(() => rubbish.told.length >= 5);
  });
  it('a screen that sends something is no screen; a message that is too long ends its line', async () => {
    const [screen, feed] = [await opened('/api/wire'), await opened('/api/wire/feed')];
    screen.send('here');
    feed.send('x'.repeat(10_000));
    const [[one], [two]] = await Promise.all([once(screen, 'close'), once(feed, 'close')]);
    expect([one, two]).toEqual([1008, 1009]);
  });
  it('the form of a line is published', async () => {
    const { required } = (await server.send('GET', '/api/schemas/instrument-line.json')).json();
    expect(required).toEqual(['instrument', 'value']);
  });
  it('who has not signed in, or may only look, feeds nothing', async () => {
    const closed = await testServer({ passphrase: 'oil and brass' });
    const at = await addressOf(closed);
    const refused = async (path: string, headers = {}): Promise<number> => {
      const socket = new WebSocket(`ws://${at}${path}`, { headers });
      const [, response] = (await once(socket, 'unexpected-response')) as [unknown, { statusCode: number }];
      return response.statusCode;
    };
    const basic = (word: string) => ({
      authorization: `Basic ${Buffer.from(`b:${word}`).toString('base64')}`,
    });
    try {
      expect(await refused('/api/wire')).toBe(401);
      expect(await refused('/api/wire/feed')).toBe(401);
      const all = basic('oil and brass');
      const looks = { name: 'Looks on', may: 'read', archived: false, passphrase: 'only looking' };
      expect((await closed.send('PUT', '/api/people/LK', looks, all)).statusCode).toBe(200);
      const entered = await closed.send('POST', '/api/session', {
        initials: 'LK',
        passphrase: 'only looking',
      });
      const cookie = { cookie: String(entered.headers['set-cookie']).split(';')[0] as string };
      expect(await refused('/api/wire/feed', cookie)).toBe(403);
      const feed = new WebSocket(`ws://${at}/api/wire/feed`, { headers: all });
      ends.push(() => feed.terminate());
      await once(feed, 'open');
    } finally {
      for (const end of ends.splice(0)) end();
      await closed.close();
    }
  });

  describe('the bridge', () => {
    const options = (say: string[] = []) => ({
      to: `http://${address}`,
      passphrase: null,
      line: wireLines(null),
      say: (text: string) => void say.push(text),
    });
    it('feeds a source over TCP; when that ends its instruments are missed, and it comes again', async () => {
      const sockets: Socket[] = [];
      const source = createServer((socket) => sockets.push(socket));
      source.listen(0, '127.0.0.1');
      await once(source, 'listening');
      const { port } = source.address() as AddressInfo;
      ends.push(() => source.close());
      const screen = await opened('/api/wire');
      const said: string[] = [];
      ends.push(bridge(tcpSource('127.0.0.1', port), options(said)));
      await until(() => sockets.length === 1 && said.some((text) => text.includes('is fed to')));
      sockets[0]!.write(`${line(1)}\n${line(2).slice(0, 9)}`);
      sockets[0]!.write(`${line(2).slice(9)}\nrubbish\n`);
      await until(() => handed(screen).length === 2 && said.some((text) => text.includes('JSON')));
      sockets[0]!.destroy();
      await until(() => screen.told.some((event) => (event as WireEvent).is === 'gone'));
      await until(() => sockets.length === 2);
      await until(() => said.filter((text) => text.includes('is fed to')).length === 2);
      sockets[1]!.write(`${line(3)}\n`);
      await until(() => handed(screen).length === 3);
    });
    it('ends with the standard input, and says so', async () => {
      const screen = await opened('/api/wire');
      const said: string[] = [];
      const input = new Readable({ read: () => undefined });
      const form = { instrument: 'caliper', pattern: '*{value} {unit}', unit: 'mm' as const, pressed: true };
      ends.push(
        bridge(
          { name: 'standard input', open: () => input, once: true },
          { ...options(said), line: wireLines(form) },
        ),
      );
      await until(() => said.some((text) => text.includes('is fed to')));
      input.push('A: 0.5 in\nnothing\n{"instrument":"dial","value":7}\n');
      await until(() => handed(screen).length === 2);
      expect(handed(screen)).toMatchObject([
        { instrument: 'caliper', value: 12.7, pressed: true },
        { instrument: 'dial', value: 7 },
      ]);
      input.push(null);
      await until(() => screen.told.some((event) => (event as WireEvent).is === 'gone'));
      expect(said.at(-1)).toBe('standard input has closed');
    });
    it('where nobody listens it says so and tries again', async () => {
      const said: string[] = [];
      const stop = bridge(tcpSource('127.0.0.1', 1), options(said));
      await until(() => said.some((text) => text.includes('not there')));
      stop();
    });
  });
});
