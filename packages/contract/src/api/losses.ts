import { z } from 'zod';

/** What was lost on one lathe or on all, since a day; a year back where none is named. */
export const lossesQuerySchema = z.object({
  machine: z.string().max(60).optional(),
  from: z.iso.date().optional(),
});

/** A piece that was scrapped or sent back, and what that cost. */
export const lossSchema = z.object({
  at: z.iso.datetime(),
  verdict: z.enum(['rework', 'scrap']),
  cause: z.string(),
  minutes: z.number(),
  jobId: z.string(),
  number: z.string(),
  title: z.string(),
  piece: z.int(),
  operator: z.string(),
});
export type LossRow = z.infer<typeof lossSchema>;

export const lossesSchema = z.object({
  from: z.iso.date(),
  /** Newest first. */
  losses: z.array(lossSchema),
  /** There were more than are told. */
  more: z.boolean(),
  /** Pieces and shapes accepted in the same time. */
  accepted: z.int(),
});
export type LossesSaid = z.infer<typeof lossesSchema>;
