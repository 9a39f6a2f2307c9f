import { z } from 'zod';

/** The number that the next job may have: one more than the highest there is, put away or not. */
export const nextNumberSchema = z.object({ number: z.string() });
export type NextNumber = z.infer<typeof nextNumberSchema>;
