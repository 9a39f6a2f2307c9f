import { describe, expect, it } from 'vitest';
import { shankJob, useOnScreen } from '../../testkit/onScreen';
import { useJob } from './job';

const screen = useOnScreen();
/** A batch of five, on its first piece. */
const batch = () => {
  screen.work(shankJob('attachment', { quantity: 5 }), () => null);
  return useJob();
};
const NOTE = { kind: 'note', text: 'x' } as const;

describe('a piece of a batch taken up', () => {
  it('for the first time carries on from the one in hand, and is in hand then', async () => {
    const job = batch();
    await job.takeUp(2);
    expect(screen.kept('piece')).toEqual([{ kind: 'piece', carriedFrom: 1 }]);
    expect(job.piece).toBe(2);
    expect(job.records.at(-1)!.piece).toBe(2);
    await job.takeUp(4);
    expect(screen.kept('piece').at(-1)).toEqual({ kind: 'piece', carriedFrom: 2 });
  });
  it('that was begun is taken up again, as the first always is', async () => {
    const job = batch();
    await job.takeUp(2);
    await job.takeUp(1);
    expect(screen.kept('piece').at(-1)).toEqual({ kind: 'piece', carriedFrom: null, again: true });
    await job.takeUp(2);
    expect(screen.kept('piece').at(-1)).toEqual({ kind: 'piece', carriedFrom: null, again: true });
    expect(job.piece).toBe(2);
  });
  it('of which only something withdrawn is kept begins anew', async () => {
    const job = batch();
    const other = await job.keep(NOTE);
    await job.keep({ kind: 'withdrawn', record: other.id }, { piece: 3 });
    await job.takeUp(3);
    expect(screen.kept('piece').at(-1)).toEqual({ kind: 'piece', carriedFrom: 1 });
  });
  it('something kept on another piece does not begin this one', async () => {
    const job = batch();
    await job.keep(NOTE, { piece: 2 });
    await job.takeUp(3);
    expect(screen.kept('piece').at(-1)).toEqual({ kind: 'piece', carriedFrom: 1 });
  });
});

describe('what is kept', () => {
  it('is of the piece in hand, unless it says of which', async () => {
    const job = batch();
    await job.takeUp(2);
    expect((await job.keep(NOTE)).piece).toBe(2);
    expect((await job.keep(NOTE, { piece: 4 })).piece).toBe(4);
  });
  it('taken back is kept once more as it was, about what it was', async () => {
    const job = batch();
    const first = await job.keep(NOTE, { piece: 3, feature: 't', operation: 'taper-t' });
    await job.withdraw(first);
    expect(job.records.at(-1)).toMatchObject({ piece: 3, body: { kind: 'withdrawn', record: first.id } });
    const again = await job.keepAgain(first);
    expect(again).toMatchObject({ piece: 3, feature: 't', operation: 'taper-t', body: NOTE });
    expect(again.id).not.toBe(first.id);
    const bare = await job.keepAgain(await job.keep(NOTE));
    expect(bare).not.toHaveProperty('feature');
    expect(bare).not.toHaveProperty('operation');
  });
});
