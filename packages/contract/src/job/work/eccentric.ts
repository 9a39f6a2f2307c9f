import { ECCENTRIC_WAY_IDS } from '@anello/core/ways';
import { z } from 'zod';
import { entrySchema } from '../../entry/schema';

const length = () => entrySchema('length').optional();
const positive = () => entrySchema('length', { positive: true }).optional();

/** How an eccentric is made, and the figures that takes. */
export const eccentricWorkSchema = z.strictObject({
  kind: z.literal('eccentric'),
  /** What it goes into, or runs with. */
  mate: z.string().max(80),
  way: z.enum(ECCENTRIC_WAY_IDS).optional(),
  /** The jaw the high side faces; none leaves it where it comes. */
  toward: z.int().min(1).max(4).optional(),
  /** Plus or minus on the needle's whole swing. */
  limit: positive(),
  jaws: z.enum(['narrow', 'wide']).optional(),
  /** The packing as made. */
  packing: positive(),
  grooveTool: positive(),
  partTool: positive(),
  leastLand: positive(),
  /** Radius a counterweight can sit at. */
  weightAt: positive(),
  /** What the tool and the slide leave clear round the axis. */
  clear: positive(),
  screw: z.string().max(40).optional(),
  valve: z
    .strictObject({
      lap: length(),
      lead: length(),
      exhaustLap: length(),
      drive: z.enum(['direct', 'rocking-lever']),
      turns: z.enum(['clockwise', 'anticlockwise']),
    })
    .optional(),
});
export type EccentricWork = z.infer<typeof eccentricWorkSchema>;
