import { PRACTICE_MACHINE, type MachineRow, type Person } from '@anello/contract';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { LONG_LATHE } from '../../../../contract/src/machine/machines.testdata';
import { emptyBench } from '../../testkit/emptyBench';
import { freshStores } from '../../testkit/freshStores';
import { waitingServer } from '../../testkit/waiting';
import { useOutbox } from './outbox';
import { usePeople } from './people';
import { usePreferences } from './preferences';
import { PRACTICE_LATHE_ID, practiceOf } from '../practice/names';
import { asStillSet, stillSetOn, useShop, type Setting } from './shop';

const lathe: MachineRow = {
  id: 'long-lathe',
  version: 1,
  document: LONG_LATHE,
  settings: [],
};
let answer: () => Response = () => new Response('{}');

beforeEach(async () => {
  freshStores();
  localStorage.clear();
  await emptyBench();
  vi.stubGlobal('fetch', async () => answer());
});
afterEach(() => vi.unstubAllGlobals());
const json =
  (body: unknown, status = 200) =>
  () =>
    new Response(JSON.stringify(body), { status });

describe('the lathes of the shop', () => {
  it('asked for twice are as they were asked for last, whichever answer comes last', async () => {
    const asked = waitingServer();
    const shop = useShop();
    void shop.load();
    void shop.load();
    const named = (name: string) => ({ machines: [{ ...lathe, document: { ...LONG_LATHE, name } }] });
    await asked[1]!.answer(named('New name'));
    await asked[0]!.answer(named('Old name'));
    expect(shop.machines.map(({ document }) => document.name)).toEqual(['New name']);
    expect(shop.loaded).toBe(true);
  });
  it('are as the server has them, with those that cannot be read beside', async () => {
    const aside = [{ id: 'x', name: 'Old lathe', sentence: 'It cannot be read.' }];
    answer = json({ machines: [lathe], aside });
    const shop = useShop();
    await shop.load();
    expect(shop.machines.map(({ id }) => id)).toEqual(['long-lathe']);
    expect(shop.aside).toEqual(aside);
    expect([shop.loaded, useOutbox().away]).toEqual([true, false]);
  });
  it('are as last seen while the server is away, and that is noticed', async () => {
    answer = json({ machines: [lathe] });
    await useShop().load();
    freshStores();
    answer = () => {
      throw new TypeError('refused');
    };
    const shop = useShop();
    await shop.load();
    expect(shop.machines.map(({ document }) => document.name)).toEqual([LONG_LATHE.name]);
    expect([shop.loaded, useOutbox().away]).toEqual([true, true]);
  });
  it('have the settings that are kept here and still on their way, and nothing else of what waits', async () => {
    answer = () => {
      throw new TypeError('refused');
    };
    const setting = {
      machineId: 'long-lathe',
      device: 'attachment',
      halfAngle: 0.05,
      workLength: null,
      setAt: '2026-11-20T10:00:00.000Z',
      jobNumber: 'J-1',
      operator: 'RK',
      how: 'read with the indicator',
    };
    const outbox = useOutbox();
    await outbox.add({ method: 'PUT', url: '/api/settings', body: setting });
    await outbox.add({ method: 'POST', url: '/api/records', body: { ...setting, device: 'compound' } });
    answer = json({ machines: [lathe] });
    const shop = useShop();
    await shop.load();
    expect(shop.byId('long-lathe')!.settings.map(({ device }) => device)).toEqual(['attachment']);
  });
  it('are still set as was kept here, after a reload with the server away too', async () => {
    answer = json({ machines: [lathe] });
    const shop = useShop();
    await shop.load();
    await shop.keepSetting({
      machineId: 'long-lathe',
      device: 'tailstock',
      halfAngle: 0.02,
      workLength: 200,
      jobNumber: 'J-1',
      how: 'set over',
    } as Setting);
    await vi.waitFor(() => expect(useOutbox().count).toBe(0));
    freshStores();
    answer = () => {
      throw new TypeError('refused');
    };
    await useShop().load();
    const [still] = stillSetOn(useShop().byId('long-lathe')!);
    expect(asStillSet([still!])).toEqual([{ device: 'tailstock', halfAngle: 0.02, workLength: 200 }]);
    // Nothing else is forgotten by keeping a setting before the lathes have come.
    freshStores();
    await useShop().keepSetting({ machineId: 'other', device: 'compound', halfAngle: 0.1 } as Setting);
    await useShop().load();
    expect(useShop().machines.map(({ id }) => id)).toEqual(['long-lathe']);
  });
  it('a setting of practice is of the lathe practised on, which is like the shop’s own', async () => {
    answer = json({ machines: [lathe] });
    const shop = useShop();
    await shop.load();
    shop.practise([], PRACTICE_MACHINE);
    const own = practiceOf('long-lathe');
    await shop.keepSetting({ machineId: own, device: 'compound', halfAngle: 0.1 } as Setting);
    await shop.keepSetting({ machineId: own, device: 'compound', halfAngle: 0.2 } as Setting);
    await shop.keepSetting({ machineId: own, device: 'attachment', halfAngle: null } as Setting);
    expect(shop.byId('long-lathe')!.settings).toEqual([]);
    expect(shop.byId(own)!.document).toEqual(LONG_LATHE);
    expect(stillSetOn(shop.byId(own)!).map(({ device, halfAngle }) => [device, halfAngle])).toEqual([
      ['compound', 0.2],
    ]);
    expect(shop.byId(PRACTICE_LATHE_ID)!.settings).toEqual([]);
    shop.practise([], PRACTICE_MACHINE);
    expect(shop.byId(own)!.settings).toEqual([]);
  });
  it('that stand are by name, without those put away', async () => {
    const away = { ...lathe, id: 'old', document: { ...LONG_LATHE, name: 'Old one', archived: true } };
    answer = json({ machines: [lathe, away] });
    const shop = useShop();
    await shop.load();
    expect(shop.standing.map(({ id }) => id)).toEqual(['long-lathe']);
    expect(shop.byName).toEqual([{ value: 'long-lathe', title: LONG_LATHE.name }]);
  });
  it('ask for the passphrase where it is wanted', async () => {
    answer = json({ code: 'passphrase-needed', field: null, sentence: 'Sign in first.' }, 401);
    await useShop().load();
    expect([useOutbox().signIn, useOutbox().away]).toEqual([true, false]);
  });
  it('a refusal is the caller’s, and nothing is said to be there', async () => {
    answer = json({ code: 'out-of-range', field: 'x', sentence: 'Too much.' }, 422);
    const shop = useShop();
    await expect(shop.load()).rejects.toMatchObject({ code: 'out-of-range' });
    expect([shop.loaded, useOutbox().away]).toEqual([false, false]);
  });
});

