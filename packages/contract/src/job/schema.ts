import { BATCH_ORDERS } from '@anello/core/job';
import { TOOL_MATERIALS } from '@anello/core/kit';
import { z } from 'zod';
import { JOB_SCHEMA } from '../forms';
import { entrySchema } from '../entry/schema';
import { featureSchema } from './feature/schema';
import { planSchema, stockSchema } from './plan';
import { workSchema } from './work/schema';

/** A job as typed: the part, its bar, how each shape of it is made, and the line of work. Records are kept beside it. */
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
  note: z.string().max(2000),
  /** The day it is wanted, whose it is to do, and words to find it by. */
  due: z.iso.date().optional(),
  who: z.string().trim().min(1).max(12).optional(),
  tags: z.array(z.string().trim().min(1).max(24)).max(8).optional(),
  features: z.array(featureSchema).max(80),
  /** How a batch is worked; each piece in turn where it is not said. */
  batch: z.enum(BATCH_ORDERS).optional(),
  /** Hardened when it is turned, to so much HRC; left as it is where it is not said. */
  harden: entrySchema('number', { positive: true }).optional(),
  /** How each shape of the part is made, by its feature; the usual where nothing is said of one. */
  work: z.record(z.string().min(1).max(60), workSchema),
  /** How this job is cut, whatever is being cut. */
  cut: z.strictObject({
    roughDepth: entrySchema('length'),
    /** Per turn under power, and the tool's nose: what finish to expect. */
    feed: entrySchema('length', { positive: true }).optional(),
    noseRadius: entrySchema('length', { positive: true }).optional(),
    tool: z.enum(TOOL_MATERIALS).optional(),
    /** The row of the materials table, where the material's own words do not say. */
    materialRow: z.string().max(60).optional(),
  }),
  /** The bar it is made from; a usual one is taken where none is said. */
  stock: stockSchema.optional(),
  plan: planSchema.optional(),
  /** The order of work from before there were holdings: kept as it was put, and read no more. */
  order: z.array(z.string().max(20)).max(40).optional(),
});
export type JobDocument = z.infer<typeof jobDocumentSchema>;
