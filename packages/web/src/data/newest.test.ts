import { expect, it } from 'vitest';
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
