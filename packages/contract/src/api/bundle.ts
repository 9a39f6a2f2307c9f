import { AnelloError } from '@anello/core/basics';
import { z } from 'zod';
import { BUNDLE_FORMAT, BUNDLE_SCHEMA } from '../forms';
import { migrateJobDocument } from '../job/migrate';
import { jobDocumentSchema } from '../job/schema';
import { kitDocumentSchema } from '../kit/schema';
import { migrateMachineDocument } from '../machine/migrate';
import { machineDocumentSchema } from '../machine/schema';
import { recordSchema, settingSchema } from '../record/schema';
import { initialsSchema, RIGHTS } from './people';
import { askedSchema, searchNameSchema } from './searches';
import { shopTaperSchema } from '../taper/schema';

const id = z.string().regex(/^[a-z0-9][a-z0-9-]{2,59}$/, 'An id is small letters, figures and hyphens.');
/** Things of one sort in one file. */
const MOST = 1_000_000;

/**
 * Everything a shop has as one file, to carry to another or keep: the published form of Anello's JSON, alone or as `shop.json`
 * in a zip with its photos beside it (`photos/<id>.jpg`). Older forms are still read.
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
  /** Without what they sign in by. */
  people: z
    .array(
      z.strictObject({
        initials: initialsSchema,
        name: z.string().trim().min(1).max(60),
        may: z.enum(RIGHTS),
        archived: z.boolean(),
      }),
    )
    .max(200)
    .default([]),
  searches: z
    .array(z.strictObject({ name: searchNameSchema, asked: askedSchema }))
    .max(200)
    .default([]),
  photos: z
    .array(z.strictObject({ id: z.uuid(), jobId: z.string().min(1).max(60) }))
    .max(MOST)
    .default([]),
});
export type Bundle = z.infer<typeof bundleSchema>;

/**
 * A bundle as it was read from a file, its lathes and jobs brought to the present form; whatever cannot be is left for the
 * schema to refuse. Error: newer-document.
 */
export function migrateBundle(raw: unknown): unknown {
  if (typeof raw !== 'object' || raw === null) return raw;
  const { machines, jobs } = raw as { machines?: unknown; jobs?: unknown };
  return {
    ...raw,
    ...(Array.isArray(machines) ? { machines: machines.map(broughtUpBy(migrateMachineDocument)) } : {}),
    ...(Array.isArray(jobs) ? { jobs: jobs.map(broughtUpBy(migrateJobDocument)) } : {}),
  };
}

const broughtUpBy =
  (migrate: (raw: unknown) => unknown) =>
  (row: unknown): unknown => {
    if (typeof row !== 'object' || row === null) return row;
    try {
      return { ...row, document: migrate((row as { document?: unknown }).document) };
    } catch (error) {
      if (error instanceof AnelloError) throw error;
      return row;
    }
  };

/** Sorts of things that can be here already and differ. */
export const BUNDLE_SORTS = ['machines', 'kit', 'tapers', 'jobs'] as const;
export type BundleSort = (typeof BUNDLE_SORTS)[number];
/** What becomes of one that differs: taken in beside mine under a new name, left out, or put in the place of mine. */
export const TAKEN_AS = ['beside', 'left', 'over'] as const;
export type TakenAs = (typeof TAKEN_AS)[number];

const named = z
  .string()
  .transform((text) => text.split(',').filter((one) => one !== ''))
  .pipe(z.array(z.string().regex(/^(machines|kit|tapers|jobs):[a-z0-9][a-z0-9-]{2,59}$/)).max(5000))
  .optional();
/** How a file is taken in: only tried, with nothing written; and of those that differ (`jobs:j-101`), which not beside. */
export const importQuerySchema = z.object({
  trial: z.literal('yes').optional(),
  leave: named,
  over: named,
});

/** Ids of jobs, with commas between; the whole shop where none are named. */
export const bundleQuerySchema = z.object({
  jobs: z
    .string()
    .transform((text) => text.split(',').filter((one) => one !== ''))
    .pipe(z.array(id).min(1).max(500))
    .optional(),
});

/** What an import did, or in a trial would do: nothing here is overwritten but what was named. */
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
    /** Of jobs and lathes that were left out. */
    unwanted: z.int(),
    /** Photos that are not in the file, are none, or are of no job here. */
    photos: z.int(),
  }),
  /** Photos that were not here. */
  photos: z.int(),
  /** Here under the same id but different, and what became of each. */
  differ: z.array(
    z.object({
      sort: z.enum(BUNDLE_SORTS),
      id: z.string(),
      name: z.string(),
      as: z.enum(TAKEN_AS),
      /** What it is called now, where it stands beside mine. */
      beside: z.string().nullable(),
      /** Where the two differ: names of the document's own fields. */
      where: z.array(z.string()),
    }),
  ),
  /** Here under the same id but different: taken in beside it under a new name. */
  beside: z.array(z.string()),
});
export type Imported = z.infer<typeof importedSchema>;

/** What comes of an empty file: what a taking in begins with. */
export const nothingImported = (): Imported => ({
  added: [],
  same: [],
  beside: [],
  differ: [],
  kept: 0,
  photos: 0,
  left: { withoutJob: 0, different: 0, unwanted: 0, photos: 0 },
});

/** The bundle's form as JSON Schema, for whoever writes or reads such a file. */
export const bundleJsonSchema = (): object => ({
  title: 'Anello shop bundle',
  ...z.toJSONSchema(bundleSchema, { io: 'input' }),
});
