import { AnelloError, halfAngleOf, ratioOf, type TaperSize } from '@anello/core';
import { z } from 'zod';
import { entrySchema } from './entry';

export const SHOP_TAPER_SCHEMA = 1;
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

/** A saved taper as a size of the shop's own series. Error: underdetermined. */
export function shopTaperSize(id: string, taper: ShopTaper): TaperSize {
  const ratio = taper.ratio?.value ?? (taper.halfAngle ? ratioOf(taper.halfAngle.value) : null);
  if (ratio === null) throw new AnelloError('underdetermined', 'ratio', 'Give its ratio or its half angle.');
  return {
    series: 'shop',
    size: id,
    name: taper.name,
    ratio,
    gaugeDiameter: taper.gaugeDiameter?.value ?? null,
    beyondGauge: taper.beyondGauge?.value ?? 0,
    length: taper.length?.value ?? null,
    small: null,
    thread: taper.thread || null,
  };
}
