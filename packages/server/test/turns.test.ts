import type { Rack } from '@anello/contract';
import { describe, expect, it, vi } from 'vitest';
import { aReading, testServer } from './support';
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

describe('the cards of the rack', () => {
  it('are right at once while readings come, and are written beside their jobs soon after', async () => {
    const shop = await testServer({ demo: true });
    const written = (): number =>
      shop.book.get<{ n: number }>('select count(*) as `n` from `rack` where `progress` is not null')!.n;
    const card = async (): Promise<Rack['jobs'][number]> =>
      (await shop.send('GET', '/api/jobs?search=J-103')).json<Rack>().jobs[0]!;
    expect((await card()).scrapped).toBe(false);
    for (const verdict of ['scrap', 'accepted', 'scrap'] as const) {
      await shop.send('POST', '/api/records', {
        ...aReading('j-103', { at: new Date().toISOString() }),
        body: { kind: 'verdict', verdict, cause: verdict === 'scrap' ? 'Slipped in the chuck' : '' },
      });
      expect((await card()).scrapped).toBe(verdict === 'scrap');
    }
    const before = written();
    await vi.waitFor(() => expect(written()).toBeGreaterThan(before), { timeout: 4000 });
    expect((await card()).scrapped).toBe(true);
    await shop.close();
  });
});
