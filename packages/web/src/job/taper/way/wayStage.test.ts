import { describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { useScreen } from '../../../data/stores/screen';
import { useShop } from '../../../data/stores/shop';
import { ServerAway } from '../../../data/api';
import { plain, press } from '../../../testkit/mounted';
import { newWork } from '@anello/contract';
import { shankJob, shankWork, useOnScreen } from '../../../testkit/onScreen';
import WayStage from './WayStage.vue';

const screen = useOnScreen();
const open = (way: Parameters<typeof shankJob>[0] | null, more = {}) => {
  const document = shankJob(way ?? 'compound', more);
  return screen.show(way ? document : { ...document, work: {} }, WayStage);
};
const card = (host: HTMLElement, title: string): HTMLElement => {
  const found = [...host.querySelectorAll<HTMLElement>('article')].find((one) =>
    plain(one.querySelector('h2')?.textContent ?? '').startsWith(title),
  );
  if (!found) throw new Error(`There is no card ${title}.`);
  return found;
};

describe('choosing the way', () => {
  it('recommends one with its reason, and takes it with the half angle it was chosen for', async () => {
    const host = open(null);
    expect(plain(host.textContent)).toContain('Taper attachment: Power feed over');
    expect(plain(card(host, 'Taper attachment').textContent)).toContain('recommended');
    expect(useScreen().bar).toMatchObject({ asks: 'nothing', label: 'Take the recommended way' });
    await useScreen().bar!.empty!.run();
    await nextTick();
    expect(shankWork().way).toMatchObject({ id: 'attachment', machineId: 'long-lathe' });
    expect(shankWork().way!.halfAngle).toBeCloseTo(Math.atan(1 / 19.922 / 2), 9);
    expect(useScreen().bar).toMatchObject({ label: 'The way is chosen', empty: { label: 'On to Set' } });
    await useScreen().bar!.empty!.run();
    expect(screen.went).toEqual(['/job/j-1/set']);
  });
  it('another can be chosen, and the change taken back', async () => {
    const host = open('attachment');
    press(card(host, 'Compound slide'), /Choose|Use|Take/);
    await nextTick();
    expect(shankWork().way?.id).toBe('compound');
    expect(useScreen().undoable?.text).toBe('Way changed.');
    useScreen().undoable!.run();
    await nextTick();
    expect(shankWork().way?.id).toBe('attachment');
  });
  it('what cannot work here stands apart, with why', () => {
    const host = open('attachment');
    expect(plain(host.textContent)).toContain('A reamer cuts bores; this cone is outside.');
    expect([...host.querySelectorAll('article h2')].map((h) => plain(h.textContent))).not.toContain(
      'Taper reamer after boring',
    );
  });
  it('a part changed since asks to be chosen again, with both angles', async () => {
    const host = open('attachment', {
      work: {
        t: { ...newWork('taper'), way: { id: 'attachment', machineId: 'long-lathe', halfAngle: 0.03 } },
      },
    });
    expect(plain(host.textContent)).toContain('Choose again: the half angle was');
    expect(useScreen().bar).toMatchObject({ label: 'Take the recommended way' });
  });
  it('shows across the shop what the way is set to', () => {
    open('tailstock');
    expect(useScreen().across).toMatchObject({ step: ['Tailstock set over'], label: 'Set over by' });
  });
  it('minutes that cannot be kept are said, and the page goes on', async () => {
    const host = open('attachment');
    vi.spyOn(useShop(), 'change').mockRejectedValue(new ServerAway('gone'));
    const way = card(host, 'Compound slide');
    press(way, /min/);
    await nextTick();
    const box = way.querySelector('input')!;
    box.value = '45';
    box.dispatchEvent(new Event('input', { bubbles: true }));
    box.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
    way.querySelector('form')?.dispatchEvent(new Event('submit', { cancelable: true }));
    await new Promise((resolve) => setTimeout(resolve));
    await nextTick();
    expect(useShop().change).toHaveBeenCalledTimes(1);
    expect(plain(host.textContent)).toContain('The minutes could not be kept just now.');
  });
  it('a part without a taper has none to choose', () => {
    const host = screen.show({ features: [] }, WayStage);
    expect(plain(host.textContent)).toContain('No taper on this part');
  });
});
