import { DEVICES } from '@anello/core/machine';
import { WAY_IDS } from '@anello/core/taper';
import { z } from 'zod';

const figure = z.object({
  kind: z.enum(['scale', 'took', 'set-up', 'spring', 'lash', 'wear', 'runout', 'drift']),
  device: z.enum(DEVICES).nullable(),
  way: z.enum(WAY_IDS).nullable(),
  points: z.array(
    z.object({ at: z.iso.datetime(), jobId: z.string(), number: z.string(), value: z.number() }),
  ),
  mean: z.number(),
  scatter: z.number().nullable(),
  changed: z.object({ from: z.number(), to: z.number() }).nullable(),
});

/** What a lathe's records say it is like, and what was lost on it. */
export const likenessSchema = z.object({
  figures: z.array(figure),
  /** Shapes of jobs that were looked into. */
  shapes: z.int(),
  accepted: z.int(),
  scrapped: z.int(),
  /** Why pieces were lost, the newest first. */
  lost: z.array(z.object({ jobId: z.string(), number: z.string(), at: z.iso.datetime(), cause: z.string() })),
});
export type LikenessSaid = z.infer<typeof likenessSchema>;