describe('who has signed in', () => {
  const person = (may: Person['may']): Person => ({
    initials: 'AP',
    name: 'An apprentice',
    may,
    archived: false,
    ownPassphrase: true,
  });
  it('by name is at the lathe, and may do what is set for them', () => {
    const people = usePeople();
    usePreferences().operator = 'RK';
    people.take({ needed: true, signedIn: true, who: person('read') });
    expect([people.door, people.looksOnly, usePreferences().operator]).toEqual([true, true, 'AP']);
    people.take({ needed: true, signedIn: true, who: person('write') });
    expect(people.looksOnly).toBe(false);
    people.left();
    expect(people.who).toBeNull();
  });
  it('by the shop’s passphrase is nobody in particular: who is at the lathe stays as it was', () => {
    const people = usePeople();
    usePreferences().operator = 'RK';
    people.take({ needed: true, signedIn: true, who: null });
    expect([people.who, people.looksOnly, usePreferences().operator]).toEqual([null, false, 'RK']);
  });
  it('is not known of a server that does not answer', async () => {
    answer = () => {
      throw new TypeError('refused');
    };
    const people = usePeople();
    await people.askWho();
    expect([people.who, people.door]).toEqual([null, false]);
    answer = json({ needed: true, signedIn: true, who: person('read') });
    await people.askWho();
    expect(people.who?.name).toBe('An apprentice');
  });
});
