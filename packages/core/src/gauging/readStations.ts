import { MAX_HALF_ANGLE } from '../basics/check';
import { halfAngleFromIndicator, type TravelAlong } from './halfAngleFromIndicator';
import { leastSquares, normalEquations, solveLinear } from '../basics/linear';
import { coverageFor, significantF } from '../basics/student';

/** What was seen at one place along a measured travel, zeroed at the start. */
export interface StationReading {
  readonly at: number;
  readonly seen: number;
}

/** What the readings look like: a plain slope, a step after the start, a bow, or no pattern yet. */
export type Pattern = 'slope' | 'lash' | 'bow' | 'unsteady' | 'wrong-handle' | 'too-few';

export interface StationFit {
  readonly pattern: Pattern;
  /** Best estimate of the half angle set, rad; null while nothing has been read. */
  readonly halfAngle: number | null;
  /** Plus or minus of it (k = 2), rad, from how the readings scatter and what the indicator shows. */
  readonly uncertainty: number | null;
  /** Step lost at the start (mm across), when the pattern is lash. */
  readonly step: number;
  /** Greatest distance of a reading from the pattern, mm. */
  readonly scatter: number;
}

export interface StationCase {
  readonly readings: readonly StationReading[];
  readonly travelAlong: TravelAlong;
  /** The half angle being set, to recognise a reading that fits the other handle. */
  readonly wanted: number;
  /** Half-angle band that is good enough. */
  readonly band: number;
  /** Resolution of the indicator, mm: readings scatter by about this. */
  readonly resolution: number;
  /** False where the reading cannot come from the other handle. */
  readonly eitherHandle?: boolean;
}

/** Readings are taken to scatter by the indicator's resolution, as surely as this many readings would have told. */
const TOLD_BEFORE = 2;
/** Readings that scatter by more than this many divisions say something is loose, not how it stands. */
const LOOSE = 5;
/** A pattern smaller than this many divisions is not one. */
const SEEN = 1.5;

/**
 * Reads the pattern out of a run of stations: an even climb is angle, a step between start and first station is lash, a
 * curve is a worn bar or slide. The zero is a reading like the others, so an even climb may stand off it by their scatter.
 * A step or a bow is only said when it explains more than chance would at 1 in 100 with so few readings (an F test with the
 * scatter learned from the readings and the indicator together): more readings only make it surer. Needs three stations
 * to tell a step or a bow from a slope.
 */
export function readStations(given: StationCase): StationFit {
  const points = given.readings.filter((r) => r.at > 0);
  if (points.length === 0)
    return { pattern: 'too-few', halfAngle: null, uncertainty: null, step: 0, scatter: 0 };
  const even = fitted(points, [], true);
  if (points.length < 3) return evenFit(given, even, sigmaOf(even, given.resolution));
  const span = Math.max(...points.map((p) => p.at));
  const lash = fitted(points, [], false);
  const bow = fitted(points, [(x) => x * (x - span)], true);
  const told = [
    { pattern: 'lash' as const, fit: lash, size: -(lash.step ?? 0) },
    { pattern: 'bow' as const, fit: bow, size: Math.abs(bow.curve ?? 0) * (span / 2) ** 2 },
  ]
    .filter(({ fit: f, size }) => size > SEEN * given.resolution && explains(even, f, given.resolution))
    .sort((a, b) => a.fit.rss - b.fit.rss)[0];
  const chosen = told?.fit ?? even;
  const sigma = sigmaOf(chosen, given.resolution);
  if (rms(chosen) > LOOSE * given.resolution) return fit('unsteady', given, chosen, sigma);
  return told
    ? fit(told.pattern, given, chosen, sigma, told.pattern === 'lash' ? told.size : 0)
    : evenFit(given, even, sigma);
}

/** A pattern laid through the readings: its slope, what else it has, and what it leaves. */
interface Laid {
  readonly slope: number;
  /** Variance of the slope for a scatter of one. */
  readonly slopeVariance: number;
  readonly step: number | null;
  readonly curve: number | null;
  readonly rss: number;
  readonly freedom: number;
  readonly readings: number;
  readonly worst: number;
}

