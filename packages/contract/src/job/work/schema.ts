import { z } from 'zod';
import { curveWorkSchema } from './curve';
import { eccentricWorkSchema } from './eccentric';
import { taperWorkSchema } from './taper';

/** How one shape of the part is made: a taper, an eccentric or a curve, each with what is its own. */
export const workSchema = z.discriminatedUnion('kind', [
  taperWorkSchema,
  eccentricWorkSchema,
  curveWorkSchema,
]);
export type Work = z.infer<typeof workSchema>;
export type WorkKind = Work['kind'];
export type WorkOf<K extends WorkKind> = Extract<Work, { kind: K }>;
