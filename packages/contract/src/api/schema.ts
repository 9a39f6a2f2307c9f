import { STAGES } from '@anello/core/job';
import { z } from 'zod';
import { featureSchema } from '../job/feature/schema';
import { jobDocumentSchema } from '../job/schema';
import { kitDocumentSchema } from '../kit/schema';
import { machineDocumentSchema } from '../machine/schema';
import { recordSchema, settingSchema } from '../record/schema';
import { personSchema } from './people';
import { shopTaperSchema } from '../taper/schema';

const id = z.string().min(1).max(60);
/** Made by the client, so that a request sent twice makes one thing. */
const newId = z.string().regex(/^[a-z0-9][a-z0-9-]{2,59}$/, 'An id is small letters, figures and hyphens.');
const version = z.int().min(1);
/** Made by the client for each save, so that one sent twice is done once. */
const save = z.uuid().optional();

/** Something kept that cannot be read; everything else is answered without it. */
export const asideSchema = z.object({ id, name: z.string(), sentence: z.string() });
export type Aside = z.infer<typeof asideSchema>;
const aside = z.array(asideSchema);

export const jobRowSchema = z.object({
  id,
  version,
  updatedAt: z.iso.datetime(),
  document: jobDocumentSchema,
});
export type JobRow = z.infer<typeof jobRowSchema>;

/** What a figure in a sentence looks like on the wire; the core defines it. */
const phraseSchema = z.array(
  z.union([z.string(), z.looseObject({ quantity: z.string(), value: z.number() })]),
);

export const stageStateSchema = z.object({
  stage: z.enum(STAGES),
  state: z.enum(['done', 'now', 'ahead']),
  stale: phraseSchema.nullable(),
});

/** One card of the rack. */
export const jobCardSchema = z.object({
  id,
  number: z.string(),
  title: z.string(),
  machineId: z.string(),
  quantity: z.int(),
  due: z.iso.date().optional(),
  who: z.string().optional(),
  tags: z.array(z.string()).optional(),
  /** When it was put away; null while it is on the rack. */
  putAway: z.iso.datetime().nullable(),
  updatedAt: z.iso.datetime(),
  features: z.array(featureSchema),
  piece: z.int(),
  now: z.enum(STAGES),
  next: z.string(),
  finished: z.boolean(),
  scrapped: z.boolean(),
  stages: z.array(stageStateSchema),
  /** Its line of work in short; null while the part has none. */
  line: z
    .object({
      holdings: z.array(z.object({ of: z.int(), done: z.int() })),
      now: z
        .object({
          piece: z.int(),
          operation: z.string(),
          name: z.string(),
          on: z.string(),
          loop: z.boolean(),
        })
        .nullable(),
    })
    .nullable(),
});
export type JobCard = z.infer<typeof jobCardSchema>;

export const RACK_SORTS = ['touched', 'due', 'number'] as const;
export type RackSort = (typeof RACK_SORTS)[number];
export const rackQuerySchema = z.object({
  /** What is put away is shown where it is asked for, or found by a word. */
  show: z.enum(['rack', 'away']).default('rack'),
  sort: z.enum(RACK_SORTS).default('touched'),
  search: z.string().max(80).default(''),
  offset: z.coerce.number().int().min(0).max(1_000_000).default(0),
  limit: z.coerce.number().int().min(1).max(100).default(24),
});
export const rackSchema = z.object({ jobs: z.array(jobCardSchema), aside, total: z.int() });
export type Rack = z.infer<typeof rackSchema>;

/** `next` is where the following page of records begins; null when these are all. */
const next = z.int().nullable();
export const jobViewSchema = z.object({ job: jobRowSchema, records: z.array(recordSchema), next });
export const recordsPageSchema = z.object({ records: z.array(recordSchema), next });
export type RecordsPage = z.infer<typeof recordsPageSchema>;
export const recordsQuerySchema = z.object({
  after: z.coerce
    .number()
    .int()
    .min(0)
    .max(2 ** 50)
    .default(0),
});
export type JobView = z.infer<typeof jobViewSchema>;

export const putAwaySchema = z.strictObject({ away: z.boolean() });

export const createJobSchema = z.strictObject({ id: newId, document: jobDocumentSchema });
export const saveJobSchema = z.strictObject({ version, document: jobDocumentSchema, save });

export const machineRowSchema = z.object({
  id,
  version,
  document: machineDocumentSchema,
  /** The latest row for each device, disturbed ones included. */
  settings: z.array(settingSchema),
});
export type MachineRow = z.infer<typeof machineRowSchema>;
export const machinesSchema = z.object({ machines: z.array(machineRowSchema), aside });
export const createMachineSchema = z.strictObject({ id: newId, document: machineDocumentSchema });
export const saveMachineSchema = z.strictObject({ version, document: machineDocumentSchema, save });

export const kitRowSchema = z.object({ id, version, document: kitDocumentSchema });
export type KitRow = z.infer<typeof kitRowSchema>;
export const kitListSchema = z.object({ rows: z.array(kitRowSchema), aside });
export const createKitSchema = z.strictObject({ id: newId, document: kitDocumentSchema });
export const saveKitSchema = z.strictObject({ version, document: kitDocumentSchema, save });

export const taperRowSchema = z.object({ id, version, document: shopTaperSchema });
export type TaperRow = z.infer<typeof taperRowSchema>;
export const taperListSchema = z.object({ rows: z.array(taperRowSchema), aside });
export const createTaperSchema = z.strictObject({ id: newId, document: shopTaperSchema });
export const saveTaperSchema = z.strictObject({ version, document: shopTaperSchema, save });

export const keptSchema = z.object({ kept: z.literal(true), id });

export const healthSchema = z.object({ status: z.literal('ok'), version: z.string() });

export const errorSchema = z.object({
  code: z.string(),
  field: z.string().nullable(),
  sentence: z.string(),
  phrase: phraseSchema.optional(),
  /** With stale-version: the document as it stands now. */
  current: z.unknown().optional(),
});
export type ErrorBody = z.infer<typeof errorSchema>;

/** Whether this shop has a passphrase, whether who asks has given it, and who that is, where it was their own. */
export const sessionSchema = z.object({
  needed: z.boolean(),
  signedIn: z.boolean(),
  who: personSchema.nullable(),
});
export type Session = z.infer<typeof sessionSchema>;
export const signInSchema = z.strictObject({
  passphrase: z.string().min(1).max(200),
  /** Whose it is; the shop's where left out. */
  initials: z.string().trim().max(12).optional(),
});
