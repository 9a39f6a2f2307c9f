import { expect, it } from 'vitest';
import { Turns } from '../src/routes/turns';

const settled = (ms = 0): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

it('long answers go one after another, and wait while something is being kept', async () => {
  const turns = new Turns();
  const seen: string[] = [];
  turns.hold();
  void turns.next().then(() => seen.push('first'));
  void turns.next().then(() => seen.push('second'));
  await settled(5);
  expect(seen).toEqual([]);
  turns.release();
  await settled(20);
  expect(seen).toEqual(['first', 'second']);
});

it('an answer is never starved, whatever is being kept', async () => {
  const turns = new Turns();
  turns.hold();
  const from = performance.now();
  await turns.next();
  expect(performance.now() - from).toBeGreaterThan(20);
  // Released once too often it still holds the next time.
  turns.release();
  turns.release();
  turns.hold();
  let done = false;
  void turns.next().then(() => (done = true));
  await settled(5);
  expect(done).toBe(false);
  turns.release();
});
