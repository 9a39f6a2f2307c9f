import { AnelloError } from '@anello/core/basics';
import { INSTRUMENT_TYPES } from '@anello/core/kit';
import { parseSizes } from '@anello/core/quantity';
import { z } from 'zod';
import { KIT_SCHEMA } from '../forms';
import { entrySchema } from '../entry/schema';

const length = () => entrySchema('length', { positive: true });
const base = {
  schema: z.literal(KIT_SCHEMA),
  name: z.string().trim().min(1).max(60),
  note: z.string().max(1000),
  archived: z.boolean(),
};

/** Sizes of a set as typed, and as read: the text must read as the list it came with. */
export const sizesSchema = z
  .strictObject({
    typed: z.string().min(1).max(8000),
    unit: z.enum(['mm', 'in']),
    values: z.array(z.number().positive()).min(1).max(400),
  })
  .superRefine((sizes, context) => {
    const message = sizesDisagree(sizes);
    if (message) context.addIssue({ code: 'custom', message });
  });
export type Sizes = z.infer<typeof sizesSchema>;

function sizesDisagree({ typed, unit, values }: { typed: string; unit: 'mm' | 'in'; values: number[] }) {
  try {
    const read = parseSizes(typed, unit);
    const same = read.length === values.length && read.every((v, i) => Math.abs(v - (values[i] ?? 0)) < 1e-6);
    return same ? null : 'The sizes do not read as the list sent with them.';
  } catch (error) {
    if (error instanceof AnelloError) return error.message;
    throw error;
  }
}

/** A master or a reamer is of a size in the tables, or of a taper typed. */
const itsTaper = {
  series: z.strictObject({ series: z.string().max(40), size: z.string().max(60) }).optional(),
  ratio: entrySchema('taper', { positive: true }),
  length: length(),
};

/** What is checked from time to time: when last, against what, and how many months until again. */
const checkedLately = {
  checkedOn: z.iso.date().optional(),
  checkedAgainst: z.string().trim().max(80).optional(),
  checkEvery: entrySchema('number', { positive: true }).optional(),
};

const instrument = z.strictObject({
  ...base,
  kind: z.literal('instrument'),
  type: z.enum(INSTRUMENT_TYPES),
  resolution: length(),
  range: length().optional(),
  uncertainty: length(),
  ...checkedLately,
});
const blocks = z.strictObject({
  ...base,
  kind: z.literal('blocks'),
  sizes: sizesSchema,
  wear: length().optional(),
  ...checkedLately,
});
const sizedSet = (kind: 'drills' | 'reamers' | 'rollers' | 'balls') =>
  z.strictObject({ ...base, kind: z.literal(kind), sizes: sizesSchema });
const sineBar = z.strictObject({ ...base, kind: z.literal('sine-bar'), length: length(), ...checkedLately });
const master = z.strictObject({
  ...base,
  kind: z.literal('master'),
  ...itsTaper,
  /** The day it was last proved, and by whom. */
  provedOn: z.iso.date().optional(),
  provedBy: z.string().max(12).optional(),
  checkedAgainst: checkedLately.checkedAgainst,
  checkEvery: checkedLately.checkEvery,
});
const taperReamer = z.strictObject({ ...base, kind: z.literal('taper-reamer'), ...itsTaper });
const boringBar = z.strictObject({
  ...base,
  kind: z.literal('boring-bar'),
  diameter: length(),
  reach: length(),
  pointOffset: length(),
  edgeDepth: entrySchema('length'),
  clearance: entrySchema('angle', { positive: true }),
  material: z.enum(['steel', 'carbide']),
});
const pinBlock = z.strictObject({
  ...base,
  kind: z.literal('pin-block'),
  holes: z
    .array(z.strictObject({ name: z.string().trim().min(1).max(60), x: length(), y: length() }))
    .min(1)
    .max(40),
});

/** A row of the table of materials; where its figures come from stands in the note. */
const material = z.strictObject({
  ...base,
  kind: z.literal('material'),
  alsoCalled: z.string().max(300),
  /** What goes on the cut. */
  lubricant: z.string().trim().max(120).optional(),
  /** m/min. */
  speedHss: entrySchema('number', { positive: true }),
  speedCarbide: entrySchema('number', { positive: true }),
  feed: length(),
  fineFeed: length(),
  /** g/cm³. */
  density: entrySchema('number', { positive: true }),
  /** Millionths per °C. */
  expansion: entrySchema('number', { positive: true }),
});

/** One thing a shop owns besides its lathes, or one set. */
export const kitDocumentSchema = z.discriminatedUnion('kind', [
  instrument,
  blocks,
  sizedSet('drills'),
  sizedSet('reamers'),
  sizedSet('rollers'),
  sizedSet('balls'),
  sineBar,
  master,
  taperReamer,
  boringBar,
  pinBlock,
  material,
]);
export type KitDocument = z.infer<typeof kitDocumentSchema>;
export type KitKind = KitDocument['kind'];
