import { describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { routerKey } from 'vue-router';
import { useKit } from '../../data/stores/kit';
import { ledTo } from '../../testkit/ledTo';
import { fill, plain, useMounted } from '../../testkit/mounted';
import TapersPlace from './TapersPlace.vue';

const { mount } = useMounted();
function open(props: { series?: string; size?: string } = {}): HTMLElement {
  useKit().loaded = true;
  return mount(TapersPlace, props, [[routerKey, ledTo([])]] as never);
}
const groups = (host: HTMLElement): string[] =>
  [...host.querySelectorAll('.list h2')].map((one) => plain(one.firstChild!.textContent));
const on = (host: HTMLElement): (string | null)[] =>
  [...host.querySelectorAll('.size.on')].map((one) => one.getAttribute('aria-label'));
const find = async (host: HTMLElement, asked: string): Promise<void> => {
  fill(host, 'Find', asked);
  await nextTick();
};

describe('the tables of tapers', () => {
  it('stand open at a size one begins with, or at the one of the address', () => {
    expect(on(open())).toEqual(['No. 3 Morse']);
    expect(on(open({ series: 'steep', size: '40' }))).toEqual([expect.stringContaining('40')]);
    const host = open({ series: 'steep', size: '41' });
    expect(on(host)).toEqual([]);
    expect(plain(host.textContent)).toContain('There is no such taper in the tables');
  });
  it('show what was asked for, the likeliest table first; near ones are said to be near, and none is said', async () => {
    const host = open();
    const all = groups(host).length;
    await find(host, 'mt4');
    expect(groups(host).length).toBeLessThan(all);
    expect([...host.querySelectorAll('.size')].map((one) => one.getAttribute('aria-label'))).toContain(
      'No. 4 Morse',
    );
    await find(host, 'no such cone at all');
    expect(plain(host.textContent)).toMatch(/No taper in the tables matches that|these are near/);
    await find(host, '');
    expect(groups(host)).toHaveLength(all);
  });
});
