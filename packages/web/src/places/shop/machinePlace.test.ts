import type { MachineRow } from '@anello/contract';
import { describe, expect, it, vi } from 'vitest';
import { routerKey } from 'vue-router';
import { LONG_LATHE } from '../../../../contract/src/machine/machines.testdata';
import { useShop } from '../../data/stores/shop';
import { answering, refusing, type Answer } from '../../testkit/answers';
import { plain, press, useMounted } from '../../testkit/mounted';
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
  const host = mount(MachinePlace, { id: 'long-lathe' }, [
    [routerKey, { push: async (to: string) => void went.push(to) }],
  ]);
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
