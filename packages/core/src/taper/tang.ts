/** A tang as a table gives it, mm: its thickness, its length, how far it runs past the cone, its diameter, the cutter at its root. */
export interface TangFigures {
  readonly thickness: number;
  readonly length: number;
  readonly past: number;
  readonly diameter: number;
  readonly radius: number;
}

/** ISO 296 and DIN 228-1, form B: thickness, length, past the cone of the drawbar form, diameter, root radius; by Morse number. */
const MORSE: Readonly<Record<string, readonly [number, number, number, number, number]>> = {
  '0': [3.9, 10.5, 6.5, 6, 4],
  '1': [5.2, 13.5, 8.5, 8.7, 5],
  '2': [6.3, 16, 10, 13.5, 6],
  '3': [7.9, 20, 13, 18.5, 7],
  '4': [11.9, 24, 16, 24.5, 8],
  '5': [15.9, 29, 19, 35.7, 10],
  '6': [19, 40, 27, 51, 13],
};

/**
 * The tang of a Morse shank by the metric table; null for a size that has none there. ISO 296, form B.
 *
 * @example
 * tangOf({ series: 'morse-iso', size: '3' })?.thickness
 * // → 7.9
 */
export function tangOf({
  series,
  size,
}: {
  readonly series: string;
  readonly size: string;
}): TangFigures | null {
  const row = series === 'morse-iso' || series === 'morse-inch' ? MORSE[size] : undefined;
  if (!row) return null;
  const [thickness, length, past, diameter, radius] = row;
  return { thickness, length, past, diameter, radius };
}
