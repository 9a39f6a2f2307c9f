import { AnelloError } from '../basics/error';
import { finite, positive } from '../basics/check';
import { normalEquations, solveLinear } from '../basics/linear';
import { coverageFor } from '../basics/student';
import { USUAL_NEEDLE } from './usual';

/** An indicator reading with the work turned so that this direction faces it; larger reads higher. */
export interface RoundReading {
  /** From jaw 1, rad, the way the jaws are numbered. */
  readonly direction: number;
  readonly reading: number;
}

export interface RoundFit {
  /** Where the work's axis sits from the spindle's, mm: x toward jaw 1, y toward jaw 2; null along a way not yet read. */
  readonly x: number | null;
  readonly y: number | null;
  /** What is left that no offset explains: the work is not round, or a reading slipped. */
  readonly outOfRound: number;
  /** Plus or minus (k = 2) of where the axis sits, mm, from the needle's resolution and what is left over; null for one line. */
  readonly uncertainty: number | null;
}

const QUARTER = Math.PI / 2;
const SAME_WAY = 1e-6;

/**
 * Offset of the work from readings at any directions: three or more that differ are fitted by a mean and a circle,
 * r = m + x cos θ + y sin θ; two opposite ones give the offset along their own line only. Errors: not-finite;
 * underdetermined with fewer than two, or two that are not opposite.
 *
 * @example
 * roundFit([
 *   { direction: 0, reading: 0.2 },
 *   { direction: Math.PI / 2, reading: 0.1 },
 *   { direction: Math.PI, reading: 0 },
 *   { direction: -Math.PI / 2, reading: 0.1 },
 * ]).x
 * // → 0.1
 */
export function roundFit(readings: readonly RoundReading[], resolution = USUAL_NEEDLE): RoundFit {
  readings.forEach((r, i) => {
    finite(r.reading, `readings.${i}`);
    finite(r.direction, `readings.${i}`);
  });
  if (readings.length >= 3) return fitAll(readings, resolution);
  const [a, b] = readings;
  if (!a || !b) throw new AnelloError('underdetermined', 'readings', 'Read two opposite jaws at least.');
  const apart = Math.abs(Math.cos(a.direction - b.direction) + 1);
  if (apart > SAME_WAY)
    throw new AnelloError('underdetermined', 'readings', 'Two readings must be of opposite jaws.');
  const half = (a.reading - b.reading) / 2;
  const along = Math.abs(Math.cos(a.direction)) > 0.5 ? 'x' : 'y';
  const sign = along === 'x' ? Math.sign(Math.cos(a.direction)) : Math.sign(Math.sin(a.direction));
  return {
    x: along === 'x' ? sign * half : null,
    y: along === 'y' ? sign * half : null,
    outOfRound: 0,
    uncertainty: null,
  };
}

/** Enough rounds for a throw of half the radius; each takes e/R of what was left. */
const ROUNDS = 60;
const SETTLED = 1e-10;

/**
 * As roundFit for three readings or more, of round work whose diameter is known: off its axis, round work does not read
 * as a plain sine, r = x cos θ + y sin θ + √(R² − (x sin θ − y cos θ)²), and three readings would put the difference
 * into the offset. Worked by fitting again what is left. Errors: as roundFit; impossible where the work is off by more
 * than its radius.
 */
export function exactRoundFit(
  readings: readonly RoundReading[],
  diameter: number,
  resolution = USUAL_NEEDLE,
): RoundFit {
  const radius = positive(diameter, 'diameter', 'The diameter') / 2;
  let fit = roundFit(readings, resolution);
  for (let round = 0; round < ROUNDS; round++) {
    const { x, y } = fit;
    if (x === null || y === null) return fit;
    const next = roundFit(
      readings.map((r) => ({ ...r, reading: r.reading - falls(x, y, r.direction, radius) })),
      resolution,
    );
    const moved = Math.hypot((next.x ?? 0) - x, (next.y ?? 0) - y);
    fit = next;
    if (moved < SETTLED) return fit;
  }
  throw new AnelloError('impossible', 'readings', 'No round work of that diameter reads so: check both.');
}

/** How far round work that is off reads below the sine of its offset, mm: nothing when it is true. */
function falls(x: number, y: number, direction: number, radius: number): number {
  const aside = x * Math.sin(direction) - y * Math.cos(direction);
  if (Math.abs(aside) >= radius)
    throw new AnelloError('impossible', 'readings', 'It stands off by more than its own radius.');
  return Math.sqrt(radius * radius - aside * aside) - radius;
}

/** The resolution counts as much as this many readings would. */
const TOLD_BEFORE = 2;

/** Least squares by the normal equations of three unknowns, solved by elimination. */
function fitAll(readings: readonly RoundReading[], resolution: number): RoundFit {
  const rows = readings.map(({ direction, reading }) => ({
    terms: [1, Math.cos(direction), Math.sin(direction)],
    value: reading,
  }));
  const solved = solveLinear(normalEquations(rows, 3), SAME_WAY);
  if (!solved)
    throw new AnelloError('underdetermined', 'readings', 'Read at three different places at least.');
  const [mean = 0, x = 0, y = 0] = solved;
  const off = rows.map((r) => r.value - mean - x * (r.terms[1] ?? 0) - y * (r.terms[2] ?? 0));
  const rss = off.reduce((sum, o) => sum + o * o, 0);
  const freedom = TOLD_BEFORE + readings.length - 3;
  const sigma = Math.sqrt((TOLD_BEFORE * resolution * resolution + rss) / freedom);
  // Readings spread round the work: each way's variance is twice that of a mean.
  const uncertainty = coverageFor(freedom) * sigma * Math.sqrt(2 / readings.length);
  return { x, y, outOfRound: Math.max(...off) - Math.min(...off), uncertainty };
}

/** Directions of the four jaws. */
export const JAWS: readonly number[] = [0, QUARTER, 2 * QUARTER, 3 * QUARTER];
