import type { CopiesSaid } from '@anello/contract';
import { beforeEach, describe, expect, it } from 'vitest';
import { answering, type Answer } from '../../testkit/answers';
import { freshStores } from '../../testkit/freshStores';
import { useCopies } from './copies';
import { useOutbox } from './outbox';

const WELL = { last: '2026-11-27T08:00:00.000Z', overdue: false, nearlyFull: false } as CopiesSaid;
let says: Answer = { body: WELL };
let makes: Answer = { body: WELL };
const server = () => answering(({ method }) => (method === 'GET' ? says : makes));
beforeEach(() => {
  freshStores();
  says = { body: WELL };
  makes = { body: { ...WELL, last: '2026-11-28T08:00:00.000Z' } };
});

describe('copies of the book', () => {
  it('are nothing to see to while all is well, or while nobody knows', async () => {
    server();
    const copies = useCopies();
    expect(copies.troubles).toEqual([]);
    await copies.load();
    expect(copies.said?.last).toBe(WELL.last);
    expect(copies.troubles).toEqual([]);
  });
  it.each([
    [{ failed: 'the disk is gone' }, [/could not be made: the disk is gone/]],
    [{ overdue: true }, [/written to for days/]],
    [{ overdue: true, last: null }, [/no copy yet/]],
    [{ nearlyFull: true }, [/nearly full/]],
    [{ failed: 'x', overdue: true, nearlyFull: true }, [/could not be made/, /for days/, /nearly full/]],
  ])('%o is said', async (wrong, said) => {
    says = { body: { ...WELL, ...wrong } };
    server();
    const copies = useCopies();
    await copies.load();
    expect(copies.troubles).toHaveLength(said.length);
    said.forEach((one, i) => expect(copies.troubles[i]).toMatch(one));
  });
  it('are made when asked for, and shown as they then are', async () => {
    const { asked } = server();
    const copies = useCopies();
    const made = copies.make();
    expect(copies.making).toBe(true);
    await made;
    expect(copies.making).toBe(false);
    expect(copies.said?.last).toMatch(/^2026-11-28/);
    expect(asked.map(({ method, url }) => `${method} ${url}`)).toEqual(['POST /api/copies']);
  });
  it('that cannot be made say why, show what is there, and are tried again without the reproach', async () => {
    makes = { status: 422, body: { code: 'impossible', field: null, sentence: 'There is no room for it.' } };
    server();
    const copies = useCopies();
    await copies.make();
    expect(copies.refused).toBe('There is no room for it.');
    expect(copies.said?.last).toBe(WELL.last);
    expect(copies.making).toBe(false);
    makes = { body: WELL };
    await copies.make();
    expect(copies.refused).toBe('');
  });
  it('asked for while the server is away stay as last seen, and that is noticed', async () => {
    server();
    const copies = useCopies();
    await copies.load();
    says = 'away';
    await copies.load();
    expect(copies.said?.last).toBe(WELL.last);
    expect(useOutbox().away).toBe(true);
  });
});
