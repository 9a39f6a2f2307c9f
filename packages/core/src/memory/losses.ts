import { LOSS_CAUSES, type LossCause } from './lossCauses';
import { workedMinutes } from './workedMinutes';

/** A piece scrapped or sent back. */
export interface Loss {
  /** ISO time of the verdict. */
  readonly at: string;
  readonly verdict: 'rework' | 'scrap';
  readonly cause: string;
  /** Minutes worked on it that were lost, or were spent on it again. */
  readonly minutes: number;
}

/** What one cause has cost. */
export interface LossTally<L extends Loss = Loss> {
  /** Null of what nobody's words could be put to. */
  readonly cause: LossCause | null;
  readonly scrapped: number;
  readonly reworked: number;
  readonly minutes: number;
  /** Newest first. */
  readonly losses: readonly L[];
}

/**
 * The cause that free words speak of: as it is picked, or the most particular that is found in them; null where none is.
 *
 * @example
 * lossCauseOf('Plug went 2 mm past its line')?.id
 * // → 'past'
 */
export function lossCauseOf(words: string): LossCause | null {
  const text = words.toLowerCase();
  return (
    LOSS_CAUSES.find(({ says }) => text.startsWith(says.toLowerCase())) ??
    LOSS_CAUSES.find(({ found }) => found.test(text)) ??
    null
  );
}

/**
 * What a shop loses by, dearest first: by the minutes that were lost, then by pieces.
 *
 * @example
 * tallyLosses([{ at: '2026-11-20T10:00:00Z', verdict: 'scrap', cause: 'Dug in', minutes: 40 }])[0]?.scrapped
 * // → 1
 */
export function tallyLosses<L extends Loss>(losses: readonly L[]): LossTally<L>[] {
  const by = new Map<LossCause | null, L[]>();
  for (const loss of losses) {
    const cause = lossCauseOf(loss.cause);
    by.set(cause, [...(by.get(cause) ?? []), loss]);
  }
  return [...by]
    .map(([cause, all]) => ({
      cause,
      scrapped: all.filter(({ verdict }) => verdict === 'scrap').length,
      reworked: all.filter(({ verdict }) => verdict === 'rework').length,
      minutes: all.reduce((sum, { minutes }) => sum + minutes, 0),
      losses: [...all].sort((a, b) => b.at.localeCompare(a.at)),
    }))
    .sort((a, b) => b.minutes - a.minutes || b.losses.length - a.losses.length);
}

/** One thing kept of a piece, as far as its time goes. */
interface Timed {
  readonly at: string;
  readonly verdict: string | null;
}

/**
 * The minutes that a verdict cost, from when each thing of its piece was kept: of scrap what was worked before it, of rework
 * what was worked after it until the piece's next verdict. `index` is the verdict's place among the rows.
 *
 * @example
 * minutesLost([{ at: '2026-11-20T10:00:00Z', verdict: null }, { at: '2026-11-20T10:20:00Z', verdict: 'scrap' }], 1)
 * // → 20
 */
export function minutesLost(rows: readonly Timed[], index: number): number {
  const of = rows[index];
  if (!of) return 0;
  if (of.verdict === 'scrap') return workedMinutes(rows.slice(0, index + 1).map(({ at }) => at));
  const next = rows.findIndex(({ verdict }, i) => i > index && verdict !== null);
  return workedMinutes(rows.slice(index, next < 0 ? rows.length : next + 1).map(({ at }) => at));
}
