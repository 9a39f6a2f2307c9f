import { CURVE_WAY_IDS } from '@anello/core/ways';
import { z } from 'zod';
import { entrySchema } from '../../entry/schema';

const positive = () => entrySchema('length', { positive: true }).optional();

/** How a curve, or a set of grooves, is made, and the figures that takes. */
export const curveWorkSchema = z.strictObject({
  kind: z.literal('curve'),
  /** What it goes into, or runs with. */
  mate: z.string().max(80),
  way: z.enum(CURVE_WAY_IDS).optional(),
  nose: positive(),
  stylus: entrySchema('length').optional(),
  ridge: positive(),
  longest: positive(),
  allowance: entrySchema('length').optional(),
  of: z.enum(['tip', 'centre']).optional(),
  /** Falls behind the nose that its flank clears. */
  flank: entrySchema('angle', { positive: true }).optional(),
  /** A 50 mm bar as this printer printed it. */
  printedBar: positive(),
  /** Deviation allowed either way. */
  limit: positive(),
  tool: z.enum(['flat', 'circular']).optional(),
  rake: entrySchema('angle').optional(),
  clearance: entrySchema('angle', { positive: true }).optional(),
  toolRadius: positive(),
  stickOut: positive(),
  widthBand: positive(),
  bottomBand: positive(),
  placeBand: positive(),
  landBand: positive(),
  /** The wall a bore is cut on: the far one turns its drawing over. */
  wall: z.enum(['near', 'far']).optional(),
  /** Of the mate, where the part is one of a pair: square to the curve. */
  mateClearance: entrySchema('length').optional(),
  /** Measured places may be scaled as well as moved when they are laid on. */
  withScale: z.boolean().optional(),
  /** The finest cloth. */
  finest: z.int().min(1).max(5000).optional(),
});
export type CurveWork = z.infer<typeof curveWorkSchema>;
