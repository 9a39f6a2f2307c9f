import type { MachineRow } from '@anello/contract';
import { describe, expect, it, vi } from 'vitest';
import { h, nextTick, ref } from 'vue';
import { routerKey } from 'vue-router';
import { LONG_LATHE } from '../../../../contract/src/machine/machines.testdata';
import { useScreen } from '../../data/stores/screen';
import { useShop } from '../../data/stores/shop';
import { ledTo } from '../../testkit/ledTo';
import { answering, refusing, type Answer } from '../../testkit/answers';
import { fill, plain, press, useMounted } from '../../testkit/mounted';
import MachinePlace from './MachinePlace.vue';

const { mount } = useMounted();
const lathe: MachineRow = { id: 'long-lathe', version: 1, document: LONG_LATHE, settings: [] };
const settled = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 15));

async function shown(post: () => Answer) {
  const went: string[] = [];
  const { asked } = answering(({ method, url }) => {
    if (method !== 'GET') return post();
    return url === '/api/machines' ? { body: { machines: [lathe] } } : { status: 404, body: {} };
  });
  useShop().machines = [lathe];
  const host = mount(MachinePlace, { id: 'long-lathe' }, [[routerKey, ledTo(went)]]);
  await settled();
  const sent = () => asked.filter(({ method }) => method !== 'GET');
  return { host, went, sent };
}

describe('a lathe copied', () => {
  it('is another one, once, however often it is pressed', async () => {
    const { host, went, sent } = await shown(() => ({ body: {} }));
    press(host, 'Copy this lathe');
    press(host, 'Copy this lathe');
    await vi.waitFor(() => expect(went).toHaveLength(1));
    expect(sent()).toHaveLength(1);
    const { id, document } = sent()[0]!.body as MachineRow;
    expect(document.name).toBe(`${LONG_LATHE.name} (copy)`);
    expect(went).toEqual([`/machines/${id}`]);
  });
  it('while the server is away, or refuses it, says so where it was pressed', async () => {
    const away = await shown(() => 'away');
    press(away.host, 'Copy this lathe');
    await vi.waitFor(() =>
      expect(plain(away.host.querySelector('header')!.textContent)).toContain('nothing was copied'),
    );
    expect(away.went).toEqual([]);
    const refused = await shown(() => refusing('name', 'Another lathe has this name.'));
    press(refused.host, 'Copy this lathe');
    await vi.waitFor(() =>
      expect(plain(refused.host.querySelector('header')!.textContent)).toContain(
        'Another lathe has this name.',
      ),
    );
  });
  it('put away while the server is away stays in use, and says why', async () => {
    const { host } = await shown(() => 'away');
    press(host, 'Put away');
    await vi.waitFor(() =>
      expect(plain(host.querySelector('header')!.textContent)).toContain('The server is away.'),
    );
    expect(plain(host.querySelector('header')!.textContent)).toContain('Put away');
  });
});

describe('what is typed into a lathe’s form', () => {
  const boxOf = (host: HTMLElement): string =>
    [...host.querySelectorAll('label')]
      .find((one) => plain(one.textContent).startsWith('Between centres'))!
      .querySelector('input')!.value;
  const footOf = (host: HTMLElement): string => plain(host.querySelector('form [role=status]')!.textContent);
  const usual = plain(LONG_LATHE.centreDistance.typed);

  it('stands there when the page is come back to, said not to be saved, until it is', async () => {
    const first = await shown(() => ({ body: {} }));
    expect(footOf(first.host)).toBe('');
    fill(first.host, 'Between centres', '777 mm');
    await nextTick();
    expect(footOf(first.host)).toBe('Not saved yet.');
    const { host, sent } = await shown(() => ({ body: {} }));
    expect(boxOf(host)).toBe('777 mm');
    expect(footOf(host)).toMatch(/it is not saved/);
    press(host, 'Save');
    await vi.waitFor(() => expect(footOf(host)).toMatch(/^Saved\. /));
    expect((sent()[0]!.body as { document: typeof LONG_LATHE }).document.centreDistance.value).toBe(777);
    expect(Object.keys(sessionStorage).filter((key) => key.includes('unsaved'))).toEqual([]);
  });
  it('that cannot be read is not passed over by Save, and thrown away and taken back with the rest', async () => {
    const { host, sent } = await shown(() => ({ body: {} }));
    fill(host, 'Swing over the bed', '410 mm');
    fill(host, 'Between centres', '77x');
    await nextTick();
    press(host, 'Save');
    await nextTick();
    expect(footOf(host)).toBe('Not saved: what stands here cannot be read.');
    expect((document.activeElement as HTMLInputElement).value).toBe('77x');
    expect(sent()).toEqual([]);
    press(host, 'Throw away');
    await nextTick();
    expect(plain(boxOf(host))).toBe(usual);
    expect(footOf(host)).toBe('');
    useScreen().undoable!.run();
    await nextTick();
    expect(boxOf(host)).toBe('77x');
    expect(footOf(host)).toBe('Not saved yet.');
  });
  it('stands over what another screen saves, which is shown where nothing is typed', async () => {
    const { host } = await shown(() => ({ body: {} }));
    const longer = { typed: '1200 mm', value: 1200 };
    useShop().machines = [{ ...lathe, version: 2, document: { ...LONG_LATHE, centreDistance: longer } }];
    await nextTick();
    await nextTick();
    expect(boxOf(host)).toBe('1200 mm');
    fill(host, 'Between centres', '777 mm');
    await nextTick();
    useShop().machines = [{ ...lathe, version: 3 }];
    await nextTick();
    expect(boxOf(host)).toBe('777 mm');
    press(host, 'Throw away');
    await vi.waitFor(() => expect(plain(boxOf(host))).toBe(usual));
  });
  it('is that lathe’s: another one’s page has its own figures, and nothing of what was said', async () => {
    answering(() => 'away');
    const other = { ...lathe, id: 'other', document: { ...LONG_LATHE, name: 'Other lathe' } };
    useShop().machines = [lathe, other];
    const id = ref('long-lathe');
    const host = mount({ render: () => h(MachinePlace, { id: id.value }) }, {}, [[routerKey, ledTo([])]]);
    await settled();
    fill(host, 'Between centres', '77x');
    await nextTick();
    press(host, 'Save');
    press(host, 'Put away');
    await vi.waitFor(() =>
      expect(plain(host.querySelector('header')!.textContent)).toContain('The server is away'),
    );
    id.value = 'other';
    await settled();
    expect(plain(boxOf(host))).toBe(usual);
    expect([footOf(host), plain(host.querySelector('header [role=status]')?.textContent ?? null)]).toEqual([
      '',
      '',
    ]);
    id.value = 'long-lathe';
    await settled();
    expect(boxOf(host)).toBe('77x');
  });
});
