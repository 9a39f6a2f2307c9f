import { SIZE_IDS } from '@anello/core/gauging';
import { TOOL_MATERIALS } from '@anello/core/kit';
import { SCHOOL_IDS } from '@anello/core/setting';
import { GRADES, WAY_IDS } from '@anello/core/taper';
import { z } from 'zod';
import { JOB_SCHEMA } from '../forms';
import { curveChoiceSchema } from './curve';
import { eccentricChoiceSchema } from './eccentric';
import { entrySchema } from '../entry/schema';
import { featureSchema } from './feature/schema';
import { planSchema, stockSchema } from './plan';

/** A job as typed: the part, its tolerance, the chosen way and the cut. Records are kept beside it. */
export const jobDocumentSchema = z.strictObject({
  schema: z.literal(JOB_SCHEMA),
  number: z
    .string()
    .regex(
      /^[A-Za-z0-9][A-Za-z0-9._-]{0,19}$/,
      'A job number is letters, figures, dots and hyphens, up to 20.',
    ),
  title: z.string().trim().min(1).max(120),
  quantity: z.int().min(1).max(200),
  machineId: z.string().min(1).max(60),
  material: z.string().max(80),
  /** What it is tried in: the sleeve, plug or mate. */
  mate: z.string().max(80),
  note: z.string().max(2000),
  features: z.array(featureSchema).max(80),
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
    stock: entrySchema('length').optional(),
    roughDepth: entrySchema('length'),
    lastStock: entrySchema('length'),
    allowance: entrySchema('length'),
    /** Per turn under power, and the tool's nose: what finish to expect. */
    feed: entrySchema('length', { positive: true }).optional(),
    noseRadius: entrySchema('length', { positive: true }).optional(),
    /** Chance of going past the line that is accepted; one in a hundred where it is not said. */
    risk: z.number().positive().max(0.2).optional(),
    tool: z.enum(TOOL_MATERIALS).optional(),
    /** The row of the materials table, where the material's own words do not say. */
    materialRow: z.string().max(60).optional(),
  }),
  /** How the eccentric is made, and the figures that takes. */
  eccentric: eccentricChoiceSchema.optional(),
  curve: curveChoiceSchema.optional(),
  /** The bar it is made from; a usual one is taken where none is said. */
  stock: stockSchema.optional(),
  plan: planSchema.optional(),
  /** The order of work from before there were holdings: kept as it was put, and read no more. */
  order: z.array(z.string().max(20)).max(40).optional(),
  /** How size is found at the try, and the figures that way needs. */
  sizing: z
    .strictObject({ by: z.enum(SIZE_IDS), given: z.record(z.string().max(20), entrySchema('length')) })
    .optional(),
});
export type JobDocument = z.infer<typeof jobDocumentSchema>;
