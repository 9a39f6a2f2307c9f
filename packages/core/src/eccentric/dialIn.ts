import { AnelloError } from '../basics/error';
import { notNegative, positive } from '../basics/check';
import { exactRoundFit, JAWS, roundFit, type RoundFit, type RoundReading } from '../holding/circleFit';
import type { Across } from '../holding/tilt';
import type { JawMove } from '../holding/trueUp';
import { length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';

export interface DialInRequest {
  /** At any directions from jaw 1, larger reads higher. */
  readonly readings: readonly RoundReading[];
  /** The two readings are the highest and the lowest there are, wherever they lie. */
  readonly extremes?: boolean;
  /** Wanted, mm. */
  readonly throw: number;
  /** Of the surface that is clocked, mm: with it three readings are enough; without it the fourth is asked for. */
  readonly diameter?: number | undefined;
  /** One step of the needle, mm, where it is on record. */
  readonly resolution?: number | undefined;
  /** The jaw the high side is to face, 1 to 4; null leaves it where it is. */
  readonly toward: number | null;
  /** Plus or minus allowed on the whole swing of the needle, mm. */
  readonly limit: number;
}

export interface DialIn {
  /** Where the work's own axis stands from the spindle's; a way not read yet is null. */
  readonly at: { readonly x: number | null; readonly y: number | null };
  readonly throwNow: number;
  /** The high side, rad from jaw 1; null while only one line is read, and of work that runs true. */
  readonly direction: number | null;
  /** Where it should stand. */
  readonly wanted: Across;
  readonly moves: readonly JawMove[];
  readonly inside: boolean;
  /** Jaw to read next, or null. */
  readonly readNext: number | null;
  readonly outOfRound: number;
  /** Plus or minus (k = 2) of the throw as it stands now, mm; null while only one line is read. */
  readonly uncertainty: number | null;
  readonly said: Phrase;
}

/**
 * Work set off-centre in a four-jaw from as many readings as there are: how far and which way it stands off now, and
 * which jaw to ease and which to tighten to reach the throw. The needle's whole swing is twice the throw. Errors: as
 * roundFit; inconsistent where the lowest is not opposite the highest.
 *
 * @example
 * dialIn({
 *   readings: [
 *     { direction: 0, reading: 9.5 },
 *     { direction: Math.PI, reading: 0 },
 *     { direction: Math.PI / 2, reading: 4.75 },
 *     { direction: -Math.PI / 2, reading: 4.75 },
 *   ],
 *   throw: 4.75,
 *   toward: 0,
 *   limit: 0.05,
 * }).inside
 * // → true
 */
export function dialIn(request: DialInRequest): DialIn {
  const e = positive(request.throw, 'throw', 'The throw');
  positive(request.limit, 'limit', 'The limit');
  const fit = request.extremes ? fromExtremes(request.readings) : fitOf(request);
  const at = { x: fit.x, y: fit.y };
  const throwNow = Math.hypot(at.x ?? 0, at.y ?? 0);
  const complete = at.x !== null && at.y !== null;
  const direction = complete && throwNow > UNFELT ? Math.atan2(at.y as number, at.x as number) : null;
  const wanted = target(e, request.toward, direction, at);
  const swingOff = 2 * (throwNow - e);
  const aside = complete && request.toward !== null ? asideOf(at as Across, wanted) : 0;
  const inside =
    complete && Math.abs(swingOff) <= request.limit && aside <= Math.max(request.limit, e * SIDEWAYS);
  return {
    at,
    throwNow,
    direction,
    wanted,
    inside,
    moves: inside ? [] : moves(at, wanted, request.limit),
    readNext: complete ? null : nextJaw(request.readings),
    outOfRound: fit.outOfRound,
    uncertainty: fit.uncertainty,
    said: words({ complete, inside, swingOff, throwNow, limit: request.limit, toward: request.toward, fit }),
  };
}

/**
 * Three readings of work a throw off its axis leave e²/2R in their mean, and so in the offset, unless the diameter is
 * known: without it only the line that two opposite ones lie along is told, and the fourth is asked for.
 */
function fitOf({ readings, diameter, resolution }: DialInRequest): RoundFit {
  if (readings.length < 3) return roundFit(readings);
  if (diameter !== undefined) return exactRoundFit(readings, diameter, resolution);
  if (readings.length > 3) return roundFit(readings, resolution);
  const pair = readings.filter((a) =>
    readings.some((b) => Math.cos(a.direction - b.direction) < -OPPOSITE_COSINE),
  );
  if (pair.length === 2) return roundFit(pair);
  roundFit(readings);
  throw new AnelloError(
    'underdetermined',
    'readings',
    'Three readings are enough only with the diameter of what is clocked: give it, or read a fourth place.',
  );
}
/** Straight opposite, for all that a chuck's jaws are cut to. */
const OPPOSITE_COSINE = 1 - 1e-6;

/** A high side this far round from its jaw, as part of the throw, is on the jaw for all that a hand can clock. */
const SIDEWAYS = 0.01;
/** The lowest place may be found this far from straight opposite, rad. */
const OPPOSITE = 0.3;

function fromExtremes(readings: readonly RoundReading[]): RoundFit {
  const [a, b] = readings;
  if (!a || !b)
    throw new AnelloError('underdetermined', 'readings', 'Read the highest place and the lowest.');
  const [high, low] = a.reading >= b.reading ? [a, b] : [b, a];
  const off = Math.abs(
    Math.PI -
      Math.abs(
        Math.atan2(Math.sin(high.direction - low.direction), Math.cos(high.direction - low.direction)),
      ),
  );
  if (off > OPPOSITE)
    throw new AnelloError(
      'inconsistent',
      'readings.1',
      'The lowest place should lie opposite the highest: a reading slipped, or the work is not round.',
    );
  const size = (high.reading - low.reading) / 2;
  return {
    x: size * Math.cos(high.direction),
    y: size * Math.sin(high.direction),
    outOfRound: 0,
    uncertainty: null,
  };
}

function target(
  e: number,
  toward: number | null,
  direction: number | null,
  at: { x: number | null; y: number | null },
): Across {
  const angle = toward === null ? (direction ?? lineOf(at)) : (JAWS[toward - 1] ?? 0);
  return { x: e * Math.cos(angle), y: e * Math.sin(angle) };
}

/** With one line read, the high side is taken to lie along it. */
const lineOf = ({ x, y }: { x: number | null; y: number | null }): number =>
  y === null ? ((x ?? 0) < 0 ? Math.PI : 0) : x === null ? (y < 0 ? -Math.PI / 2 : Math.PI / 2) : 0;

function asideOf(at: Across, wanted: Across): number {
  const e = Math.hypot(wanted.x, wanted.y);
  return (
    Math.abs(at.x * wanted.y - at.y * wanted.x) / e + (at.x * wanted.x + at.y * wanted.y < 0 ? 2 * e : 0)
  );
}

const UNFELT = 5e-4;

/** The work goes toward a jaw when that one is eased and the one opposite tightened; the larger move first. */
function moves(at: { x: number | null; y: number | null }, wanted: Across, limit: number): JawMove[] {
  const lines = [
    { jaws: [1, 3] as const, by: at.x === null ? 0 : wanted.x - at.x },
    { jaws: [2, 4] as const, by: at.y === null ? 0 : wanted.y - at.y },
  ]
    .filter((line) => Math.abs(line.by) > UNFELT)
    .sort((a, b) => Math.abs(b.by) - Math.abs(a.by));
  // A pair that is near enough is left alone: every jaw that is nipped lets the work settle anew.
  return lines
    .filter((line, i) => i === 0 || 2 * Math.abs(line.by) > limit / 2)
    .flatMap(({ jaws, by }): JawMove[] => {
      const [ease, tighten] = by > 0 ? jaws : ([jaws[1], jaws[0]] as const);
      return [
        { jaw: ease, action: 'loosen', by: Math.abs(by) },
        { jaw: tighten, action: 'tighten', by: Math.abs(by) },
      ];
    });
}

function nextJaw(readings: readonly RoundReading[]): number | null {
  const near = (jaw: number): boolean =>
    readings.some((r) => Math.cos(r.direction - (JAWS[jaw] ?? 0)) > 0.99);
  const lone = [0, 1, 2, 3].find((jaw) => near(jaw) && !near((jaw + 2) % 4));
  const next = lone === undefined ? [0, 1, 2, 3].find((jaw) => !near(jaw)) : (lone + 2) % 4;
  return next === undefined ? null : next + 1;
}

interface Said extends Pick<DialIn, 'inside' | 'throwNow'> {
  readonly complete: boolean;
  readonly swingOff: number;
  readonly limit: number;
  readonly toward: number | null;
  readonly fit: RoundFit;
}

function words({
  complete,
  inside,
  swingOff,
  throwNow,
  limit,
  toward,
  fit: { outOfRound, uncertainty },
}: Said): Phrase {
  if (inside && outOfRound > limit)
    return [
      'The throw is right by what is clocked, and that is ',
      length(outOfRound, 0.001),
      ' out of round itself: clean it, or clock a ring that was turned true.',
    ];
  if (inside) return ['The throw is right: nip all four, turn it by hand once more, and read again.'];
  if (!complete)
    return [
      'Along this line it stands ',
      length(throwNow, 0.001),
      ' off; the other two jaws are still to be read.',
    ];
  if (toward !== null && Math.abs(swingOff) <= limit)
    return [`The throw is right, and its high side lies elsewhere than at jaw ${toward}.`];
  return [
    'The needle swings ',
    length(Math.abs(swingOff), 0.001),
    swingOff < 0 ? ' too little' : ' too much',
    ...(uncertainty === null ? ['.'] : [', ± ', length(2 * uncertainty, 0.001), '.']),
  ];
}

/**
 * An indicator needs to follow twice the throw; one that cannot is read over a block on the low side. mm.
 *
 * @example
 * indicatorPlan({ throw: 4.75, range: 8 })
 * // → { swing: 9.5, direct: false, block: 9.5 }
 */
export function indicatorPlan({ throw: e, range }: { throw: number; range: number | null }): {
  swing: number;
  direct: boolean;
  block: number;
} {
  const swing = 2 * notNegative(e, 'throw', 'The throw');
  return { swing, direct: range === null || swing <= KEEP_FREE * range, block: swing };
}

/** The ends of an indicator's stroke are not trusted. */
const KEEP_FREE = 0.9;
