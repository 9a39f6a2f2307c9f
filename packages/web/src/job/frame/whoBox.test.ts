import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { usePreferences } from '../../data/stores/preferences';
import { plain, useMounted } from '../../testkit/mounted';
import WhoBox from './WhoBox.vue';

const { mount } = useMounted();
const asked: string[] = [];
beforeEach(() => {
  asked.length = 0;
  vi.stubGlobal('fetch', async (url: string) => {
    asked.push(url);
    const operators = ['MT', 'RK', 'DO'].map((initials) => ({ initials, seen: '2026-11-20T10:00:00.000Z' }));
    const person = (initials: string, name: string, archived = false) => ({
      initials,
      name,
      archived,
      may: 'write',
      ownPassphrase: false,
    });
    const people = [person('HV', 'Hanna Vale'), person('RK', 'Rosa Keel'), person('DO', 'Dan Orr', true)];
    return new Response(JSON.stringify(url === '/api/people' ? { people } : { operators }), {
      headers: { 'content-type': 'application/json' },
    });
  });
});
afterEach(() => vi.unstubAllGlobals());
const settled = async () => {
  for (let i = 0; i < 6; i++) await new Promise((resolve) => setTimeout(resolve, 0));
  await nextTick();
};
const buttons = (host: HTMLElement): string[] =>
  [...host.querySelectorAll('button')].map((b) => plain(b.textContent));

describe('whose hands are at the lathe', () => {
  it('is asked once of a screen that does not know, and why is said', async () => {
    const host = mount(WhoBox);
    await settled();
    expect(plain(host.textContent)).toContain('Whose hands?');
    // Those with a name first; who has left is not among them, though their initials stand in the book.
    expect(buttons(host)).toEqual(['HV Hanna Vale', 'RK Rosa Keel', 'MT', 'Not now']);
    [...host.querySelectorAll('button')].at(-1)!.click();
    await settled();
    expect(buttons(host)).toEqual([]);
    const again = mount(WhoBox);
    await settled();
    expect(plain(again.textContent)).not.toContain('Whose hands?');
  });
  it('is picked from those the shop knows, without those already there', async () => {
    usePreferences().operator = 'RK';
    const host = mount(WhoBox);
    await settled();
    expect(asked).toEqual([]);
    host.querySelector('input')!.dispatchEvent(new FocusEvent('focus'));
    await settled();
    expect(buttons(host)).toEqual(['HV Hanna Vale', 'MT']);
    [...host.querySelectorAll('button')].at(-1)!.click();
    await settled();
    expect(usePreferences().operator).toBe('MT');
    expect(buttons(host)).toEqual([]);
  });
  it('is typed while the server is away', async () => {
    vi.stubGlobal('fetch', async () => {
      throw new TypeError('refused');
    });
    const host = mount(WhoBox);
    await settled();
    expect(buttons(host)).toEqual(['Not now']);
    const input = host.querySelector('input')!;
    input.value = 'AB';
    input.dispatchEvent(new Event('input'));
    await settled();
    expect(usePreferences().operator).toBe('AB');
  });
});
