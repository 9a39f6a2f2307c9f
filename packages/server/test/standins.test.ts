import { readWireLine } from '@anello/contract';
import { connect, type Socket } from 'node:net';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { pressedIn, scriptSchema, shownAt } from '../src/standins/script';
import { SHIPPED } from '../src/standins/scripts';
import { StandIn } from '../src/standins/standIn';

const axis = (more: object) => scriptSchema.parse({ channels: { '': more } }).channels['']!;

describe('what a stand-in shows', () => {
  it('goes straight from moment to moment, and stays at the last', () => {
    const one = axis({
      path: [
        [0, 1],
        [2, 5],
        [2, 9],
        [4, 9],
      ],
    });
    expect([-1, 0, 1, 2, 3, 99].map((t) => shownAt(one, t))).toEqual([1, 1, 3, 5, 9, 9]);
  });
  it('or begins again', () => {
    const one = axis({
      path: [
        [0, 0],
        [4, 8],
      ],
      again: true,
    });
    expect([1, 5, 41].map((t) => shownAt(one, t))).toEqual([2, 2, 2]);
  });
  it('a key is pressed once at each of its moments, however time is cut', () => {
    const one = axis({
      path: [
        [1, 7],
        [3, 8],
      ],
      again: true,
      pressed: true,
    });
    const cut = Array.from({ length: 100 }, (_, i) => pressedIn(one, i / 10, (i + 1) / 10)).flat();
    expect(cut).toEqual([
      [1, 7],
      [3, 8],
      [4, 7],
      [6, 8],
      [7, 7],
      [9, 8],
      [10, 7],
    ]);
  });
  it.each([
    { channels: { '': { path: [] } } },
    { rate: 0, channels: {} },
    { channels: { '': { path: [[0, 1e9]] } } },
    5,
  ])('no script: %j', (script) => expect(scriptSchema.safeParse(script).success).toBe(false));
  it('those that ship are scripts', () => {
    expect(Object.keys(SHIPPED)).toEqual(['indicator', 'spindle', 'readout', 'micrometer']);
    // A turn ends where it began.
    const turn = SHIPPED.spindle!.channels['']!;
    expect(shownAt(turn, 28)).toBeCloseTo(shownAt(turn, 0), 9);
    const { channels } = SHIPPED.indicator!;
    expect(shownAt(channels['']!, 16)).toBeCloseTo(2.032, 6);
  });
});

describe('a stand-in over TCP', () => {
  let standIn: StandIn | null = null;
  const sockets: Socket[] = [];
  afterEach(() => {
    for (const socket of sockets.splice(0)) socket.destroy();
    standIn?.close();
  });
  it('speaks the protocol, and plays what it is told', async () => {
    standIn = new StandIn(
      'dial',
      scriptSchema.parse({ rate: 100, channels: { z: { path: [[0, 4]], noise: 0.001 } } }),
    );
    const port = await standIn.listen(0);
    const socket = connect(port, '127.0.0.1');
    sockets.push(socket);
    let text = '';
    socket.on('data', (piece) => (text += String(piece)));
    const last = () => readWireLine(text.trim().split('\n').at(-1) ?? '');
    const shows = (value: number): Promise<void> =>
      vi.waitFor(() => {
        const read = last();
        expect('reading' in read && Math.abs(read.reading.value - value) < 0.01).toBe(true);
      }, 5000);
    await shows(4);
    expect(last()).toMatchObject({ reading: { instrument: 'dial', channel: 'z', angle: false } });
    const before = (last() as { reading: { own: number } }).reading.own;
    socket.write(`${JSON.stringify({ rate: 50, channels: { z: { path: [[0, 9]] } } })}\nno script\n`);
    await shows(9);
    expect((last() as { reading: { own: number } }).reading.own).toBeGreaterThan(before);
    await vi.waitFor(() => expect(text).toContain('That is no script'), 5000);
  });
});
