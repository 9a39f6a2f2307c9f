import type { Checked } from './checkDue';

/** What an instrument measures with. */
export const INSTRUMENT_TYPES = [
  'indicator',
  'micrometer',
  'inside',
  'depth',
  'caliper',
  'height',
  'rule',
] as const;
export type InstrumentType = (typeof INSTRUMENT_TYPES)[number];

/** A measuring instrument owned by the shop; mm. */
export interface Instrument extends Checked {
  readonly name: string;
  readonly type: InstrumentType;
  readonly resolution: number;
  /** Longest it measures. */
  readonly range?: number | undefined;
  /** Plus or minus of one reading, with this hand, in this shop: 95 in 100 lie within it (k = 2). */
  readonly uncertainty: number;
}

/**
 * The finest instrument of a type, or undefined.
 *
 * @example
 * finest(DRAWER.instruments, 'micrometer')?.resolution
 * // → 0.001
 */
export function finest(
  instruments: readonly Instrument[],
  type: InstrumentType,
  range = 0,
): Instrument | undefined {
  return instruments
    .filter((one) => one.type === type && (one.range === undefined || one.range >= range))
    .sort((a, b) => a.uncertainty - b.uncertainty)[0];
}
