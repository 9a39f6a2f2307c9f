import { beforeEach, describe, expect, it, vi } from 'vitest';
import { emptyBench } from '../testkit/emptyBench';
import { heldPicture, holdPicture } from './pictures';

beforeEach(emptyBench);

describe('pictures the server has', () => {
  const hold = (id: string, at: number, since: number): Promise<void> => {
    vi.spyOn(Date, 'now').mockReturnValue(at);
    return holdPicture({ id, bytes: `of ${id}` }, since).finally(() => vi.restoreAllMocks());
  };
  it('are held from a moment on; those of before go as the next one comes', async () => {
    await hold('a', 1000, 0);
    await hold('b', 2000, 0);
    expect(await heldPicture('a')).toEqual({ id: 'a', bytes: 'of a' });
    await hold('c', 3000, 2000);
    expect(await heldPicture('a')).toBeNull();
    expect(await heldPicture('b')).toEqual({ id: 'b', bytes: 'of b' });
    expect(await heldPicture('c')).toEqual({ id: 'c', bytes: 'of c' });
  });
  it('that were never held are none', async () => expect(await heldPicture('z')).toBeNull());
});