/** Least squares of y = m x + c and more; held, the zero is a reading too and draws c toward nothing. */
function fitted(
  points: readonly StationReading[],
  more: readonly ((x: number) => number)[],
  held: boolean,
): Laid {
  const terms = (x: number): number[] => [x, 1, ...more.map((of) => of(x))];
  const rows = points.map((p) => ({ terms: terms(p.at), value: p.seen }));
  const zero = { terms: [0, 1, ...more.map(() => 0)], value: 0 };
  const all = held ? [...rows, zero] : rows;
  const size = 2 + more.length;
  const found = leastSquares(all, size);
  const off = all.map(({ terms: t, value }) => value - t.reduce((sum, f, i) => sum + f * (found[i] ?? 0), 0));
  return {
    slope: found[0] ?? 0,
    slopeVariance: slopeVarianceOf(all, size),
    step: held ? null : (found[1] ?? 0),
    curve: more.length > 0 ? (found[2] ?? 0) : null,
    rss: off.reduce((sum, o) => sum + o * o, 0),
    freedom: Math.max(0, all.length - size),
    readings: points.length,
    worst: Math.max(...off.slice(0, points.length).map(Math.abs)),
  };
}

function slopeVarianceOf(
  rows: readonly { readonly terms: readonly number[]; readonly value: number }[],
  size: number,
): number {
  const normal = normalEquations(rows, size);
  const unit = normal.map((row, i) => [...row.slice(0, size), i === 0 ? 1 : 0]);
  return solveLinear(unit, 0)?.[0] ?? Infinity;
}

/** Standard deviation of a reading: the indicator's resolution, and what the readings show of their own scatter. */
const sigmaOf = ({ rss, freedom }: Laid, resolution: number): number =>
  Math.sqrt((TOLD_BEFORE * resolution * resolution + rss) / (TOLD_BEFORE + freedom));
const rms = ({ rss, readings }: Laid): number => Math.sqrt(rss / readings);

/** Whether a fuller pattern leaves so much less than the even climb that chance would not. */
function explains(even: Laid, fuller: Laid, resolution: number): boolean {
  const sigma = sigmaOf(fuller, resolution);
  return (even.rss - fuller.rss) / (sigma * sigma) > significantF(TOLD_BEFORE + fuller.freedom);
}

function evenFit(given: StationCase, even: Laid, sigma: number): StationFit {
  const other: TravelAlong = given.travelAlong === 'slide' ? 'axis' : 'slide';
  const straight = fit('slope', given, even, sigma);
  const asOther = angleOf(even.slope, other);
  const off = Math.abs((straight.halfAngle ?? 0) - given.wanted);
  const otherOff = Math.abs((asOther ?? Infinity) - given.wanted);
  const fitsOther = given.eitherHandle !== false && off > given.band && otherOff <= given.band / 2;
  return fitsOther ? { ...straight, pattern: 'wrong-handle' } : straight;
}

function fit(pattern: Pattern, given: StationCase, laid: Laid, sigma: number, step = 0): StationFit {
  const halfAngle = angleOf(laid.slope, given.travelAlong);
  // Readings no taper could give are a slip of the hand, not an angle to correct from.
  if (halfAngle === null)
    return { pattern: 'unsteady', halfAngle, uncertainty: null, step, scatter: laid.worst };
  const ofSlope = coverageFor(TOLD_BEFORE + laid.freedom) * sigma * Math.sqrt(laid.slopeVariance);
  const bends = given.travelAlong === 'slide' ? 1 / Math.cos(halfAngle) : Math.cos(halfAngle) ** 2;
  return { pattern, halfAngle, uncertainty: ofSlope * bends, step, scatter: laid.worst };
}

function angleOf(slope: number, travelAlong: TravelAlong): number | null {
  if (travelAlong === 'slide' && Math.abs(slope) > 1) return null;
  const { halfAngle } = halfAngleFromIndicator({ travel: 1, radial: slope, travelAlong });
  return Math.abs(halfAngle) > MAX_HALF_ANGLE ? null : halfAngle;
}
