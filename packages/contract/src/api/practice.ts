import { CRAFT, type PracticeId } from '@anello/core/practice';
import { LEVELS } from '@anello/core/virtual-lathe';
import { z } from 'zod';

const MOST_SEED = 2 ** 31;
/** Longer than anybody practises at one lathe. */
const MOST_MINUTES = 1e6;
const MOST_TAKINGS = 1e6;

/** One run at the practice lathe: whose, of which exercise, how hard, and how it came out. */
export const practiceRunSchema = z.strictObject({
  id: z.uuid(),
  exercise: z.enum(CRAFT as readonly [PracticeId, ...PracticeId[]]),
  /** Empty where nobody said whose hands they were. */
  operator: z.string().max(12),
  level: z.literal(LEVELS),
  seed: z.int().min(0).max(MOST_SEED),
  at: z.iso.datetime(),
  right: z.boolean(),
  minutes: z.number().min(0).max(MOST_MINUTES),
  takings: z.int().min(0).max(MOST_TAKINGS),
});
export type PracticeRun = z.infer<typeof practiceRunSchema>;

export const practiceRunsSchema = z.object({ runs: z.array(practiceRunSchema) });
export type PracticeRuns = z.infer<typeof practiceRunsSchema>;
export const practiceRunsQuerySchema = z.object({ operator: z.string().max(12).default('') });
