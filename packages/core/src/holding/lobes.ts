import { AnelloError } from '../basics/error';
import { positive } from '../basics/check';
import { normalEquations, solveLinear } from '../basics/linear';
import { length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import type { RoundReading } from './circleFit';
import type { Across } from './tilt';
import { towardJaws } from './words';

/** What comes so many times in a turn. */
export interface Lobe {
  readonly times: number;
  /** Of the radius either way, mm. */
  readonly height: number;
  /** Standard uncertainty of it, mm. */
  readonly u: number;
  /** Where the first of its highs lies, from jaw 1, rad. */
  readonly high: number;
}

/** What readings right round the spindle show. */
export interface Round {
  /** The needle's whole swing, mm. */
  readonly swing: number;
  /** Where the work's axis sits from the spindle's, mm: x toward jaw 1, y toward jaw 2. */
  readonly offset: Across;
  /** Once, twice, three and four times a turn, those that are there. */
  readonly lobes: readonly Lobe[];
  /** Standard deviation of what is left, mm. */
  readonly hash: number;
  readonly said: readonly Phrase[];
}

const MOST_TIMES = 4;
/** Fewer readings than this do not tell twice a turn from three times. */
const FEWEST = 8;
/** The needle's resolution counts as much as this many readings would. */
const TOLD_BEFORE = 2;
/** So many of its uncertainties above nothing a lobe is there: one in five hundred comes of scatter (Rayleigh, exp(-z²/2)). */
const BELIEVED = 3.5;
/** What is left counts as more than the needle's own from here, in steps of it. */
const HASH = 1.5;
const FINE = 0.001;

/**
 * What a needle shows as the work is turned right round: off its axis once a turn, oval twice, pressed by three jaws three
 * times, by four jaws four times, and hash for what is left. A sum of sines fitted by least squares, up to as many a turn as
 * the readings can tell apart. Errors: underdetermined with fewer than 8 readings, or where they do not lie all round;
 * out-of-range (resolution); not-finite.
 *
 * @example
 * readRound({
 *   readings: Array.from({ length: 12 }, (_, i) => ({ direction: i * Math.PI / 6, reading: 0.02 * Math.cos(i * Math.PI / 2) })),
 *   resolution: 0.001,
 * }).lobes.map(({ times }) => times)
 * // → [3]
 */
export function readRound({
  readings,
  resolution,
}: {
  readonly readings: readonly RoundReading[];
  readonly resolution: number;
}): Round {
  positive(resolution, 'resolution', 'The resolution');
  if (readings.length < FEWEST)
    throw new AnelloError('underdetermined', 'readings', `Read at ${FEWEST} places round it at least.`);
  // One more a turn than readings allow would be told from nothing.
  const most = Math.min(MOST_TIMES, Math.floor((readings.length - 2) / 2));
  const { terms, left } = fitted(readings, most);
  const freedom = TOLD_BEFORE + readings.length - terms.length;
  const squares = left.reduce((sum, one) => sum + one * one, 0);
  const sigma = Math.sqrt((TOLD_BEFORE * resolution ** 2 + squares) / freedom);
  const u = sigma * Math.sqrt(2 / readings.length);
  const all = Array.from({ length: most }, (_, i): Lobe => {
    const [along = 0, across = 0] = [terms[2 * i + 1], terms[2 * i + 2]];
    const times = i + 1;
    return { times, height: Math.hypot(along, across), u, high: Math.atan2(across, along) / times };
  });
  const lobes = all.filter(({ height }) => height > BELIEVED * u);
  const seen = readings.map(({ reading }) => reading);
  const swing = Math.max(...seen) - Math.min(...seen);
  const hash = Math.sqrt(squares / Math.max(1, readings.length - terms.length));
  const offset = { x: terms[1] ?? 0, y: terms[2] ?? 0 };
  return { swing, offset, lobes, hash, said: words({ offset, lobes, hash }, resolution) };
}

function fitted(
  readings: readonly RoundReading[],
  most: number,
): { terms: readonly number[]; left: readonly number[] } {
  const rows = readings.map(({ direction, reading }) => ({
    terms: [
      1,
      ...Array.from({ length: most }, (_, i) => [
        Math.cos((i + 1) * direction),
        Math.sin((i + 1) * direction),
      ]).flat(),
    ],
    value: reading,
  }));
  const terms = solveLinear(normalEquations(rows, 2 * most + 1), 1e-6);
  if (!terms) throw new AnelloError('underdetermined', 'readings', 'Read it right round, evenly.');
  const left = rows.map((row) => row.value - row.terms.reduce((sum, t, k) => sum + t * (terms[k] ?? 0), 0));
  return { terms, left };
}

/** What each says, by how often it comes in a turn. */
const SAYS: Readonly<Record<number, (lobe: Lobe, offset: Across, resolution: number) => Phrase>> = {
  1: (_lobe, offset, resolution) => [
    'Once a turn: off its axis by ',
    ...towardJaws(offset, resolution),
    '. Move it by the jaws',
  ],
  2: ({ height }) => [
    'Twice a turn: oval, its diameters differ by ',
    length(4 * height, FINE),
    '. No jaw cures that: it was drawn or turned so, or two jaws squeeze it',
  ],
  3: ({ height }) => [
    'Three times a turn: three-lobed by ',
    length(2 * height, FINE),
    ', which a micrometer does not see. Pressed by three jaws, now or when it was turned: grip it less, or in soft jaws',
  ],
  4: ({ height }) => [
    'Four times a turn: by ',
    length(2 * height, FINE),
    '. Pressed by four jaws: even them out, and grip it less',
  ],
};

function words(
  { offset, lobes, hash }: Pick<Round, 'offset' | 'lobes' | 'hash'>,
  resolution: number,
): Phrase[] {
  const said = lobes.map((lobe) => SAYS[lobe.times]?.(lobe, offset, resolution) ?? []);
  if (hash > HASH * resolution)
    said.push([
      'What is left, ± ',
      length(2 * hash, FINE),
      ', comes of no jaw: dirt, scale, chatter marks, or a contact that sticks. Clean it and read again',
    ]);
  return said.length ? said : [['It runs true and round, as far as this needle tells']];
}
