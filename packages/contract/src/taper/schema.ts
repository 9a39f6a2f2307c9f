import { halfAngleOf } from '@anello/core/taper';
import { z } from 'zod';
import { SHOP_TAPER_SCHEMA } from '../forms';
import { entrySchema } from '../entry/schema';

const length = () => entrySchema('length', { positive: true }).optional();

/** A taper the shop has saved for itself: its slope one way or the other, and as much of its place as is known. */
export const shopTaperSchema = z
  .strictObject({
    schema: z.literal(SHOP_TAPER_SCHEMA),
    name: z.string().trim().min(1).max(60),
    use: z.string().max(400),
    archived: z.boolean(),
    ratio: entrySchema('taper', { positive: true }).optional(),
    halfAngle: entrySchema('angle', { positive: true }).optional(),
    gaugeDiameter: length(),
    beyondGauge: entrySchema('length').optional(),
    length: length(),
    thread: z.string().max(40),
  })
  .superRefine((taper, context) => {
    const problem = slopeProblem(taper);
    if (problem) context.addIssue({ code: 'custom', path: [problem.field], message: problem.message });
  });
export type ShopTaper = z.infer<typeof shopTaperSchema>;

interface Slope {
  readonly ratio?: { value: number } | undefined;
  readonly halfAngle?: { value: number } | undefined;
}

/** Angles typed to the second agree with their ratio this nearly. */
const AGREE = 2e-5;

function slopeProblem({ ratio, halfAngle }: Slope): { field: string; message: string } | null {
  if (!ratio && !halfAngle) return { field: 'ratio', message: 'Give its ratio or its half angle.' };
  if (halfAngle && halfAngle.value > 1.5)
    return { field: 'halfAngle', message: 'The half angle must stay under 86°.' };
  if (!ratio || !halfAngle) return null;
  return Math.abs(halfAngleOf(ratio.value) - halfAngle.value) <= AGREE
    ? null
    : { field: 'halfAngle', message: 'This half angle does not make that ratio. Give one of the two.' };
}
