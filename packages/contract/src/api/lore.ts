import { z } from 'zod';

/** Which earlier approaches are asked for: those of one way on a lathe, but the piece in hand. */
export const loreQuerySchema = z.object({
  way: z.string().max(40),
  job: z.string().max(60).optional(),
  piece: z.coerce.number().int().min(1).max(200).optional(),
});

/** What earlier approaches on a lathe say of its tools; null where none showed anything. */
export const loreSchema = z.object({
  lore: z
    .object({
      gain: z.number(),
      spread: z.number(),
      believed: z.number(),
      approaches: z.int(),
      latest: z.iso.datetime(),
    })
    .nullable(),
});
export type LoreSaid = z.infer<typeof loreSchema>;
