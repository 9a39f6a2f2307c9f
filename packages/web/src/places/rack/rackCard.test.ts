import type { JobCard } from '@anello/contract';
import { STAGES } from '@anello/core/job';
import { describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { LONG_LATHE } from '../../../../contract/src/machine/machines.testdata';
import { useShop } from '../../data/stores/shop';
import { plain, press, useMounted } from '../../testkit/mounted';
import RackCard from './RackCard.vue';

const { mount } = useMounted();
const CARD = {
  id: 'j-1',
  number: 'J-101',
  title: 'Milling arbor',
  machineId: 'm-1',
  quantity: 1,
  piece: 1,
  now: 'set',
  next: 'Read the bar end at 60 mm',
  stages: STAGES.map((stage, i) => ({ stage, state: i === 0 ? 'done' : 'open', stale: false })),
  features: [],
  finished: false,
  scrapped: false,
  putAway: false,
} as unknown as JobCard;
const show = (more: object = {}, listeners: object = {}): HTMLElement =>
  mount(RackCard, { job: { ...CARD, ...more } as JobCard, ...listeners });
const leadsTo = (host: HTMLElement): string | null => host.querySelector('a')!.getAttribute('href');
const next = (host: HTMLElement): string => plain(host.querySelector('span.next')!.textContent);
const line = (now: object | null) => ({ line: { holdings: [{ of: 4, done: 1 }], now } });
const TURN = { operation: 'turn-b', name: 'Turn', on: 'Body', loop: false, piece: 1 };

describe('a job on the rack', () => {
  it('is told by its number, what it is, its lathe, how far it has come and what is next', async () => {
    const host = show();
    expect(plain(host.textContent)).toMatch(/J-101.*Milling arbor/);
    expect(next(host)).toBe('1 off Read the bar end at 60 mm');
    expect(host.querySelector('.stages')!.getAttribute('aria-label')).toBe('Stage reached: Set');
    useShop().machines = [{ id: 'm-1', version: 1, document: LONG_LATHE, settings: [] }];
    await nextTick();
    expect(plain(host.querySelector('.machine')!.textContent)).toBe(LONG_LATHE.name);
  });

  it.each([
    ['the step its shape has come to', {}, '/job/j-1/set'],
    ['a plain operation’s card', line(TURN), '/job/j-1/work/turn-b'],
    ['the step, where the operation has a loop of its own', line({ ...TURN, loop: true }), '/job/j-1/set'],
    [
      'the plan, where the next operation is another piece’s',
      { ...line({ ...TURN, piece: 2 }), quantity: 2 },
      '/job/j-1/plan',
    ],
    ['the step, once it is finished', { ...line(TURN), finished: true }, '/job/j-1/set'],
    [
      'the step, while its drawing is not done',
      { ...line(TURN), now: 'part', stages: [{ stage: 'part', state: 'open' }] },
      '/job/j-1/part',
    ],
  ])('leads to %s', (_what, more, place) => {
    expect(leadsTo(show(more))).toBe(place);
  });

  it('names the operation that is next, what it is on, and of which piece where that is another', () => {
    expect(next(show(line(TURN)))).toBe('1 off Turn: Body');
    expect(next(show(line({ ...TURN, on: '' })))).toBe('1 off Turn');
    expect(next(show({ ...line({ ...TURN, piece: 3 }), quantity: 5, piece: 2 }))).toBe(
      '2/5 Piece 3, turn: body',
    );
  });

  it.each([
    [{ quantity: 4, piece: 2 }, 'Stage reached: Set, piece 2 of 4'],
    [{ finished: true }, 'Stage reached: finished'],
    [{ finished: true, scrapped: true }, 'Stage reached: scrapped'],
  ])('%o: %s', (more, said) => {
    expect(show(more).querySelector('.stages')!.getAttribute('aria-label')).toBe(said);
  });

  it('shows its line of work until it is finished', () => {
    const open = show(line(TURN));
    expect(open.querySelector('.line')!.getAttribute('aria-label')).toBe('1 of 4 operations done');
    expect(show({ ...line(TURN), finished: true }).querySelector('.line')).toBeNull();
  });

  it('finished may be put away, and put away be had back; one in work neither', () => {
    expect(show().querySelector('button')).toBeNull();
    const away = vi.fn();
    press(show({ finished: true }, { onAway: away }), 'Put J-101 away');
    press(show({ putAway: true }, { onAway: away }), 'Bring J-101 back to the rack');
    expect(away.mock.calls).toEqual([[true], [false]]);
  });
});
