import type { KeptRecord, RecordBody } from '../job';

let n = 0;
/** A row kept so many minutes after eight on a made day. */
export const keptAt = (minute: number, body: RecordBody, over: Partial<KeptRecord> = {}): KeptRecord => ({
  id: `00000000-0000-4000-8000-${String(++n).padStart(12, '0')}`,
  jobId: 'j-1',
  piece: 1,
  at: new Date(Date.UTC(2026, 10, 20, 8, minute)).toISOString(),
  operator: 'RK',
  body,
  ...over,
});
