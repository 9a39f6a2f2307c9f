import { describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { usePreferences } from '../data/stores/preferences';
import type { BarQuestion } from '../data/stores/screen';
import { useInUse } from '../data/wire/inUse';
import { useWire } from '../data/wire/wire';
import { plain, press, useMounted } from '../testkit/mounted';
import { dial, useDialOnTheWire } from './dial.testdata';
import InBar from './InBar.vue';
import { useTaking } from './useTaking';

const { mount, within } = useMounted();
const { now, shows } = useDialOnTheWire();

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
  it('at a button, where there is a figure and one is asked for', () => {
    let ready = true;
    const { taken, takeNow } = taking(() => ready);
    takeNow();
    expect(taken).toEqual([]);
    useWire().take(dial(1.5));
    ready = false;
    takeNow();
    expect(taken).toEqual([]);
    ready = true;
    takeNow();
    expect(taken).toEqual([1.5]);
  });
  it('of the instrument in use, whatever else is on the wire', () => {
    const { taken, resting } = taking();
    useInUse().change({ rest: 1 });
    useWire().take(dial(1.5));
    useWire().take(dial(4, { instrument: 'caliper', pressed: true }));
    expect(taken).toEqual([]);
    shows((t) => t, 0.5);
    shows(() => 0.5, 0.8, 'caliper');
    expect(resting.value).toBe(0);
    expect(taken).toEqual([]);
  });
  it('a key that takes nothing does what it does elsewhere', () => {
    let ready = true;
    taking(() => ready);
    const did = (key: string, on?: EventTarget): string => (strike(key, on) ? 'its own' : 'taken');
    expect(did(' ')).toBe('its own');
    useWire().take(dial(1.5));
    expect(did(' ')).toBe('taken');
    ready = false;
    expect(did(' ')).toBe('its own');
    ready = true;
    for (const with_ of ['ctrlKey', 'metaKey', 'altKey', 'repeat'])
      expect(
        window.dispatchEvent(new KeyboardEvent('keydown', { key: ' ', cancelable: true, [with_]: true })),
      ).toBe(true);
  });
  it('by Enter, which is a press of what the hand is at: not on a button, in a box or in what lies over the page', () => {
    const { taken } = taking();
    useInUse().change({ key: 'Enter' });
    useWire().take(dial(1.5));
    document.body.innerHTML =
      '<button></button><input class="other"><input id="reading"><div class="v-overlay"><p tabindex="0"></p></div><p></p>';
    const at = (place: string): HTMLElement => document.querySelector<HTMLElement>(place)!;
    for (const place of ['button', '.other', '.v-overlay p']) strike('Enter', at(place));
    expect(taken).toEqual([]);
    strike('Enter', at('#reading'));
    strike('Enter', at('body > p'));
    expect(taken).toHaveLength(2);
    // Blanks in the reading bar are nothing typed.
    at('#reading').setAttribute('value', '  ');
    strike('Enter', at('#reading'));
    expect(taken).toHaveLength(3);
  });
  it('is seen coming to rest, as far as it has', () => {
    const { resting } = taking();
    useInUse().change({ rest: 2 });
    shows(() => 0, 0.1);
    shows((t) => t, 0.5);
    shows(() => 0.5, 1);
    expect(resting.value).toBeGreaterThan(0.4);
    expect(resting.value).toBeLessThan(0.6);
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
      useWire().take(dial(at, { instrument: 'readout', own: now() - 500 }));
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
      // On a limit, but for the dust of a sum.
      [1.885 + 1e-9, '✓1.885 mm'],
      [1.879 - 1e-9, '✓1.879 mm'],
      [1.8852, '▲1.885 mm'],
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
