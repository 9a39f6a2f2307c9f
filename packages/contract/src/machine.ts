import type { Lathe } from '@anello/core';
import { z } from 'zod';
import { entrySchema, valuesOf } from './entry';

export const MACHINE_SCHEMA = 1;
/** A scale, a travel or a distance of nothing is a slip: everything here is more than zero, but for lash. */
const length = () => entrySchema('length', { positive: true });
const angle = () => entrySchema('angle', { positive: true });

/** A lathe as its owner describes it. */
export const machineDocumentSchema = z.strictObject({
  schema: z.literal(MACHINE_SCHEMA),
  name: z.string().trim().min(1).max(60),
  note: z.string().max(2000),
  centreDistance: length(),
  swing: length(),
  compound: z
    .strictObject({ travel: length(), division: angle(), zero: z.enum(['along', 'across']) })
    .nullable(),
  attachment: z
    .strictObject({
      kind: z.enum(['plain', 'telescopic']),
      maxHalfAngle: angle(),
      barTravel: length(),
      pivotLength: length(),
      indicatedEnd: z.enum(['headstock', 'tailstock']),
      division: angle(),
      lash: entrySchema('length'),
    })
    .nullable(),
  tailstock: z.strictObject({ limit: length(), division: length() }).nullable(),
  dial: z.strictObject({
    division: length(),
    reads: z.enum(['radius', 'diameter']),
    units: z.enum(['mm', 'inch']),
  }),
  /** Resolution of the indicator used for setting. */
  indicator: length(),
});
export type MachineDocument = z.infer<typeof machineDocumentSchema>;

/** The lathe as the core computes with it. */
export function coreLathe(document: MachineDocument): Lathe {
  return valuesOf(document);
}
