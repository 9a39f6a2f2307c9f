import { newKit, type KitDocument, type KitRow } from '@anello/contract';
import { describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { routeLocationKey, routerKey } from 'vue-router';
import { useKit } from '../../data/stores/kit';
import { answering, refusing, type Answer } from '../../testkit/answers';
import { ledTo } from '../../testkit/ledTo';
import { fill, plain, press, useMounted } from '../../testkit/mounted';
import KitThingPlace from './KitThingPlace.vue';
import PinBlockPlace from './PinBlockPlace.vue';

const { mount } = useMounted();
const text = (host: HTMLElement): string => plain(host.textContent);
const row = (document: KitDocument): KitRow => ({ id: 'kit-1', version: 3, document });
const MICROMETER = row({ ...newKit('instrument'), name: 'Micrometer' });

function shown(
  component: typeof KitThingPlace | typeof PinBlockPlace,
  props: object,
  post: () => Answer,
  kit: KitRow[] = [],
) {
  const went: string[] = [];
  const { asked } = answering(({ method, url }) => {
    if (method !== 'GET') return post();
    return url === '/api/kit' ? { body: { kit, tapers: [] } } : { status: 404, body: {} };
  });
  useKit().kit = kit;
  const host = mount(
    component,
    props as Record<string, unknown>,
    [
      [routerKey, ledTo(went)],
      [routeLocationKey, { path: '/kit', query: {}, params: {} }],
    ] as never,
  );
  return { host, went, sent: () => asked.filter(({ method }) => method !== 'GET') };
}
const save = (host: HTMLElement): boolean =>
  host.querySelector('form')!.dispatchEvent(new Event('submit', { cancelable: true }));

describe('a thing of the kit', () => {
  it('that is new begins with usual figures, wants a name, and leads to its own page once it is kept', async () => {
    const { host, went, sent } = shown(KitThingPlace, { kind: 'instrument' }, () => ({
      body: { version: 1 },
    }));
    await vi.waitFor(() => expect(text(host)).toContain('New instrument'));
    fill(host, 'Name', 'Old micrometer');
    await nextTick();
    save(host);
    await vi.waitFor(() => expect(sent()).toHaveLength(1));
    const { document } = sent()[0]!.body as { document: KitDocument };
    expect(document).toMatchObject({ ...newKit('instrument'), name: 'Old micrometer' });
    await vi.waitFor(() => expect(went.at(-1)).toMatch(/^\/kit\/kit-/));
  });
  it('that is refused says why at its box, and keeps what was typed', async () => {
    const { host } = shown(
      KitThingPlace,
      { id: 'kit-1' },
      () => refusing('name', 'Another thing has this name.'),
      [MICROMETER],
    );
    await vi.waitFor(() => expect(text(host)).toContain('Micrometer'));
    fill(host, 'Name', 'Twin');
    await nextTick();
    save(host);
    await vi.waitFor(() => expect(text(host)).toContain('Another thing has this name.'));
    const box = [...host.querySelectorAll('label')].find((one) => plain(one.textContent).startsWith('Name'))!;
    expect(box.querySelector('input')!.value).toBe('Twin');
  });
  it('is put away, and only that is saved', async () => {
    const { host, sent } = shown(KitThingPlace, { id: 'kit-1' }, () => ({ body: { version: 4 } }), [
      MICROMETER,
    ]);
    await vi.waitFor(() => expect(text(host)).toContain('Put away'));
    fill(host, 'Name', 'Half typed');
    await nextTick();
    press(host, 'Put away');
    await vi.waitFor(() => expect(sent()).toHaveLength(1));
    const { document } = sent()[0]!.body as { document: KitDocument };
    expect([document.archived, document.name]).toEqual([true, 'Micrometer']);
  });
  it('that is not there says so', async () => {
    const { host } = shown(KitThingPlace, { id: 'gone' }, () => 'away');
    await vi.waitFor(() => expect(text(host)).toContain('There is no such thing among the kit'));
  });
});

describe('a pin block', () => {
  it('is drawn for its tapers, and changes with what is asked of it', async () => {
    const { host } = shown(PinBlockPlace, {}, () => 'away');
    await vi.waitFor(() => expect(host.querySelectorAll('tbody tr').length).toBeGreaterThan(0));
    const before = text(host);
    fill(host, 'Block, long', '150');
    await vi.waitFor(() => expect(text(host)).not.toBe(before));
    const tapers = host.querySelectorAll('li').length;
    press(host, /^Leave .* out$/);
    await nextTick();
    expect(host.querySelectorAll('li').length).toBe(tapers - 1);
  });
  it('is kept among the kit by its name, once; while the server is away it says so', async () => {
    const { host, sent } = shown(PinBlockPlace, {}, () => ({ body: { version: 1 } }));
    await vi.waitFor(() => expect(host.querySelectorAll('tbody tr').length).toBeGreaterThan(0));
    fill(host, 'Name', 'Our block');
    await nextTick();
    save(host);
    save(host);
    await vi.waitFor(() => expect(text(host)).toContain('Our block is among the kit.'));
    expect(sent()).toHaveLength(1);
    expect(sent()[0]!.body).toMatchObject({ document: { kind: 'pin-block', name: 'Our block' } });
    const away = shown(PinBlockPlace, {}, () => 'away');
    await vi.waitFor(() => expect(away.host.querySelectorAll('tbody tr').length).toBeGreaterThan(0));
    save(away.host);
    await vi.waitFor(() => expect(text(away.host)).toContain('The server is away'));
  });
});
