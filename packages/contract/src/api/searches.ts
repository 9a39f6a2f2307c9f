import { z } from 'zod';
import { logQuerySchema } from './log';

export const searchNameSchema = z.string().trim().min(1, 'Give it a name.').max(40);

/** What a search of the logbook asks for; where in it one has read to is not of it. */
export const askedSchema = logQuerySchema.omit({ before: true, limit: true, job: true }).strict();

/** A search of the logbook that the shop keeps, by its name. */
export const searchSchema = z.object({ name: z.string(), asked: askedSchema });
export type Search = z.infer<typeof searchSchema>;
export const searchesSchema = z.object({ searches: z.array(searchSchema) });
export type Searches = z.infer<typeof searchesSchema>;

export const saveSearchSchema = z.strictObject({ asked: askedSchema });
