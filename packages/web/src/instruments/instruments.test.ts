// @vitest-environment jsdom
import type { WireReading } from '@anello/contract';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { usePreferences } from '../data/stores/preferences';
import type { BarQuestion } from '../data/stores/screen';
import { Heard } from '../data/wire/heard';
import { useInUse } from '../data/wire/inUse';
import { axisId, useWire } from '../data/wire/wire';
import { plain, press, useMounted } from '../testkit/mounted';
import { figureText } from './figureText';
import InBar from './InBar.vue';
import { hasPorts, useOwnPort } from './useOwnPort';
import { shownBy } from './shown';
import { useTaking } from './useTaking';
import { useWedge } from './useWedge';

const { mount, within } = useMounted();
/** This page's clock, s. */
let clock = 0;
beforeEach(() => {
  clock = 1000;
  vi.spyOn(performance, 'now').mockImplementation(() => clock * 1000);
  vi.stubGlobal(
    'WebSocket',
    class {
      close = (): void => undefined;
    },
  );
});
const dial = (value: number, more: Partial<WireReading> = {}): WireReading => ({
  instrument: 'dial',
  channel: '',
  value,
  angle: false,
  ...more,
});
/** The dial shows something for a while, thirty times a second. */
const shows = (value: (t: number) => number, seconds = 1, instrument = 'dial'): void => {
  for (let i = 0; i < 30 * seconds; i++) {
    clock += 1 / 30;
    useWire().take(dial(value(i / 30), { instrument, own: clock - 500 }));
  }
};

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
      clock += 0.95;
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

describe('taking a figure', () => {
  const taking = (ready = () => true) => {
    const taken: number[] = [];
    useInUse().change({ reading: 'dial' });
    const { found } = within(() => useTaking(ready, (figure) => taken.push(figure)));
    return { taken, ...found };
  };
  const strike = (key: string, on: EventTarget = window): boolean =>
    on.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));

  it('at the press of its own key', () => {
    const { taken } = taking();
    useWire().take(dial(1.5));
    useWire().take(dial(1.7, { pressed: true }));
    expect(taken).toEqual([1.7]);
  });
  it('by the key or the foot switch, not while it means something else, and not when nothing is asked for', () => {
    let ready = true;
    const { taken } = taking(() => ready);
    useWire().take(dial(1.5));
    const box = Object.assign(document.createElement('input'), { id: 'reading' });
    const button = document.createElement('button');
    document.body.append(box, button);
    strike(' ');
    strike(' ', box);
    expect(taken).toHaveLength(2);
    box.value = '1 1/2';
    strike(' ', box);
    strike(' ', button);
    strike('t');
    expect(taken).toHaveLength(2);
    useInUse().change({ key: 'PageDown' });
    strike(' ');
    strike('PageDown', button);
    strike('PageDown', box);
    expect(taken).toHaveLength(4);
    ready = false;
    strike('PageDown');
    useWire().told({ is: 'gone', instruments: ['dial'] });
    ready = true;
    strike('PageDown');
    expect(taken).toHaveLength(4);
  });
  it('by itself once it rests somewhere else, once for each place', () => {
    const { taken, resting } = taking();
    useInUse().change({ rest: 1 });
    shows(() => 0, 3);
    expect(taken).toEqual([]);
    shows((t) => t, 0.5);
    shows(() => 0.5, 0.8);
    expect(taken).toEqual([]);
    expect(resting.value).toBeGreaterThan(0.5);
    shows((t) => 0.5 + 0.001 * Math.sin(50 * t), 0.5);
    expect(taken).toHaveLength(1);
    expect(taken[0]).toBeCloseTo(0.5, 3);
    shows(() => 0.5, 4);
    expect(taken).toHaveLength(1);
    shows((t) => 0.5 + 0.1 * t, 0.5);
    shows(() => 0.55, 1.5);
    expect(taken).toHaveLength(2);
  });
  it('along a level master, once the travel has moved', () => {
    const { taken } = taking();
    useInUse().change({ rest: 0.5, travel: 'readout' });
    const stands = (at: number): void => {
      useWire().take(dial(at, { instrument: 'readout', own: clock - 500 }));
      shows(() => 0.2);
    };
    stands(0);
    expect(taken).toEqual([]);
    stands(25);
    stands(25);
    stands(50);
    expect(taken).toHaveLength(2);
  });
});

