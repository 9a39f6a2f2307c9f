import { describe, expect, it } from 'vitest';
import { h, nextTick, type SetupContext } from 'vue';
import { usePreferences } from '../data/stores/preferences';
import { useScreen } from '../data/stores/screen';
import { plain, press, useMounted } from '../testkit/mounted';
import QuickSum from './QuickSum.vue';

const { mount } = useMounted();
const VDialog = (_props: object, { slots }: Pick<SetupContext, 'slots'>) => h('div', slots['default']?.());
const text = (host: HTMLElement): string => plain(host.textContent);
function open(): { host: HTMLElement; type(asked: string): Promise<void>; key(key: string): Promise<void> } {
  const host = mount(QuickSum, {}, undefined, { VDialog });
  const box = () => host.querySelector<HTMLInputElement>('#quick')!;
  return {
    host,
    async type(asked) {
      box().value = asked;
      box().dispatchEvent(new Event('input', { bubbles: true }));
      await nextTick();
    },
    async key(key) {
      box().dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
      await nextTick();
    },
  };
}
const send = (host: HTMLElement): boolean =>
  host.querySelector('form')!.dispatchEvent(new Event('submit', { cancelable: true }));

describe('a quick sum', () => {
  it('answers as it is typed, in the units of the screen, and says what it cannot read', async () => {
    const { host, type } = open();
    await type('1 in + 2 mm');
    expect(text(host)).toContain('comes to27.4000 mm');
    usePreferences().units = 'inch';
    await nextTick();
    expect(text(host)).toContain('comes to1.078740 in');
    await type('1 +');
    expect(host.querySelector('.error')!.textContent).not.toBe('');
    expect(text(host)).not.toContain('1.07874');
  });
  it('an example begins it, and the first of what a word could become is taken by Tab', async () => {
    const { host, type, key } = open();
    press(host, /^stack/);
    await nextTick();
    expect(host.querySelector<HTMLInputElement>('#quick')!.value).toBe('stack 34.562 mm');
    await type('sta');
    await key('Tab');
    expect(host.querySelector<HTMLInputElement>('#quick')!.value).toMatch(/^sta\w+/);
  });
  it('its answer goes into the reading bar that asks for a length, in full; the line that is picked by the arrows', async () => {
    const { host, type, key } = open();
    await type('stack 34.562 mm');
    expect(host.querySelector('.lines .on')).toBe(host.querySelector('.lines .first'));
    await key('ArrowDown');
    const picked = plain(host.querySelector('.lines .on')!.textContent);
    expect(host.querySelector('.lines .on')).not.toBe(host.querySelector('.lines .first'));
    const screen = useScreen();
    const ask = {
      asks: 'figure',
      dimension: 'length',
      defaultUnit: 'mm',
      key: 'k',
      label: 'Dial now',
      hint: '',
    } as const;
    screen.bar = { ...ask, keep: () => Promise.resolve() } as never;
    screen.quickOpen = true;
    await nextTick();
    expect(text(host)).toContain('Into the reading bar');
    send(host);
    expect(screen.quickOpen).toBe(false);
    expect(picked).toContain(screen.handed!.text.split(' ')[0]);
  });
  it('nothing is sent of what has no answer', async () => {
    const { host, type } = open();
    await type('1 +');
    send(host);
    expect(useScreen().handed).toBeNull();
  });
});
