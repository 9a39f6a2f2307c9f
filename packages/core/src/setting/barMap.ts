import { positive } from '../basics/check';
import { length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import { straightestOf, wanderOf, type Stretch } from '../sweep/straightest';
import { FINE, ON_DIAMETER } from './causes/kind';

/** A sweep along a straight bar or a master as it was kept: places and readings, mm. */
export interface KeptSweep {
  readonly travel: readonly number[];
  readonly reading: readonly number[];
  /** Where on the bar or slide its travel began, mm; nothing where nobody said. */
  readonly beginsAt?: number | undefined;
}

/** What is known of how straight a bar or a slide is, for a part of one length. */
export interface BarMap {
  /** What was swept, on the bar where that is known, mm. */
  readonly from: number;
  readonly to: number;
  /** How far it strays from straight in all of that, mm. */
  readonly off: number;
  /** The straightest stretch as long as the part, and what that leaves on diameter; null where none so long was swept, or not closely enough. */
  readonly best: Stretch | null;
  readonly costs: number;
  readonly said: Phrase;
}

/** A newer sweep stands over an older one where it covers so much of it. */
const COVERED = 0.8;
/** It strays by less than this: no worn bar, only how a needle is read. mm */
const STRAIGHT = 0.002;

/**
 * The map of a bar or a slide from the sweeps kept of it, the newest first: which stretch is straight enough for a part of a
 * length and what its bow will cost. Places are on the bar where the sweeps say where they began. Null where nothing was
 * swept. Errors: as analyseSweep; out-of-range.
 *
 * @example
 * barMap([{ travel: SWEEP_AT, reading: SWEEP_AT.map((z) => 0.1 * z), beginsAt: 40 }], 50).best.from >= 40
 * // → true
 */
export function barMap(sweeps: readonly KeptSweep[], partLength: number): BarMap | null {
  positive(partLength, 'length', 'The length of the part');
  const looked = standing(sweeps).map((sweep) => lookedAt(sweep, partLength));
  const [newest] = looked;
  if (!newest) return null;
  const whole = looked.reduce((a, b) => (b.off > a.off ? b : a));
  const best = looked
    .flatMap(({ best: one }) => one ?? [])
    .reduce<Stretch | null>((a, b) => (a && a.off <= b.off ? a : b), null);
  const from = Math.min(...looked.map((one) => one.from));
  const to = Math.max(...looked.map((one) => one.to));
  const costs = ON_DIAMETER * (best ? best.off : whole.off);
  return {
    from,
    to,
    off: whole.off,
    best,
    costs,
    said: words({ from, to, off: whole.off, best, costs }, partLength),
  };
}

type Looked = Pick<BarMap, 'from' | 'to' | 'off' | 'best'>;

function lookedAt({ travel, reading, beginsAt = 0 }: KeptSweep, partLength: number): Looked {
  const sweep = { travel, reading, expectedSlope: 0 };
  const { from, to } = spanOf({ travel, reading, beginsAt });
  const best = straightestOf(sweep, partLength);
  return {
    from,
    to,
    off: wanderOf(sweep).off,
    best: best && { ...best, from: best.from + beginsAt, to: best.to + beginsAt },
  };
}

function spanOf({ travel, beginsAt = 0 }: KeptSweep): { from: number; to: number } {
  const [low, high] = travel.reduce(
    ([a, b], at) => [Math.min(a, at), Math.max(b, at)],
    [Infinity, -Infinity],
  );
  return { from: low + beginsAt, to: high + beginsAt };
}

/** Those that no newer one stands over. */
function standing(sweeps: readonly KeptSweep[]): readonly KeptSweep[] {
  const kept: KeptSweep[] = [];
  for (const sweep of sweeps) {
    const { from, to } = spanOf(sweep);
    const over = kept.some((newer) => {
      const other = spanOf(newer);
      return Math.min(to, other.to) - Math.max(from, other.from) > COVERED * (to - from);
    });
    if (!over) kept.push(sweep);
  }
  return kept;
}

function words({ from, to, off, best, costs }: Omit<BarMap, 'said'>, partLength: number): Phrase {
  const swept: Phrase = [length(from, 1, { bare: true }), ' to ', length(to, 1), ' of it '];
  if (off < STRAIGHT) return [...swept, 'are straight within ', length(Math.max(off, FINE), FINE)];
  const strays: Phrase = [...swept, 'stray by ', length(off, FINE)];
  if (!best)
    return [
      ...strays,
      ': sweep ',
      length(partLength, 1),
      ' of it, as long as this part, to see what it costs',
    ];
  return [
    ...strays,
    '. Use ',
    length(best.from, 1, { bare: true }),
    ' to ',
    length(best.to, 1),
    costs < FINE ? ': that leaves less than ' : ': that leaves ',
    length(Math.max(costs, FINE), FINE),
    ' on diameter',
  ];
}
