import { beforeEach, describe, expect, it, vi } from 'vitest';
import { job as jobDocument } from '../../../../contract/src/job/jobs.testdata';
import { emptyBench } from '../../testkit/emptyBench';
import { freshStores } from '../../testkit/freshStores';
import { waitingServer, type Unanswered } from '../../testkit/waiting';
import { useJob } from './job';

beforeEach(async () => {
  freshStores();
  await emptyBench();
});

const view = (id: string, version = 1) => ({
  job: { id, version, updatedAt: '2026-11-20T10:00:00.000Z', document: { ...jobDocument(), title: id } },
  records: [],
  next: null,
});
/** Asks for both, one after the other; the second is answered at once. */
async function openBoth(
  first: string,
  second: string,
): Promise<{ job: ReturnType<typeof useJob>; late: Unanswered }> {
  const asked = waitingServer();
  const job = useJob();
  void job.open(first);
  await vi.waitFor(() => expect(asked).toHaveLength(1));
  void job.open(second);
  await vi.waitFor(() => expect(asked).toHaveLength(2));
  await asked[1]!.answer(view(second, 2));
  await vi.waitFor(() => expect(job.state).toBe('ready'));
  return { job, late: asked[0]! };
}

describe('a job that is opened while another is still being fetched', () => {
  it('stays on the screen when the other comes after all', async () => {
    const { job, late } = await openBoth('j-1', 'j-2');
    await late.answer(view('j-1'));
    expect([job.id, job.document!.title, job.state]).toEqual(['j-2', 'j-2', 'ready']);
  });
  it('has not failed because the other did', async () => {
    const { job, late } = await openBoth('j-1', 'j-2');
    await late.lose();
    await new Promise((resolve) => setTimeout(resolve, 30));
    expect([job.id, job.state]).toEqual(['j-2', 'ready']);
  });
  it('is as it was asked for last, when it is the same one', async () => {
    const { job, late } = await openBoth('j-1', 'j-1');
    await late.answer(view('j-1', 1));
    expect([job.version, job.state]).toEqual([2, 'ready']);
  });
  it('nobody has seen, with the server away, has failed', async () => {
    const asked = waitingServer();
    const job = useJob();
    void job.open('j-9');
    await vi.waitFor(() => expect(asked).toHaveLength(1));
    await asked[0]!.lose();
    await vi.waitFor(() => expect(job.state).toBe('failed'));
  });
});
