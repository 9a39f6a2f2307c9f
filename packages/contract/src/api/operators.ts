import { z } from 'zod';

/** Whose initials stand in the book, and when they last kept something: the latest first. */
export const operatorsSchema = z.object({
  operators: z.array(z.object({ initials: z.string(), seen: z.iso.datetime() })),
});
export type Operators = z.infer<typeof operatorsSchema>;
