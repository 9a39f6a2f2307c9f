import { newJobDocument, type JobDocument, type JobRow } from '@anello/contract';
import type { KeptRecord } from '@anello/core/job';
import { answering, type Answer, type Asked } from './answers';

/** A server with jobs and what is kept of them, in the test's hands. */
export interface JobsServer {
  readonly jobs: Record<string, JobRow>;
  readonly kept: KeptRecord[];
  /** What it was asked, in order. */
  readonly asked: readonly Asked[];
  /** What it says instead; null where it says what it should. */
  says: (asked: Asked) => Answer | null;
}

export const document = (title: string): JobDocument =>
  newJobDocument({ number: 'J-1', title, machineId: 'long-lathe' });

const row = (id: string): JobRow => ({
  id,
  version: 1,
  updatedAt: '2026-11-20T10:00:00.000Z',
  document: document('Shank'),
});

/** A note, kept about a job. */
export const noteOf = (id: string, jobId = 'j-1'): KeptRecord => ({
  id,
  jobId,
  piece: 1,
  at: '2026-11-20T10:00:00.000Z',
  operator: 'RK',
  body: { kind: 'note', text: id },
});

/** The jobs j-1 and j-2, of which nothing is kept. It stands in for `fetch` until globals are unstubbed. */
export function jobsServer(): JobsServer {
  const jobs: Record<string, JobRow> = { 'j-1': row('j-1'), 'j-2': row('j-2') };
  const kept: KeptRecord[] = [];
  const server: Omit<JobsServer, 'asked'> = { jobs, kept, says: () => null };
  const { asked } = answering((one) => server.says(one) ?? usual(server, one));
  return Object.assign(server, { asked });
}

function usual({ jobs, kept }: Pick<JobsServer, 'jobs' | 'kept'>, { method, url, body }: Asked): Answer {
  if (url === '/api/health') return { body: {} };
  if (url === '/api/records') {
    kept.push(body as KeptRecord);
    return { status: 201, body: { kept: true } };
  }
  const id = url.split('/')[3] as string;
  const job = jobs[id];
  if (!job) return { status: 404, body: { code: 'not-found', field: null, sentence: 'No.' } };
  if (method === 'GET') return { body: { job, records: kept.filter((one) => one.jobId === id), next: null } };
  jobs[id] = { ...job, version: job.version + 1, document: (body as JobRow).document };
  return { body: jobs[id] };
}
