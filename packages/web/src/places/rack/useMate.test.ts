import { entry, newJobDocument, newWork, workOf, type JobDocument, type JobRow } from '@anello/contract';
import { describe, expect, it } from 'vitest';
import { shank } from '../../../../contract/src/job/jobs.testdata';
import { answering, type Answer } from '../../testkit/answers';
import { linkBack, startMate } from './useMate';

const document = (): JobDocument => ({
  ...newJobDocument({ number: 'J-1', title: 'Shank', machineId: 'm' }),
  features: [shank()],
  work: { t: newWork('taper') },
});
const row = (version: number, more: Partial<JobDocument> = {}): JobRow => ({
  id: 'j-1',
  version,
  updatedAt: '2026-11-28T08:00:00.000Z',
  document: { ...document(), ...more },
});
const MADE: JobRow = { ...row(1), id: 'j-9', document: { ...document(), number: 'J-9' } };
const FROM = { id: 'j-1', feature: 't' };
const stale: Answer = {
  status: 409,
  body: { code: 'stale-version', field: null, sentence: 'Saved meanwhile.', current: row(5) },
};

describe('a taper’s mate', () => {
  it('begins with the figures of the taper it is to go with', async () => {
    answering(() => ({ body: { job: row(1), records: [], next: null } }));
    const start = await startMate('j-1', 't');
    expect(start?.part.features.some((f) => f.kind === 'taper' && f.side === 'internal')).toBe(true);
  });
  it('is none where the feature is no taper', async () => {
    const body = {
      id: 'b',
      name: 'Body',
      kind: 'cylinder' as const,
      side: 'external' as const,
      diameter: entry('30 mm'),
      length: entry('50 mm'),
    };
    answering(() => ({ body: { job: row(1, { features: [body] }), records: [], next: null } }));
    expect(await startMate('j-1', 'b')).toBeNull();
  });

  it('is told to the taper it was begun from, over the version that is there', async () => {
    const { asked } = answering(({ method }) =>
      method === 'GET' ? { body: { job: row(4), records: [], next: null } } : { body: row(5) },
    );
    await linkBack(FROM, MADE, 't2');
    const sent = asked[1]!.body as { version: number; document: JobDocument; save: string };
    expect(asked.map(({ method }) => method)).toEqual(['GET', 'PUT']);
    expect(sent.version).toBe(4);
    expect(JSON.stringify(workOf(sent.document, 't', 'taper'))).toContain('j-9');
  });
  it('is told again over what somebody else has saved meanwhile, each time as a save of its own', async () => {
    let puts = 0;
    const { asked } = answering(({ method }) => {
      if (method === 'GET') return { body: { job: row(4 + puts), records: [], next: null } };
      puts++;
      return puts < 3 ? stale : { body: row(9) };
    });
    await linkBack(FROM, MADE, 't2');
    const sent = asked
      .filter(({ method }) => method === 'PUT')
      .map(({ body }) => body as JobRow & { save: string });
    expect(sent.map(({ version }) => version)).toEqual([4, 5, 6]);
    expect(new Set(sent.map(({ save }) => save)).size).toBe(3);
  });
  it('gives up after three, with what the server said', async () => {
    const { asked } = answering(({ method }) =>
      method === 'GET' ? { body: { job: row(4), records: [], next: null } } : stale,
    );
    await expect(linkBack(FROM, MADE, 't2')).rejects.toMatchObject({ code: 'stale-version' });
    expect(asked.filter(({ method }) => method === 'PUT')).toHaveLength(3);
  });
  it.each([
    [422, 'invalid-document'],
    [404, 'not-found'],
  ])('refused otherwise (%d) it does not try again', async (status, code) => {
    const { asked } = answering(({ method }) =>
      method === 'GET'
        ? { body: { job: row(4), records: [], next: null } }
        : { status, body: { code, field: null, sentence: 'No.' } },
    );
    await expect(linkBack(FROM, MADE, 't2')).rejects.toMatchObject({ code });
    expect(asked).toHaveLength(2);
  });
  it('does not try again where the server is away', async () => {
    const { asked } = answering(({ method }) =>
      method === 'GET' ? { body: { job: row(4), records: [], next: null } } : 'away',
    );
    await expect(linkBack(FROM, MADE, 't2')).rejects.toMatchObject({ name: 'ServerAway' });
    expect(asked).toHaveLength(2);
  });
});
