import { AnelloError } from '@anello/core/basics';
import { length } from '@anello/core/figure';
import { parseQuantity, type ParsedQuantity } from '@anello/core/quantity';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { usePreferences } from '../../data/stores/preferences';
import { useScreen, type BarQuestion, type BarRequest } from '../../data/stores/screen';
import { plain, useMounted } from '../../testkit/mounted';
import ReadingBar from './ReadingBar.vue';

const { mount } = useMounted();

describe('the reading bar', () => {
  const kept: [ParsedQuantity, string][] = [];
  const ask = (over: Partial<BarQuestion> = {}): BarRequest => ({
    asks: 'figure',
    key: 'k1',
    label: 'Reading at 75 mm',
    dimension: 'length',
    defaultUnit: 'mm',
    hint: 'Type it any way',
    judge: (value) => ({ phrase: [length(value - 1.882, 0.001, { signed: true })], tone: 'warn' }),
    keep: (parsed, text) => void kept.push([parsed, text]),
    ...over,
  });
  const type = async (host: HTMLElement, text: string): Promise<HTMLInputElement> => {
    const input = host.querySelector('input') as HTMLInputElement;
    input.value = text;
    input.dispatchEvent(new Event('input'));
    await nextTick();
    return input;
  };
  const strike = async (host: HTMLElement): Promise<void> => {
    host.querySelector('form')!.dispatchEvent(new Event('submit', { cancelable: true }));
    await nextTick();
    await nextTick();
  };
  const remark = (host: HTMLElement): string => plain(host.querySelector('#reading-remark')!.textContent);
  beforeEach(() => kept.splice(0));

  it('says the deviation as it is typed, and keeps the figure with its text', async () => {
    useScreen().bar = ask();
    const host = mount(ReadingBar);
    await type(host, '74.1 thou');
    expect(remark(host)).toBe('0.000 mm');
    await type(host, '1.893');
    expect(remark(host)).toBe('+0.011 mm');
    await strike(host);
    expect(kept.map(([parsed, text]) => [parsed.value, text])).toEqual([[1.893, '1.893']]);
    expect((host.querySelector('input') as HTMLInputElement).value).toBe('');
  });

  it('refuses what it cannot read, in words, and leaves it there', async () => {
    useScreen().bar = ask();
    const host = mount(ReadingBar);
    const input = await type(host, '1,250');
    expect(remark(host)).toContain('could be 1.250 or 1250');
    await strike(host);
    expect([kept.length, input.value]).toEqual([0, '1,250']);
  });

  it('what cannot be is said as it is typed, in the units of the screen, and is not kept', async () => {
    const judge = (): never => {
      throw new AnelloError('impossible', 'dialTo', ['With ', length(25.4, 0.1), ' on.']);
    };
    useScreen().bar = ask({ judge });
    usePreferences().units = 'inch';
    const host = mount(ReadingBar);
    const input = await type(host, '1.893');
    expect([remark(host), input.getAttribute('aria-invalid')]).toEqual(['With 1.000 in on.', 'true']);
    await strike(host);
    expect([kept.length, input.value]).toEqual([0, '1.893']);
    useScreen().bar = ask();
    await nextTick();
    expect(input.getAttribute('aria-invalid')).toBe('false');
  });

  it('keeps half-typed text with its own question', async () => {
    const screen = useScreen();
    screen.bar = ask();
    const host = mount(ReadingBar);
    await type(host, '1.8');
    screen.bar = ask({ key: 'k2', label: 'Reading at 50 mm' });
    await nextTick();
    expect((host.querySelector('input') as HTMLInputElement).value).toBe('');
    screen.bar = ask();
    await nextTick();
    expect((host.querySelector('input') as HTMLInputElement).value).toBe('1.8');
  });

  it('gives the text back when keeping fails, and says why', async () => {
    useScreen().bar = ask({ keep: () => Promise.reject(new Error('The browser’s store is full.')) });
    const host = mount(ReadingBar);
    const input = await type(host, '1.893');
    await strike(host);
    await vi.waitFor(() => expect(remark(host)).toContain('store is full'));
    expect(input.value).toBe('1.893');
  });

  it('says why something is refused in the units of the screen', async () => {
    const refused = new AnelloError('impossible', 'seen', ['Longer than ', length(25.4, 0.1), '.']);
    useScreen().bar = ask({ keep: () => Promise.reject(refused) });
    const host = mount(ReadingBar);
    usePreferences().units = 'inch';
    await type(host, '1.893');
    await strike(host);
    await vi.waitFor(() => expect(remark(host)).toBe('Longer than 1.000 in.'));
  });

  it('does what is offered once, however often Enter is struck meanwhile', async () => {
    let finish = (): void => undefined;
    const run = vi.fn(() => new Promise<void>((resolve) => (finish = resolve)));
    useScreen().bar = {
      asks: 'nothing',
      key: 'k1',
      label: 'All read',
      hint: '',
      empty: { label: 'Cut it', run },
    };
    const host = mount(ReadingBar);
    await strike(host);
    await strike(host);
    expect(run).toHaveBeenCalledTimes(1);
    finish();
    await new Promise((resolve) => setTimeout(resolve));
    await strike(host);
    expect(run).toHaveBeenCalledTimes(2);
  });

  it('does the next of several alike while the one before it is still being kept', async () => {
    const run = vi.fn(() => new Promise<void>(() => undefined));
    const offer = (turn: number): BarRequest => ({
      asks: 'nothing',
      key: 'k1',
      label: 'Dial now',
      hint: '',
      empty: { label: 'Cut it', turn, run },
    });
    useScreen().bar = offer(3);
    const host = mount(ReadingBar);
    await strike(host);
    await strike(host);
    expect(run).toHaveBeenCalledTimes(1);
    useScreen().bar = offer(4);
    await nextTick();
    await strike(host);
    expect(run).toHaveBeenCalledTimes(2);
  });

  it('takes a key held down, and the second tap of two, for no press of their own', () => {
    useScreen().bar = ask({ empty: { label: 'Cut it', run: () => undefined } });
    const host = mount(ReadingBar);
    const stopped = (at: string, event: Event): boolean => !host.querySelector(at)!.dispatchEvent(event);
    const enter = (repeat: boolean) =>
      new KeyboardEvent('keydown', { key: 'Enter', repeat, bubbles: true, cancelable: true });
    const tap = (detail: number) => new MouseEvent('click', { detail, bubbles: true, cancelable: true });
    expect([stopped('#reading', enter(false)), stopped('#reading', enter(true))]).toEqual([false, true]);
    expect([1, 2, 3].map((detail) => stopped('button.keep', tap(detail)))).toEqual([false, true, true]);
    // Pressed by a key, a button has no taps to count.
    expect(stopped('button.keep', tap(0))).toBe(false);
  });

  it('takes a figure handed over from the quick line, in any units', async () => {
    const screen = useScreen();
    screen.bar = ask();
    const host = mount(ReadingBar);
    screen.handed = { text: '0.0803 mm' };
    await nextTick();
    expect((host.querySelector('input') as HTMLInputElement).value).toBe('0.0803 mm');
    expect(parseQuantity({ text: '0.0803 mm', dimension: 'length', defaultUnit: 'in' }).value).toBe(0.0803);
    expect(screen.handed).toBeNull();
  });
});
