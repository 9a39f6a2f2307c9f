import { z } from 'zod';

/** What somebody may do once signed in: everything, or look. */
export const RIGHTS = ['write', 'read'] as const;
export type Right = (typeof RIGHTS)[number];

/** As they stand beside what is kept: capitals and figures, so that one hand is not two. */
export const initialsSchema = z
  .string()
  .trim()
  .regex(/^[\p{Lu}\p{N}]{1,12}$/u, 'Initials are capitals and figures, up to twelve.');

export const personSchema = z.object({
  initials: z.string(),
  name: z.string(),
  may: z.enum(RIGHTS),
  /** No longer in the shop: what they kept stays theirs. */
  archived: z.boolean(),
  /** Signs in with a passphrase of their own. */
  ownPassphrase: z.boolean(),
});
export type Person = z.infer<typeof personSchema>;
export const peopleSchema = z.object({ people: z.array(personSchema) });
export type People = z.infer<typeof peopleSchema>;

export const savePersonSchema = z.strictObject({
  name: z.string().trim().min(1).max(60),
  may: z.enum(RIGHTS),
  archived: z.boolean(),
  /** A new one; null takes it away; left out it stays as it is. */
  passphrase: z
    .string()
    .trim()
    .min(8, 'A passphrase has eight characters or more.')
    .max(200)
    .nullable()
    .optional(),
});
export type SavePerson = z.infer<typeof savePersonSchema>;
