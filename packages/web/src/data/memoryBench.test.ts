import { describe, expect, it } from 'vitest';
import { bench } from './db';
import { MemoryBench, type Bench } from './memoryBench';
import { STORE_KEYS } from './names';
import { newId } from './newId';
import { emptyBench } from '../testkit/emptyBench';

describe('the page’s memory, where a browser keeps nothing', () => {
  /** What is done to a store, and what it answers all along. */
  async function story(db: Bench): Promise<unknown[]> {
    const seen: unknown[] = [];
    const [first, second] = [await db.add('outbox', { url: 'a' }), await db.add('outbox', { url: 'b' })];
    seen.push((second as number) - (first as number), await db.count('outbox'));
    await db.put('outbox', { url: 'c', seq: second });
    seen.push(((await db.getAll('outbox')) as { url: string }[]).map(({ url }) => url));
    await db.delete('outbox', first as number);
    seen.push(((await db.getAllKeys('outbox')) as number[]).map((key) => key === second));
    await db.put('machines', { id: 'm', name: 'x' });
    await db.put('machines', { id: 'm', name: 'y' });
    seen.push(await db.get('machines', 'm'), await db.get('machines', 'none'), await db.count('machines'));
    await db.clear('machines');
    seen.push(await db.getAll('machines'), await db.count('outbox'), await db.getAll('kit'));
    return seen;
  }
  it('does all that the browser’s own store does', async () => {
    await emptyBench();
    const own = await story((await bench()) as unknown as Bench);
    expect(await story(new MemoryBench(STORE_KEYS))).toEqual(own);
    expect(own[0]).toBe(1);
    await emptyBench();
  });
});

describe('an id made here', () => {
  const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/;
  it('is a random one of version 4, in a page without https as well', () => {
    const { randomUUID } = crypto;
    try {
      Object.defineProperty(crypto, 'randomUUID', { value: undefined, configurable: true });
      const made = Array.from({ length: 200 }, newId);
      for (const one of made) expect(one).toMatch(UUID);
      expect(new Set(made).size).toBe(200);
    } finally {
      Object.defineProperty(crypto, 'randomUUID', { value: randomUUID, configurable: true });
    }
    expect(newId()).toMatch(UUID);
  });
});
