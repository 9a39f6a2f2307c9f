import { SIZE_IDS } from '@anello/core/gauging';
import { SCHOOL_IDS } from '@anello/core/setting';
import { GRADES, WAY_IDS } from '@anello/core/taper';
import { z } from 'zod';
import { entrySchema } from '../../entry/schema';

/** How a taper is made and proved: what it is tried in, how good it is to be, its way, its cut and how its size is found. */
export const taperWorkSchema = z.strictObject({
  kind: z.literal('taper'),
  /** What it is tried in: the sleeve, plug or mate. */
  mate: z.string().max(80),
  /** The job its mate is made in, and which taper of that one it is; where its large end lay when they were put together. */
  mateJob: z
    .strictObject({
      id: z.string().min(1).max(60),
      number: z.string().max(20),
      feature: z.string().min(1).max(60),
      largeEnd: z.enum(['headstock', 'tailstock']),
    })
    .optional(),
  tolerance: z.strictObject({
    grade: z.enum(GRADES),
    /** From the drawing, on diameter over the cone's length; overrides the grade. */
    coneZone: entrySchema('length').optional(),
    /** How far off its gauge line it may stand and still be right. */
    standOff: entrySchema('length'),
  }),
  /** The user's choice, with what it was chosen for. */
  way: z
    .strictObject({
      id: z.enum(WAY_IDS),
      machineId: z.string().max(60),
      halfAngle: z.number(),
      /** How it is set, where the user chose; the way's usual school otherwise. */
      school: z.enum(SCHOOL_IDS).optional(),
    })
    .nullable(),
  cut: z.strictObject({
    /** Diameter over it before it is cut. */
    stock: entrySchema('length').optional(),
    lastStock: entrySchema('length'),
    allowance: entrySchema('length'),
    /** Chance of going past the line that is accepted; one in a hundred where it is not said. */
    risk: z.number().positive().max(0.2).optional(),
  }),
  /** How size is found at the try, and the figures that way needs. */
  sizing: z
    .strictObject({ by: z.enum(SIZE_IDS), given: z.record(z.string().max(20), entrySchema('length')) })
    .optional(),
});
export type TaperWork = z.infer<typeof taperWorkSchema>;
