import { z } from 'zod';
import { BUNDLE_FORMAT, BUNDLE_SCHEMA } from '../forms';
import { kitDocumentSchema } from './kit';
import { machineDocumentSchema } from './machine';
import { shopTaperSchema } from './shopTaper';

const id = z.string().regex(/^[a-z0-9][a-z0-9-]{2,59}$/, 'An id is small letters, figures and hyphens.');
const MOST = 500;

/** Lathes, kit and tapers as one file, to carry to another shop or keep: the published form of Anello's JSON. */
export const bundleSchema = z.strictObject({
  format: z.literal(BUNDLE_FORMAT),
  schema: z.literal(BUNDLE_SCHEMA),
  machines: z.array(z.strictObject({ id, document: machineDocumentSchema })).max(MOST),
  kit: z.array(z.strictObject({ id, document: kitDocumentSchema })).max(MOST),
  tapers: z.array(z.strictObject({ id, document: shopTaperSchema })).max(MOST),
});
export type Bundle = z.infer<typeof bundleSchema>;

/** What an import did: nothing here is ever overwritten. */
export const importedSchema = z.object({
  added: z.array(z.string()),
  /** Already here, the same. */
  same: z.array(z.string()),
  /** Here under the same id but different: taken in beside it under a new name. */
  beside: z.array(z.string()),
});
export type Imported = z.infer<typeof importedSchema>;

/** The bundle's form as JSON Schema, for whoever writes or reads such a file. */
export const bundleJsonSchema = (): object => ({
  title: 'Anello shop bundle',
  ...z.toJSONSchema(bundleSchema),
});
