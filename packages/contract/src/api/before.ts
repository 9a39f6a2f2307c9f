import { z } from 'zod';

const at = z.iso.datetime();

/** How one shape of an earlier job went; the core defines it. */
const storySchema = z.object({
  from: at,
  to: at,
  operator: z.string(),
  way: z.string().nullable(),
  setting: z
    .object({
      halfAngle: z.number(),
      at,
      operator: z.string(),
      machineId: z.string(),
      nudges: z.int(),
      scaleOff: z.number().nullable(),
    })
    .nullable(),
  pieces: z.int(),
  accepted: z.int(),
  scrapped: z.int(),
  passes: z.int(),
  tries: z.int(),
  took: z.number().nullable(),
  causes: z.array(z.string()),
  minutes: z.number(),
});

/** The same shape in an earlier job: where it is, and how it went. */
export const beforeRowSchema = z.object({
  jobId: z.string(),
  number: z.string(),
  title: z.string(),
  machineId: z.string(),
  material: z.string(),
  feature: z.string(),
  /** How it was said to be made: what a job that starts from it takes over. */
  work: z.unknown(),
  story: storySchema,
});
export type BeforeRow = z.infer<typeof beforeRowSchema>;

/** How one plain operation of an earlier job went; the core defines it. */
const operationStorySchema = z.object({
  to: at,
  operator: z.string(),
  pieces: z.int(),
  passes: z.int(),
  inside: z.int(),
  outside: z.int(),
  notes: z.array(z.string()),
  minutes: z.number(),
  planned: z.number().nullable(),
});

/** What a plain operation is found again by, as its records have it. */
export const likeQuerySchema = z.object({ alike: z.string().min(1).max(120) });

/** The same operation in an earlier job: where it is, and how it went. */
export const operationBeforeRowSchema = z.object({
  jobId: z.string(),
  number: z.string(),
  title: z.string(),
  machineId: z.string(),
  material: z.string(),
  operation: z.string(),
  story: operationStorySchema,
});
export type OperationBeforeRow = z.infer<typeof operationBeforeRowSchema>;

/** The same thread or hole, or the same tool in the same material, in other jobs: this lathe's first, the newest first. */
export const operationBeforeSchema = z.object({ rows: z.array(operationBeforeRowSchema) });
export type OperationBefore = z.infer<typeof operationBeforeSchema>;

/** The same taper or throw in other jobs: this lathe's first, the newest first. */
export const beforeSchema = z.object({ rows: z.array(beforeRowSchema) });
export type Before = z.infer<typeof beforeSchema>;
