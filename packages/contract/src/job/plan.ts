import { HOLDING_BY, OPERATION_KINDS, STOCK_SHAPES } from '@anello/core/plan';
import { z } from 'zod';
import { entrySchema } from '../entry/schema';

const END = z.enum(['headstock', 'tailstock']);
const id = z.string().min(1).max(60);
const MOST_ID = 140;

/**
 * The bar a part comes out of. One of nothing is kept as it was typed, as a feature of nothing is: the line of work says
 * at its box what is wrong with it, and the rest of the job is saved.
 */
export const stockSchema = z.strictObject({
  shape: z.enum(STOCK_SHAPES),
  across: entrySchema('length'),
  length: entrySchema('length'),
  /** A hole right through it. */
  bore: entrySchema('length').optional(),
});
export type StockDocument = z.infer<typeof stockSchema>;

/** An operation is named by its kind and its feature. */
const operationId = z.string().min(1).max(MOST_ID);

const operationSchema = z.strictObject({
  id: operationId,
  kind: z.enum(OPERATION_KINDS),
  features: z.array(id).max(80),
  end: END.optional(),
});

/** The holdings as the user put them; where there are none the job goes by what is proposed. */
export const planSchema = z
  .array(
    z.strictObject({
      id,
      by: z.enum(HOLDING_BY),
      grips: z.strictObject({ from: z.number(), to: z.number() }).nullable(),
      toward: END,
      centre: z.boolean(),
      trueTo: z.strictObject({ feature: id, limit: z.number().positive() }).optional(),
      operations: z.array(operationSchema).max(120),
    }),
  )
  .max(20);
