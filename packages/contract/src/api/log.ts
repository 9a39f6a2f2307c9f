import { z } from 'zod';
import { FEATURE_KINDS, type FeatureKind } from '@anello/core/part';
import { recordSchema } from '../record/schema';

const day = z.iso.date().optional();
const PROFILE = 'profile' satisfies FeatureKind;
/** A profile is worked as a curve. */
const SHAPES = ['curve', ...FEATURE_KINDS.filter((kind) => kind !== PROFILE)] as [
  'curve',
  ...Exclude<FeatureKind, 'profile'>[],
];

/** What of the logbook is asked for: all of it, newest first, where nothing is said. */
export const logQuerySchema = z.object({
  /** Only rows kept before this one. */
  before: z.coerce
    .number()
    .int()
    .min(1)
    .max(2 ** 50)
    .optional(),
  limit: z.coerce.number().int().min(1).max(200).default(50),
  machine: z.string().max(60).optional(),
  job: z.string().max(60).optional(),
  operator: z.string().max(12).optional(),
  kind: z.string().max(20).optional(),
  verdict: z.enum(['accepted', 'rework', 'scrap']).optional(),
  way: z.string().max(40).optional(),
  /** A kind of shape or of plain feature, and of a taper the table it was taken from. */
  shape: z.enum(SHAPES).optional(),
  series: z.string().max(40).optional(),
  size: z.string().max(60).optional(),
  material: z.string().max(80).optional(),
  /** Free words: of the row, or of its job's number and title. */
  words: z.string().max(80).optional(),
  from: day,
  to: day,
});
export type LogQuery = z.infer<typeof logQuerySchema>;

/** One kept row with the job it is of. */
export const logRowSchema = z.object({
  seq: z.int(),
  number: z.string(),
  title: z.string(),
  machineId: z.string().nullable(),
  /** It was taken back later. */
  gone: z.boolean(),
  record: recordSchema,
});
export type LogRow = z.infer<typeof logRowSchema>;
/** `next` is what to ask for what was kept before these; null when there is none. */
export const logSchema = z.object({ rows: z.array(logRowSchema), next: z.int().nullable() });
export type LogPage = z.infer<typeof logSchema>;
