import { z } from 'zod';
import { BUNDLE_FORMAT, BUNDLE_SCHEMA } from '../forms';
import { jobDocumentSchema } from '../job/schema';
import { kitDocumentSchema } from '../kit/schema';
import { machineDocumentSchema } from '../machine/schema';
import { recordSchema, settingSchema } from '../record/schema';
import { shopTaperSchema } from '../taper/schema';

const id = z.string().regex(/^[a-z0-9][a-z0-9-]{2,59}$/, 'An id is small letters, figures and hyphens.');
/** Things of one sort in one file. */
const MOST = 1_000_000;

/**
 * Everything a shop has as one file, to carry to another or keep: the published form of Anello's JSON. Form 1 had lathes,
 * kit and tapers only, and is still read.
 */
export const bundleSchema = z.strictObject({
  format: z.literal(BUNDLE_FORMAT),
  schema: z.int().min(1).max(BUNDLE_SCHEMA),
  machines: z.array(z.strictObject({ id, document: machineDocumentSchema })).max(MOST),
  kit: z.array(z.strictObject({ id, document: kitDocumentSchema })).max(MOST),
  tapers: z.array(z.strictObject({ id, document: shopTaperSchema })).max(MOST),
  jobs: z
    .array(z.strictObject({ id, document: jobDocumentSchema }))
    .max(MOST)
    .default([]),
  records: z.array(recordSchema).max(MOST).default([]),
  settings: z.array(settingSchema).max(MOST).default([]),
});
export type Bundle = z.infer<typeof bundleSchema>;

/** Ids of jobs, with commas between; the whole shop where none are named. */
export const bundleQuerySchema = z.object({
  jobs: z
    .string()
    .transform((text) => text.split(',').filter((one) => one !== ''))
    .pipe(z.array(id).min(1).max(500))
    .optional(),
});

/** What an import did: nothing here is ever overwritten. */
export const importedSchema = z.object({
  added: z.array(z.string()),
  /** Already here, the same. */
  same: z.array(z.string()),
  /** Records and settings that were not here. */
  kept: z.int(),
  /** Records and settings that could not be taken in. */
  left: z.object({
    /** Of a job, a piece or a lathe that is not here. */
    withoutJob: z.int(),
    /** Here under the same id, saying something else: what is here stands. */
    different: z.int(),
  }),
  /** Here under the same id but different: taken in beside it under a new name. */
  beside: z.array(z.string()),
});
export type Imported = z.infer<typeof importedSchema>;

/** The bundle's form as JSON Schema, for whoever writes or reads such a file. */
export const bundleJsonSchema = (): object => ({
  title: 'Anello shop bundle',
  ...z.toJSONSchema(bundleSchema, { io: 'input' }),
});
