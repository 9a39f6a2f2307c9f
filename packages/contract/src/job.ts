import {
  AnelloError,
  GRADES,
  layoutPart,
  SCHOOL_IDS,
  taperOfPart,
  WAY_IDS,
  type JobFacts,
  type TaperOfPart,
} from '@anello/core';
import { z } from 'zod';
import { entry, entrySchema, type Entry } from './entry';
import { coreFeatures, featureSchema } from './feature';

export const JOB_SCHEMA = 2;

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
  }),
});
export type JobDocument = z.infer<typeof jobDocumentSchema>;

/** A new job with sensible cutting figures, and nothing known of the part yet. */
export function newJobDocument(given: {
  number: string;
  title: string;
  machineId: string;
  quantity?: number;
}): JobDocument {
  return {
    schema: JOB_SCHEMA,
    number: given.number,
    title: given.title,
    quantity: given.quantity ?? 1,
    machineId: given.machineId,
    material: '',
    mate: '',
    note: '',
    features: [],
    tolerance: { grade: 'AT5', standOff: entry('0.25 mm') },
    way: null,
    cut: { roughDepth: entry('0.75 mm'), lastStock: entry('0.6 mm'), allowance: entry('0.08 mm') },
  };
}

/**
 * A stored document of any schema version, brought to the present one. A newer one than this Anello knows
 * is refused with newer-document.
 */
export function migrateJobDocument(raw: unknown): JobDocument {
  const schema = (raw as { schema?: unknown } | null)?.schema;
  if (typeof schema === 'number' && schema > JOB_SCHEMA) {
    throw new AnelloError(
      'newer-document',
      'schema',
      `This job was written by a newer Anello (form ${schema}); this one reads form ${JOB_SCHEMA}.`,
    );
  }
  // Form 2 added ways, schools and cutting figures; everything form 1 said it says the same.
  return schema === JOB_SCHEMA ? (raw as JobDocument) : { ...(raw as JobDocument), schema: JOB_SCHEMA };
}

const value = (given: Entry | undefined): number | undefined => given?.value;

/** The job's taper as a task, or null when the part has none. Errors while its figures are incomplete. */
export function taperOfJob(document: Pick<JobDocument, 'features' | 'tolerance'>): TaperOfPart | null {
  const { grade, coneZone } = document.tolerance;
  return taperOfPart(coreFeatures(document.features), { grade, coneZone: value(coneZone) });
}

/** The same, null as well while figures are missing or disagree. */
export function taperOfJobIfComplete(
  document: Pick<JobDocument, 'features' | 'tolerance'>,
): TaperOfPart | null {
  try {
    return taperOfJob(document);
  } catch (error) {
    if (error instanceof AnelloError) return null;
    throw error;
  }
}

/** What the job's progress depends on. */
export function jobFacts(document: JobDocument): JobFacts {
  const taper = taperOfJobIfComplete(document);
  const { problems, sections } = layoutPart(coreFeatures(document.features));
  return {
    quantity: document.quantity,
    machineId: document.machineId,
    halfAngle: taper?.task.halfAngle ?? null,
    band: taper?.task.tolerance.halfAngle ?? 0,
    partComplete: sections.length > 0 && problems.size === 0,
    hasTaper: document.features.some((f) => f.kind === 'taper'),
    way: document.way,
  };
}