describe('an instrument that types like a keyboard', () => {
  const wedge = (ready = true) => {
    const taken: string[] = [];
    const keys: string[] = [];
    window.addEventListener('keydown', ({ key }) => keys.push(key), { signal: ends.signal });
    within(() =>
      useWedge(
        () => ready,
        (text) => taken.push(text),
      ),
    );
    return { taken, keys };
  };
  let ends = new AbortController();
  beforeEach(() => {
    ends.abort();
    ends = new AbortController();
    vi.useFakeTimers();
  });
  afterEach(() => void vi.useRealTimers());
  let at = 0;
  /** Struck one after the other, so many ms apart. */
  const strike = (text: string, apart: number, on: EventTarget = document.body): void => {
    for (const key of [...text, 'Enter']) {
      at += apart;
      vi.advanceTimersByTime(apart);
      const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true });
      Object.defineProperty(event, 'timeStamp', { value: at });
      on.dispatchEvent(event);
    }
    vi.advanceTimersByTime(500);
  };

  it('is taken whole, and none of its digits does what it would as a key', () => {
    const { taken, keys } = wedge();
    strike('12.345', 4);
    strike('-0.5 mm', 20);
    expect([taken, keys]).toEqual([['12.345', '-0.5 mm'], []]);
  });
  it('a hand is slower: its keys do what they do', () => {
    const { taken, keys } = wedge();
    strike('12', 120);
    strike('z', 4);
    strike('4', 4);
    strike('3r', 4);
    expect([taken, keys]).toEqual([[], [...'12', 'Enter', 'z', 'Enter', '4', 'Enter', ...'3r', 'Enter']]);
  });
  it('in a box it is typed there; where nothing is asked for it is let go', () => {
    const { taken, keys } = wedge(false);
    const box = document.createElement('input');
    document.body.append(box);
    strike('7', 4, box);
    expect(keys).toEqual(['7', 'Enter']);
    strike('8.5', 4);
    expect([taken, keys.length]).toEqual([[], 2]);
  });
});

describe('a figure as it is taken', () => {
  it.each([
    [1.9, false, 'mm', '1.900 mm'],
    [1.89312, false, 'mm', '1.8931 mm'],
    [-0.00001, false, 'mm', '0.000 mm'],
    [25.4, false, 'inch', '1.0000 in'],
    [7.25, true, 'mm', '7.250°'],
  ] as const)('%s is %s', (value, angle, units, text) => expect(figureText(value, angle, units)).toBe(text));
});

describe('a figure as it is shown', () => {
  it.each([
    [1.9, false, 'mm', '1.900\u00a0mm'],
    [25.4, false, 'inch', '1.00000\u00a0in'],
    [7.256, true, 'mm', '7.26°'],
  ] as const)('%s is %s', (value, angle, units, text) => expect(shownBy({ angle }, value, units)).toBe(text));
});

describe('in the reading bar', () => {
  const question = (more: Partial<BarQuestion> = {}): BarQuestion => ({
    asks: 'figure',
    key: 'k',
    label: 'Reading at 75 mm',
    hint: '',
    dimension: 'length',
    defaultUnit: 'mm',
    keep: () => undefined,
    ...more,
  });
  const shown = (more: object = {}) => {
    const taken: string[] = [];
    useInUse().change({ reading: 'dial', tick: false });
    const host = mount(InBar, {
      question: question({ band: { low: 1.879, high: 1.885 } }),
      empty: true,
      onTake: (text: string) => taken.push(text),
      ...more,
    });
    return { host, taken };
  };
  const value = (host: HTMLElement): string => plain(host.querySelector('.value')?.textContent ?? null);

  it('shows which side of the band it is on, in shape and colour, and is taken at a press', async () => {
    const { host, taken } = shown();
    expect(host.querySelector('.take')).toBeNull();
    for (const [seen, text] of [
      [1.9, '▲1.900 mm'],
      [1.8, '▼1.800 mm'],
      [1.882, '✓1.882 mm'],
    ] as const) {
      useWire().take(dial(seen));
      await nextTick();
      expect(value(host)).toBe(text);
    }
    expect(host.querySelector('.take')!.className).toContain('good');
    press(host, 'Take 1.882 mm from dial');
    expect(taken).toEqual(['1.882 mm']);
    usePreferences().units = 'inch';
    await nextTick();
    expect(value(host)).toBe('✓0.07409 in');
  });
  it('does not take a length for an angle, nor over what is typed', async () => {
    const { host } = shown({ question: question({ dimension: 'angle' }) });
    useWire().take(dial(1));
    await nextTick();
    expect(host.querySelector<HTMLButtonElement>('.take')!.disabled).toBe(true);
    const { host: other } = shown({ empty: false });
    await nextTick();
    expect(other.querySelector<HTMLButtonElement>('.take')!.disabled).toBe(true);
  });
  it('says when the instrument is lost', async () => {
    const { host } = shown();
    useWire().take(dial(1));
    useWire().told({ is: 'gone', instruments: ['dial'] });
    await nextTick();
    expect(plain(host.querySelector('[role=status]')!.textContent)).toBe('△ dial is silent: type it');
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
