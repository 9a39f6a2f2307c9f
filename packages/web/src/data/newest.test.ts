import { expect, it } from 'vitest';
import { inOrder } from './inOrder';
import { newest } from './newest';

it('of things asked for one after another only the last counts', () => {
  const ask = newest();
  const first = ask();
  expect(first()).toBe(true);
  const second = ask();
  expect([first(), second()]).toEqual([false, true]);
  ask.drop();
  expect(second()).toBe(false);
  expect(newest()()()).toBe(true);
});

it('of answers to one question those that come in order are taken, and none over a later one', () => {
  const ask = inOrder();
  const [first, second, third] = [ask(), ask(), ask()];
  expect([first(), third(), second()]).toEqual([true, true, false]);
  expect(ask()()).toBe(true);
});
