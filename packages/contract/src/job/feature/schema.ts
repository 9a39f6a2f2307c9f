import { RUNS } from '@anello/core/curve';
import { FITS } from '@anello/core/fit';
import { z } from 'zod';
import { MOST_POINTS } from '../../forms';
import { entrySchema } from '../../entry/schema';

const length = () => entrySchema('length').optional();
const end = z.enum(['headstock', 'tailstock']);
const base = {
  id: z.string().min(1).max(60),
  name: z.string().min(1).max(60),
  side: z.enum(['external', 'internal']),
  from: end.optional(),
  /** What its diameter may be: a fit, or so much over and under. */
  fit: z.enum(FITS).optional(),
  plus: length(),
  minus: length(),
  /** Ra, µm. */
  finish: entrySchema('number', { positive: true }).optional(),
};

const cylinder = z.strictObject({
  ...base,
  kind: z.literal('cylinder'),
  diameter: length(),
  length: length(),
});
const taper = z.strictObject({
  ...base,
  kind: z.literal('taper'),
  largeEnd: end,
  /** Where the figures were taken from, when it was a table. */
  series: z.strictObject({ series: z.string().max(40), size: z.string().max(60) }).optional(),
  largeDiameter: length(),
  smallDiameter: length(),
  length: length(),
  ratio: entrySchema('taper').optional(),
  halfAngle: entrySchema('angle').optional(),
  gaugeDiameter: length(),
  beyondGauge: length(),
});
const bore = z.strictObject({
  ...base,
  kind: z.literal('bore'),
  diameter: length(),
  length: length(),
  pointAngle: entrySchema('angle').optional(),
});
const groove = z.strictObject({ ...base, kind: z.literal('groove'), diameter: length(), length: length() });
const thread = z.strictObject({
  ...base,
  kind: z.literal('thread'),
  designation: z.string().max(40),
  diameter: length(),
  pitch: length(),
  length: length(),
});
const profile = z.strictObject({
  ...base,
  kind: z.literal('profile'),
  points: z
    .array(
      z.strictObject({
        z: length(),
        diameter: length(),
        run: z.enum(RUNS).optional(),
        radius: length(),
        bulge: z.enum(['out', 'in']).optional(),
        viaZ: length(),
        viaDiameter: length(),
      }),
    )
    .max(MOST_POINTS),
});
const eccentric = z.strictObject({
  ...base,
  kind: z.literal('eccentric'),
  diameter: length(),
  length: length(),
  throw: length(),
  travel: length(),
  grooves: z
    .array(z.strictObject({ at: length(), width: length(), depth: length() }))
    .max(12)
    .optional(),
  phase: entrySchema('angle').optional(),
});

const detail = { ...base, at: end, on: z.string().max(60).optional() };
const chamfer = z.strictObject({
  ...detail,
  kind: z.literal('chamfer'),
  size: length(),
  angle: entrySchema('angle').optional(),
});
const cornerRadius = z.strictObject({ ...detail, kind: z.literal('corner-radius'), radius: length() });
const flats = z.strictObject({
  ...detail,
  kind: z.literal('flats'),
  across: length(),
  count: entrySchema('number').optional(),
  length: length(),
  start: length(),
});
const tang = z.strictObject({
  ...detail,
  kind: z.literal('tang'),
  thickness: length(),
  length: length(),
  radius: length(),
});
const crossHole = z.strictObject({
  ...detail,
  kind: z.literal('cross-hole'),
  diameter: length(),
  place: length(),
  depth: length(),
  phase: entrySchema('angle').optional(),
  designation: z.string().max(40).optional(),
});
const centre = z.strictObject({ ...detail, kind: z.literal('centre'), diameter: length(), pilot: length() });

/** One feature, as typed: along the axis, or lying on those that are. */
export const featureSchema = z.discriminatedUnion('kind', [
  cylinder,
  taper,
  bore,
  groove,
  thread,
  profile,
  eccentric,
  chamfer,
  cornerRadius,
  flats,
  tang,
  crossHole,
  centre,
]);
export type FeatureDocument = z.infer<typeof featureSchema>;
export type TaperDocument = z.infer<typeof taper>;
