import { z } from 'zod';

const bytes = z.number().min(0);

/** The copies of the book: where they lie, how old the last is, and what somebody should see to. */
export const copiesSchema = z.object({
  folder: z.string(),
  /** The newest first; `own` are those made by itself, which it takes away again in time. */
  copies: z.array(z.object({ name: z.string(), at: z.iso.datetime(), bytes, own: z.boolean() })),
  last: z.iso.datetime().nullable(),
  overdue: z.boolean(),
  /** Why the last one could not be made. */
  failed: z.string().nullable(),
  /** Bytes of the book, and free and altogether where the copies lie. */
  book: bytes,
  free: bytes,
  whole: bytes,
  nearlyFull: z.boolean(),
});
export type CopiesSaid = z.infer<typeof copiesSchema>;
