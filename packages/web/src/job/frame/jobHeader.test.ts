import { describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { useLive } from '../../data/live';
import { useOutbox } from '../../data/stores/outbox';
import { usePreferences } from '../../data/stores/preferences';
import { useShop } from '../../data/stores/shop';
import { plain, press } from '../../testkit/mounted';
import { LATHE_ID, shankJob, useOnScreen } from '../../testkit/onScreen';
import JobHeader from './JobHeader.vue';

const screen = useOnScreen();
const show = (): HTMLElement =>
  screen.show(shankJob('attachment', { number: 'J-101', title: 'Milling arbor', quantity: 4 }), JobHeader);
const still = (host: HTMLElement): string => plain(host.querySelector('.still')!.textContent);

describe('the line over a job', () => {
  it('says which job and which piece of how many', () => {
    const host = show();
    expect(plain(host.querySelector('.head')!.textContent)).toMatch(/^J-101\s?Milling arbor\s?piece 1 of 4/);
    expect(host.querySelector('h1')!.title).toBe('Milling arbor');
  });

  it('says what the lathe is still set to: the way’s own device before any other, or nothing', async () => {
    const host = show();
    expect(still(host)).toMatch(/nothing set$/);
    const setting = (device: 'compound' | 'attachment', halfAngle: number) => ({
      device,
      halfAngle,
      at: '2026-11-20T10:00:00.000Z',
      jobId: 'j-0',
      jobNumber: 'J-90',
    });
    const shop = useShop();
    const [lathe] = shop.machines;
    const set = async (...settings: object[]) => {
      shop.machines = [{ ...lathe!, id: LATHE_ID, settings: settings as never }];
      await nextTick();
      return still(host);
    };
    const degree = Math.PI / 180;
    expect(await set(setting('compound', 3 * degree))).toMatch(/compound.* still at 3°.*20 Nov$/i);
    expect(await set(setting('compound', 3 * degree), setting('attachment', 1.5 * degree))).toMatch(
      /bar still at 1° ?30/i,
    );
  });

  it('says who else has it open, each once, and the same hands as another screen', async () => {
    const host = show();
    expect(host.querySelector('.others')).toBeNull();
    usePreferences().operator = 'RK';
    await nextTick();
    useLive().others = ['MT', '', 'RK', 'MT'];
    await nextTick();
    expect(plain(host.querySelector('.others')!.textContent)).toBe(
      'MT, somebody, RK on another screen here too',
    );
  });

  it('has the units of the screen under a thumb', async () => {
    const host = show();
    press(host, 'inch');
    await nextTick();
    expect(usePreferences().units).toBe('inch');
    const pressed = [...host.querySelectorAll('.units button')].map((b) => b.getAttribute('aria-pressed'));
    expect(pressed).toEqual(['false', 'true']);
  });

  it('says that the server is away, how much is kept here, and when it goes', async () => {
    const host = show();
    const outbox = useOutbox();
    const said = (): string => plain(host.querySelector('.away')?.textContent ?? '');
    outbox.away = false;
    outbox.waiting = [];
    await nextTick();
    expect(said()).toBe('');
    const waiting = { method: 'POST', url: '/api/records', body: {} } as const;
    outbox.waiting = [waiting, waiting];
    await nextTick();
    expect(said()).toBe('Sending 2…');
    outbox.away = true;
    await nextTick();
    expect(said()).toMatch(/^Server away, 2 kept here/);
  });
});
