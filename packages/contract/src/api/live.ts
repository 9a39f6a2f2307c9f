import { z } from 'zod';
import { recordSchema } from '../record/schema';

const jobId = z.string().min(1).max(60);

/** What a screen says of itself: the job that is open on it, and who is at it. */
export const hereSchema = z.strictObject({
  is: z.literal('here'),
  job: jobId.nullable(),
  who: z.string().max(12),
});
export type Here = z.infer<typeof hereSchema>;

/** The shelves whose contents every screen holds. */
export const LIVE_SHELVES = ['machines', 'kit', 'tapers', 'people', 'searches'] as const;

/** What the server tells every screen, the moment it is on the disk. */
export const liveEventSchema = z.discriminatedUnion('is', [
  z.object({ is: z.literal('record'), record: recordSchema }),
  /** A job was added, saved, put away or brought back. */
  z.object({ is: z.literal('job'), id: jobId, version: z.int().nullable() }),
  z.object({ is: z.literal('shelf'), of: z.enum(LIVE_SHELVES) }),
  /** So much changed at once that everything is to be asked for again. */
  z.object({ is: z.literal('all') }),
  /** Who else has this job open, a screen each. */
  z.object({ is: z.literal('present'), job: jobId, others: z.array(z.string()) }),
]);
export type LiveEvent = z.infer<typeof liveEventSchema>;
