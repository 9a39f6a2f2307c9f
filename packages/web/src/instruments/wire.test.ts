import { describe, expect, it, vi } from 'vitest';
import { Heard } from '../data/wire/heard';
import { useInUse } from '../data/wire/inUse';
import { axisId, useWire } from '../data/wire/wire';
import { useMounted } from '../testkit/mounted';
import { dial, useDialOnTheWire } from './dial.testdata';
import { hasPorts, useOwnPort } from './useOwnPort';

const { within } = useMounted();
const { passes, shows } = useDialOnTheWire();

describe('what an axis has said', () => {
  it('bunched by the wire it keeps the moments of its own clock', () => {
    const one = new Heard();
    for (let i = 0; i < 40; i++)
      one.take({ value: i, own: i * 0.05 }, 100 + Math.ceil((i * 0.05) / 0.25) * 0.25);
    const times = one.track.slice(6).map(({ time }) => time);
    for (let i = 1; i < times.length; i++) expect(times[i]! - times[i - 1]!).toBeCloseTo(0.05, 6);
  });
  it('its clock beginning anew is another stream, and time never goes back', () => {
    const one = new Heard();
    one.take({ value: 1, own: 900 }, 100);
    one.take({ value: 2, own: 901 }, 101);
    expect(one.take({ value: 3, own: 0 }, 102).time).toBeCloseTo(102, 6);
    expect(one.take({ value: 4 }, 101).time).toBeCloseTo(102, 6);
  });
  it('is held for a minute, and no longer than two', () => {
    const one = new Heard();
    for (let i = 0; i < 3000; i++) one.take({ value: i, own: i / 10 }, i / 10);
    expect(one.track.length).toBeGreaterThanOrEqual(600);
    expect(one.track.length).toBeLessThanOrEqual(1201);
    expect(one.since(299).map(({ value }) => value)).toEqual([
      2990, 2991, 2992, 2993, 2994, 2995, 2996, 2997, 2998, 2999,
    ]);
  });
});

describe('the wire', () => {
  it('an instrument that fell silent is gone within a second, and there again with its next reading', () => {
    vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval'] });
    try {
      const wire = useWire();
      shows(() => 1);
      vi.advanceTimersByTime(100);
      expect(wire.axes.get('dial')?.gone).toBe(false);
      passes(0.95);
      vi.advanceTimersByTime(100);
      expect(wire.axes.get('dial')?.gone).toBe(true);
      shows(() => 1, 0.1);
      expect(wire.axes.get('dial')?.gone).toBe(false);
    } finally {
      vi.useRealTimers();
    }
  });
  it('one whose source closed is gone at once, all its axes, and nobody else’s', () => {
    const wire = useWire();
    wire.take(dial(1, { instrument: 'readout', channel: 'x' }));
    wire.take(dial(1, { instrument: 'readout', channel: 'z' }));
    wire.take(dial(1));
    wire.told({ is: 'gone', instruments: ['readout'] });
    expect([...wire.axes.values()].map(({ id, gone }) => [id, gone])).toEqual([
      ['readout x', true],
      ['readout z', true],
      ['dial', false],
    ]);
    expect(axisId({ instrument: 'readout', channel: 'x' })).toBe('readout x');
  });
  it('what only stands there is shown, and is no reading', () => {
    const wire = useWire();
    const heard: number[] = [];
    wire.onReading(({ moment }) => heard.push(moment.value));
    wire.told({ is: 'stand', of: [{ ...dial(3, { pressed: true }), came: 1 }] });
    expect([wire.axes.get('dial')?.last.value, heard]).toEqual([3, []]);
    wire.told({ is: 'gone', instruments: ['dial'] });
    wire.told({ is: 'stand', of: [{ ...dial(9), came: 1 }] });
    expect(wire.axes.get('dial')).toMatchObject({ gone: false, last: { value: 3 } });
    wire.told({ is: 'readings', of: [{ ...dial(4), came: 2 }] });
    expect(heard).toEqual([4]);
  });
});

describe('an instrument in use', () => {
  it('gives the figure its reading stands for, and nothing when it is gone', () => {
    const [wire, inUse] = [useWire(), useInUse()];
    inUse.change({ reading: 'dial' });
    expect(inUse.reading).toBeNull();
    wire.take(dial(5));
    expect(inUse.reading).toBe(5);
    inUse.zeroHere(inUse.axisOf('reading')!);
    inUse.setUse('dial', { against: true, reads: 'double' });
    inUse.setLever('dial', { typed: '60°', value: Math.PI / 3 });
    wire.take(dial(5.4));
    expect(inUse.reading).toBeCloseTo(-0.4, 9);
    inUse.setLever('dial', undefined);
    expect(inUse.reading).toBeCloseTo(-0.8, 9);
    wire.told({ is: 'gone', instruments: ['dial'] });
    expect(inUse.reading).toBeNull();
  });
  it('an angle is no length: it goes as it is', () => {
    const [wire, inUse] = [useWire(), useInUse()];
    inUse.change({ reading: 'dial' });
    inUse.setUse('dial', { reads: 'double' });
    wire.take(dial(7.5, { angle: true }));
    expect(inUse.reading).toBe(7.5);
  });
});

describe('this screen’s own port', () => {
  const port = () => {
    let feed!: ReadableStreamDefaultController<Uint8Array>;
    const given = {
      opened: null as unknown,
      closed: 0,
      readable: new ReadableStream<Uint8Array>({ start: (controller) => void (feed = controller) }),
      open: async (options: unknown) => void (given.opened = options),
      close: async () => void given.closed++,
    };
    vi.stubGlobal('navigator', { serial: { requestPort: async () => given } });
    return {
      given,
      says: (text: string) => feed.enqueue(new TextEncoder().encode(text)),
      ends: () => feed.close(),
    };
  };
  const settled = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 10));

  it('is read by its pattern, and what is no reading is said', async () => {
    expect(hasPorts()).toBe(false);
    const { given, says, ends } = port();
    expect(hasPorts()).toBe(true);
    const { found: own } = within(useOwnPort);
    await own.open({ instrument: 'mine', pattern: '*{value}*', unit: 'in', baudRate: 4800 });
    expect([given.opened, own.isOpen.value]).toEqual([{ baudRate: 4800 }, true]);
    says('  0.5\r\n{"instrument":"other","val');
    says('ue":7}\nrubbish\n');
    await settled();
    const wire = useWire();
    expect(wire.axes.get('mine')?.last.value).toBeCloseTo(12.7, 9);
    expect(wire.axes.get('other')?.last.value).toBe(7);
    expect(own.said.value).toContain('rubbish');
    ends();
    await settled();
    expect([given.closed, own.isOpen.value, wire.axes.get('mine')?.gone]).toEqual([1, false, true]);
  });
  it('a pattern that cannot be read opens nothing', async () => {
    const { given } = port();
    const { found: own } = within(useOwnPort);
    await expect(own.open({ instrument: 'mine', pattern: 'mm', unit: 'mm', baudRate: 9600 })).rejects.toThrow(
      'pattern',
    );
    expect(given.opened).toBeNull();
  });
});
