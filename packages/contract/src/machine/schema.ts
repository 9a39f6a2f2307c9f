import { WAY_IDS } from '@anello/core/taper';
import { z } from 'zod';
import { CHUCK_KINDS, MACHINE_SCHEMA } from '../forms';
import { entrySchema } from '../entry/schema';

/** A scale, a travel or a distance of nothing is a slip: everything here is more than zero, but for lash. */
const length = () => entrySchema('length', { positive: true });
const angle = () => entrySchema('angle', { positive: true });
const taper = () => entrySchema('taper', { positive: true });

const compound = z.strictObject({
  travel: length(),
  division: angle(),
  zero: z.enum(['along', 'across']),
  dialDivision: length().optional(),
  screwLead: length().optional(),
  feedAngle: angle().optional(),
  handleReach: length().optional(),
  handleOut: length().optional(),
});

const scale = z.discriminatedUnion('unit', [
  z.strictObject({ unit: z.literal('half-angle'), division: angle() }),
  z.strictObject({ unit: z.literal('included'), division: angle() }),
  z.strictObject({ unit: z.literal('per-foot'), division: taper() }),
  z.strictObject({ unit: z.literal('mm-per-m'), division: taper() }),
]);

const attachment = z.strictObject({
  kind: z.enum(['plain', 'telescopic']),
  maxHalfAngle: angle(),
  barTravel: length(),
  barLength: length().optional(),
  pivotLength: length(),
  indicatedEnd: z.enum(['headstock', 'tailstock']),
  scale,
  turnsPerDegree: entrySchema('number', { positive: true }).optional(),
  lash: entrySchema('length'),
});

const tailstock = z.strictObject({
  limit: length(),
  division: length(),
  barrelReach: length().optional(),
  bodyRadius: length().optional(),
});

const chuck = z.strictObject({
  name: z.string().trim().min(1).max(60),
  kind: z.enum(CHUCK_KINDS),
  capacity: length().optional(),
});

/** A lathe as its owner describes it. What is not known is left out, and said where it would matter. */
export const machineDocumentSchema = z.strictObject({
  schema: z.literal(MACHINE_SCHEMA),
  name: z.string().trim().min(1).max(60),
  note: z.string().max(2000),
  archived: z.boolean(),
  centreDistance: length(),
  swing: length(),
  swingOverSlide: length().optional(),
  compound: compound.nullable(),
  attachment: attachment.nullable(),
  tailstock: tailstock.nullable(),
  dial: z.strictObject({
    division: length(),
    reads: z.enum(['radius', 'diameter']),
    units: z.enum(['mm', 'inch']),
    screwLead: length().optional(),
  }),
  /** Resolution of the indicator used for setting. */
  indicator: length(),
  readout: z.strictObject({ resolution: length(), reads: z.enum(['radius', 'diameter']) }).nullable(),
  spindle: z.strictObject({ bore: length().optional(), taper: z.string().max(40) }),
  chucks: z.array(chuck).max(20),
  leadScrew: length().optional(),
  changeGears: z.array(z.int().min(10).max(250)).max(80),
  /** Spindle speeds it has, turns a minute. */
  speeds: z.array(z.int().min(1).max(10000)).max(60).optional(),
  /** Set-up minutes as this shop finds them. */
  minutes: z.partialRecord(z.enum(WAY_IDS), z.int().min(1).max(600)),
});
export type MachineDocument = z.infer<typeof machineDocumentSchema>;
