import { AnelloError } from '../basics/error';
import { positive } from '../basics/check';
import { length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import { JAWS, roundFit, type RoundFit } from './circleFit';
import { USUAL_SWING } from './usual';

export const TRUEING_SCHOOLS = ['half', 'highs'] as const;
export type TrueingSchool = (typeof TRUEING_SCHOOLS)[number];

export interface TrueUpRequest {
  /** At jaws 1 to 4, larger reads higher; null where not read yet. */
  readonly readings: readonly (number | null)[];
  /** Whole swing of the needle that is good enough, mm. */
  readonly limit: number;
  readonly school: TrueingSchool;
  /** One step of the needle, mm, where it is on record. */
  readonly resolution?: number | undefined;
}

export interface JawMove {
  /** 1 to 4. */
  readonly jaw: number;
  readonly action: 'loosen' | 'tighten';
  /** How far the work is to move, mm. */
  readonly by: number;
}

export interface TrueUp {
  readonly fit: RoundFit;
  /** Whole swing the needle would show, as far as is known, mm; null while nothing is. */
  readonly swing: number | null;
  readonly inside: boolean;
  /** The pair that is furthest out first; none when it is inside, or nothing can be said yet. */
  readonly moves: readonly JawMove[];
  /** What to read next, or null when all four are read. */
  readonly readNext: number | null;
  readonly said: Phrase;
}

const ALL = 4;
/** A needle is unrestful by so many of its steps: what stands at the limit by it may as well stand beyond. */
const UNREST = 2;

/**
 * Which jaw of a four-jaw chuck to loosen, which to tighten and by how much, from as many readings as there are: half
 * the difference of each opposite pair. By "half" the low jaw is eased first and the high one follows; by "highs"
 * only high jaws are tightened, the work yielding. Errors: as roundFit; out-of-range.
 *
 * @example
 * trueUp({ readings: [0.2, 0.1, 0, 0.1], limit: 0.02, school: 'opposite', resolution: 0.01 }).swing
 * // → 0.2
 */
export function trueUp({ readings, limit, school, resolution }: TrueUpRequest): TrueUp {
  positive(limit, 'limit', 'The limit');
  const taken = readings.flatMap((reading, i) =>
    reading === null ? [] : [{ reading, direction: JAWS[i] ?? 0 }],
  );
  const missing = readings.findIndex((r) => r === null);
  const readNext = missing === -1 ? null : (opposite(readings) ?? missing + 1);
  const fit = tryFit(taken, resolution);
  if (!fit)
    return {
      fit: NOTHING,
      swing: null,
      inside: false,
      moves: [],
      readNext,
      said: ['Read the opposite jaw.'],
    };
  const offset = Math.hypot(fit.x ?? 0, fit.y ?? 0);
  const byJaws = 2 * offset;
  const seen = taken.map((t) => t.reading);
  const swing = Math.max(byJaws, ...seen.flatMap((a) => seen.map((b) => a - b)));
  const complete = fit.x !== null && fit.y !== null;
  const inside = complete && swing + (resolution === undefined ? 0 : UNREST * resolution) <= limit;
  // What swings though its axis stands within the limit is not round: no jaw mends that.
  const notRound = complete && byJaws <= limit && swing > limit;
  const moves = inside || notRound ? [] : pairs(fit, school, limit);
  return {
    fit,
    swing,
    inside,
    moves,
    readNext,
    said: words({ fit, swing, inside, limit, unread: complete && swing <= limit && moves.length === 0 }),
  };
}

const NOTHING: RoundFit = { x: null, y: null, outOfRound: 0, uncertainty: null };

function tryFit(taken: Parameters<typeof roundFit>[0], resolution?: number): RoundFit | null {
  try {
    return roundFit(taken, resolution);
  } catch (error) {
    if (error instanceof AnelloError && error.code === 'underdetermined') return null;
    throw error;
  }
}

/** The jaw facing one already read is worth more than any other. */
function opposite(readings: readonly (number | null)[]): number | null {
  const lone = readings.findIndex((r, i) => r !== null && readings[(i + 2) % ALL] === null);
  return lone === -1 ? null : ((lone + 2) % ALL) + 1;
}

function pairs(fit: RoundFit, school: TrueingSchool, limit: number): JawMove[] {
  const along = [
    { high: 1, low: 3, off: fit.x },
    { high: 2, low: 4, off: fit.y },
  ];
  return along
    .filter(
      (pair): pair is typeof pair & { off: number } =>
        pair.off !== null && 2 * Math.abs(pair.off) > limit / 2,
    )
    .sort((a, b) => Math.abs(b.off) - Math.abs(a.off))
    .flatMap(({ high, low, off }): JawMove[] => {
      const [up, down] = off > 0 ? [high, low] : [low, high];
      const by = Math.abs(off);
      const tighten: JawMove = { jaw: up, action: 'tighten', by };
      return school === 'highs' ? [tighten] : [{ jaw: down, action: 'loosen', by }, tighten];
    });
}

interface Said extends Pick<TrueUp, 'fit' | 'inside'> {
  readonly swing: number;
  readonly limit: number;
  /** Nothing is seen to be out, by a needle that cannot show so little. */
  readonly unread: boolean;
}

function words({ fit, swing, inside, limit, unread }: Said): Phrase {
  if (inside) return ['True within ', length(limit, 0.001), ': nip all four and read once more.'];
  if (fit.outOfRound > Math.max(limit, swing / 2))
    return [
      'Out of round by ',
      length(fit.outOfRound, 0.001),
      ' itself: clean it, or turn a ring true to read on.',
    ];
  if (unread)
    return [
      'It swings ',
      length(swing, 0.001),
      ' by a needle too coarse to show that it is within ',
      length(limit, 0.001),
      ': read on with a finer one.',
    ];
  return [
    'It swings ',
    length(swing, 0.001),
    ...(fit.uncertainty === null ? [] : [', ± ', length(2 * fit.uncertainty, 0.001)]),
    '; never tighten one jaw with the opposite one still tight.',
  ];
}

/** Fewer steps of the indicator than this cannot be told from the needle's own unrest. */
const LEAST_STEPS = 4;

/**
 * Swing worth trueing to, mm: finer than the cone's own zone cannot matter, finer than the indicator shows cannot be seen.
 *
 * @example
 * trueingLimit({ indicator: 0.01 })
 * // → 0.04
 */
export function trueingLimit({
  indicator,
  zone = USUAL_SWING,
}: {
  indicator: number;
  zone?: number | undefined;
}): number {
  return Math.max(LEAST_STEPS * indicator, zone);
}
