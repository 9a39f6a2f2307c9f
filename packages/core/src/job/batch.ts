import { coverageFor } from '../basics/student';
import { sideOfLimits } from '../fit/sideOfLimits';
import { featureOf } from './records/ofShape';
import { standing, type KeptRecord } from './records/row';
import { isSized, isStandOff } from './records/is';
import { unitOfSize, type SizeUnit } from './records/sizeUnit';

/** One figure of a part over the pieces of a batch, with what it may be; mm where no unit is said. */
export interface BatchSeries {
  readonly what: string;
  readonly unit?: SizeUnit | undefined;
  readonly feature: string | null;
  readonly low: number;
  readonly high: number;
  /** The last reading of each piece, in order of the pieces. */
  readonly points: readonly { readonly piece: number; readonly seen: number; readonly inside: boolean }[];
  /** Null while there are too few pieces, or they only scatter. */
  readonly drift: Drift | null;
}

export interface Drift {
  /** mm a piece, and plus or minus (k = 2). */
  readonly perPiece: number;
  readonly plus: number;
  /** The line the pieces lie along: at piece 0. */
  readonly start: number;
  /** The first piece that would be out if it goes on so; null when none before the last of the batch. */
  readonly outAt: number | null;
  /** What to add to the next piece's figure to bring it to the middle. */
  readonly change: number;
}

/** A drift is said from so many pieces on. */
const LEAST_PIECES = 3;
/** Readings are no surer than this, mm, however well they lie on a line. */
const READ = 0.002;

/**
 * What was measured of a batch, a figure each: the last reading of every piece, whether the pieces drift, when they would be
 * out of what they may be, and what to change before. A drift is only said where it is more than the scatter about its line
 * explains, by Student's distribution for the pieces there are; and only of a length, which the next cut can change.
 *
 * @example
 * batchSeries([], 5)
 * // → []
 */
export function batchSeries(
  records: readonly KeptRecord[],
  quantity: number,
  tapers: readonly BatchTaper[] = [],
): BatchSeries[] {
  const found = new Map<
    string,
    {
      feature: string | null;
      unit?: SizeUnit | undefined;
      low: number;
      high: number;
      seen: Map<number, number>;
    }
  >();
  for (const record of standing(records)) {
    const read = readingOf(record, tapers);
    if (!read) continue;
    const { what, unit, low, high, seen } = read;
    const before = found.get(what)?.seen ?? new Map<number, number>();
    found.set(what, {
      feature: featureOf(record) ?? null,
      unit,
      low,
      high,
      seen: before.set(record.piece, seen),
    });
  }
  return [...found].map(([what, { feature, unit, low, high, seen }]) => {
    const points = [...seen]
      .sort(([a], [b]) => a - b)
      .map(([piece, value]) => ({
        piece,
        seen: value,
        inside: sideOfLimits(value, { least: low, most: high }) === 'inside',
      }));
    const drift = unit ? null : driftOf(points, { low, high, quantity });
    return { what, unit, feature, low, high, points, drift };
  });
}

/** A taper whose stand-off in its mate is a figure of the batch too; mm. */
export interface BatchTaper {
  readonly feature: string;
  readonly name: string;
  readonly standOff: number;
}

function readingOf(
  record: KeptRecord,
  tapers: readonly BatchTaper[],
): { what: string; unit?: SizeUnit | undefined; low: number; high: number; seen: number } | null {
  const { body, feature } = record;
  if (isSized(body)) return { ...body, unit: unitOfSize(body) };
  if (!isStandOff(body)) return null;
  const taper = feature === undefined ? tapers[0] : tapers.find((one) => one.feature === feature);
  return taper
    ? { what: `${taper.name}, stand-off`, low: -taper.standOff, high: taper.standOff, seen: body.seen }
    : null;
}

function driftOf(
  points: readonly { readonly piece: number; readonly seen: number }[],
  { low, high, quantity }: { readonly low: number; readonly high: number; readonly quantity: number },
): Drift | null {
  if (points.length < LEAST_PIECES) return null;
  const mean = points.reduce((sum, p) => sum + p.piece, 0) / points.length;
  const level = points.reduce((sum, p) => sum + p.seen, 0) / points.length;
  const spread = points.reduce((sum, p) => sum + (p.piece - mean) ** 2, 0);
  const perPiece = points.reduce((sum, p) => sum + (p.piece - mean) * (p.seen - level), 0) / spread;
  const start = level - perPiece * mean;
  const off = points.reduce((sum, p) => sum + (p.seen - start - perPiece * p.piece) ** 2, 0);
  const freedom = points.length - 2;
  const sigma = Math.max(Math.sqrt(off / freedom), READ / 2);
  const plus = (coverageFor(freedom) * sigma) / Math.sqrt(spread);
  if (Math.abs(perPiece) <= plus) return null;
  const last = points.at(-1)?.piece ?? 0;
  const edge = perPiece > 0 ? high : low;
  const outAt = Math.max(last + 1, Math.floor((edge - start) / perPiece) + 1);
  return {
    perPiece,
    plus,
    start,
    outAt: outAt <= quantity ? outAt : null,
    change: (low + high) / 2 - (start + perPiece * (last + 1)),
  };
}
