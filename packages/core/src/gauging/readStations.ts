import { MAX_HALF_ANGLE } from '../basics/check';
import { halfAngleFromIndicator, type TravelAlong } from '../way/halfAngleFromIndicator';

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

/** Readings are believed to this many divisions of the indicator. */
const BELIEF = 1.5;

/**
 * Reads the pattern out of a run of stations: an even climb is angle, a step between start and first
 * station is lash, a curve is a worn bar or slide. Models are tried from the simplest, and the first
 * that leaves every reading within the indicator's belief is taken. Needs three stations to tell a
 * step or a bow from a slope.
 */
export function readStations(given: StationCase): StationFit {
  const points = given.readings.filter((r) => r.at > 0);
  if (points.length === 0) return { pattern: 'too-few', halfAngle: null, step: 0, scatter: 0 };
  const noise = given.resolution * BELIEF;
  const even = slopeThroughZero(points);
  const evenScatter = scatter(points, (x) => even * x);
  if (evenScatter <= noise || points.length < 2) return evenFit(given, even, evenScatter);
  if (points.length >= 3) {
    const line = slopeWithStep(points);
    const lineScatter = scatter(points, (x) => line.slope * x + line.step);
    if (line.step < 0 && lineScatter <= noise) return fit('lash', given, line.slope, lineScatter, -line.step);
    const bow = slopeWithBow(points);
    const bowScatter = scatter(points, (x) => bow.slope * x + bow.curve * x * (x - bow.span));
    if (bowScatter <= noise) return fit('bow', given, bow.slope, bowScatter);
  }
  return fit('unsteady', given, even, evenScatter);
}

function evenFit(given: StationCase, slope: number, spread: number): StationFit {
  const other: TravelAlong = given.travelAlong === 'slide' ? 'axis' : 'slide';
  const straight = fit('slope', given, slope, spread);
  const asOther = angleOf(slope, other);
  const off = Math.abs((straight.halfAngle ?? 0) - given.wanted);
  const otherOff = Math.abs((asOther ?? Infinity) - given.wanted);
  const fitsOther = given.eitherHandle !== false && off > given.band && otherOff <= given.band / 2;
  return fitsOther ? { ...straight, pattern: 'wrong-handle' } : straight;
}

function fit(pattern: Pattern, given: StationCase, slope: number, spread: number, step = 0): StationFit {
  const halfAngle = angleOf(slope, given.travelAlong);
  // Readings no taper could give are a slip of the hand, not an angle to correct from.
  return { pattern: halfAngle === null ? 'unsteady' : pattern, halfAngle, step, scatter: spread };
}

function angleOf(slope: number, travelAlong: TravelAlong): number | null {
  if (travelAlong === 'slide' && Math.abs(slope) > 1) return null;
  const { halfAngle } = halfAngleFromIndicator({ travel: 1, radial: slope, travelAlong });
  return Math.abs(halfAngle) > MAX_HALF_ANGLE ? null : halfAngle;
}

const scatter = (points: readonly StationReading[], model: (x: number) => number): number =>
  Math.max(...points.map((p) => Math.abs(p.seen - model(p.at))));

/** Least squares of y = m x. */
function slopeThroughZero(points: readonly StationReading[]): number {
  return sum(points, (p) => p.at * p.seen) / sum(points, (p) => p.at * p.at);
}

/** Least squares of y = m x + c over the stations past the start. */
function slopeWithStep(points: readonly StationReading[]): { slope: number; step: number } {
  const n = points.length;
  const meanX = sum(points, (p) => p.at) / n;
  const meanY = sum(points, (p) => p.seen) / n;
  const slope =
    sum(points, (p) => (p.at - meanX) * (p.seen - meanY)) / sum(points, (p) => (p.at - meanX) ** 2);
  return { slope, step: meanY - slope * meanX };
}

/** Least squares of y = m x + q x (x - X): the curve vanishes at both ends, so m is the overall slope. */
function slopeWithBow(points: readonly StationReading[]): { slope: number; curve: number; span: number } {
  const span = Math.max(...points.map((p) => p.at));
  const u = (p: StationReading): number => p.at * (p.at - span);
  const xx = sum(points, (p) => p.at * p.at);
  const xu = sum(points, (p) => p.at * u(p));
  const uu = sum(points, (p) => u(p) ** 2);
  const xy = sum(points, (p) => p.at * p.seen);
  const uy = sum(points, (p) => u(p) * p.seen);
  const det = xx * uu - xu * xu;
  return { slope: (xy * uu - uy * xu) / det, curve: (uy * xx - xy * xu) / det, span };
}

const sum = (points: readonly StationReading[], of: (p: StationReading) => number): number =>
  points.reduce((total, p) => total + of(p), 0);
