import type { Person } from '@anello/contract';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { answering, refusing, type Answer } from '../../testkit/answers';
import { routeLocationKey } from 'vue-router';
import { fill, plain, press, useMounted } from '../../testkit/mounted';
import PeoplePlace from './PeoplePlace.vue';

const { mount } = useMounted();
const person = (initials: string, more: Partial<Person> = {}): Person => ({
  initials,
  name: `Name of ${initials}`,
  may: 'write',
  archived: false,
  ownPassphrase: false,
  ...more,
});
let there: Person[] = [];
let puts: (body: unknown) => Answer = () => ({ body: {} });
let away = false;
async function show() {
  const { asked } = answering(({ method, body }) => {
    if (away) return 'away';
    return method === 'GET' ? { body: { people: there } } : puts(body);
  });
  const host = mount(PeoplePlace, {}, [[routeLocationKey, { path: '/people' }]]);
  await vi.waitFor(() => expect(asked.length).toBeGreaterThan(0));
  await new Promise((resolve) => setTimeout(resolve, 10));
  const sent = () => asked.filter(({ method }) => method === 'PUT').map(({ url, body }) => [url, body]);
  const save = async () => {
    host.querySelector('form')!.dispatchEvent(new Event('submit', { cancelable: true }));
    await new Promise((resolve) => setTimeout(resolve, 10));
  };
  return { host, sent, save };
}
const rows = (host: HTMLElement, name: string): string[] =>
  [...host.querySelectorAll(`section[aria-label="${name}"] li strong`)].map((one) => plain(one.textContent));

beforeEach(() => {
  sessionStorage.clear();
  there = [
    person('RK', { ownPassphrase: true }),
    person('MT', { may: 'read' }),
    person('OL', { archived: true }),
  ];
  puts = () => ({ body: {} });
  away = false;
});

describe('who works in the shop', () => {
  it('is there or has left, with what each may do', async () => {
    const { host } = await show();
    expect(rows(host, 'In the shop')).toEqual(['RK', 'MT']);
    expect(rows(host, 'Have left')).toEqual(['OL']);
    expect(plain(host.textContent)).toMatch(/keeps and changes, own passphrase.*looks only/);
  });

  it('is added by initials as they are written on a drawing, with what they may do', async () => {
    const { host, sent, save } = await show();
    fill(host, 'Initials', 'ab');
    fill(host, 'Name', 'Ada B.');
    press(host, 'Looks only');
    await save();
    expect(sent()).toEqual([['/api/people/AB', { name: 'Ada B.', may: 'read', archived: false }]]);
    expect(plain(host.querySelector('[role="status"]')!.textContent)).toBe('AB is Ada B.');
  });

  it('is not sent by picking what they may do', async () => {
    const { host, sent } = await show();
    fill(host, 'Initials', 'ab');
    fill(host, 'Name', 'Ada');
    press(host, 'Looks only');
    await nextTick();
    expect(sent()).toEqual([]);
  });

  it('whose initials are none is said at the box, and nothing is sent', async () => {
    const { host, sent, save } = await show();
    fill(host, 'Initials', 'a/b');
    fill(host, 'Name', 'Ada');
    await save();
    expect(sent()).toEqual([]);
    expect(plain(host.querySelector('form em')!.textContent)).not.toBe('');
  });

  it('changed keeps the initials, and a passphrase only where one was typed', async () => {
    const { host, sent, save } = await show();
    press(host, 'Change MT');
    await nextTick();
    fill(host, 'A new passphrase', 'long and green');
    await save();
    expect(sent()).toEqual([
      ['/api/people/MT', { name: 'Name of MT', may: 'read', archived: false, passphrase: 'long and green' }],
    ]);
    expect(plain(host.querySelector('form h2')!.textContent)).toBe('Add somebody');
  });

  it('loses a passphrase, leaves, and comes back', async () => {
    const { host, sent } = await show();
    press(host, 'Take the passphrase of RK away');
    press(host, 'MT has left');
    press(host, 'Is back');
    await vi.waitFor(() => expect(sent()).toHaveLength(3));
    expect(sent()).toEqual([
      ['/api/people/RK', { name: 'Name of RK', may: 'write', archived: false, passphrase: null }],
      ['/api/people/MT', { name: 'Name of MT', may: 'read', archived: true }],
      ['/api/people/OL', { name: 'Name of OL', may: 'write', archived: false }],
    ]);
  });

  it('refused is said at its box, with what was typed kept', async () => {
    puts = () => refusing('passphrase', 'A passphrase has eight letters or more.');
    const { host, save } = await show();
    fill(host, 'Initials', 'ab');
    fill(host, 'Name', 'Ada');
    fill(host, 'Passphrase', 'short');
    await save();
    const said = [...host.querySelectorAll('form em')].map((em) => plain(em.textContent));
    expect(said).toEqual(['', '', 'A passphrase has eight letters or more.']);
    expect([...host.querySelectorAll('input')].map((box) => box.value)).toEqual(['ab', 'Ada', 'short']);
  });

  it('half written down is there after a reload, but no passphrase; and after another has left', async () => {
    const { host } = await show();
    fill(host, 'Initials', 'ab');
    fill(host, 'Name', 'Ada');
    fill(host, 'Passphrase', 'long and green');
    await nextTick();
    expect(JSON.stringify({ ...sessionStorage })).not.toContain('green');
    press(host, 'MT has left');
    await new Promise((resolve) => setTimeout(resolve, 20));
    expect([...host.querySelectorAll('input')].map((box) => box.value)).toEqual([
      'ab',
      'Ada',
      'long and green',
    ]);
    const { host: again } = await show();
    expect([...again.querySelectorAll('input')].map((box) => box.value)).toEqual(['ab', 'Ada', '']);
    press(again, 'Change MT');
    await nextTick();
    const { host: changing } = await show();
    expect(plain(changing.querySelector('form h2')!.textContent)).toBe('Change MT');
    expect([...changing.querySelectorAll('input')].map((box) => box.value)).toEqual(['MT', 'Name of MT', '']);
  });

  it('cannot be known or changed while the server is away, which is said', async () => {
    away = true;
    const { host, save } = await show();
    expect(plain(host.textContent)).toMatch(/known when it is back/);
    fill(host, 'Initials', 'ab');
    fill(host, 'Name', 'Ada');
    await save();
    expect(plain(host.textContent)).toMatch(/Nothing was changed/);
  });
});
