import { positive } from '../basics/check';

/** The needle as the spindle was turned: where it last turned back, and what lies between. */
export interface Swing {
  /** The last high and the last low it turned back from; null where it has not yet. */
  readonly high: number | null;
  readonly low: number | null;
  /** Between them; null until it has turned back at both. */
  readonly whole: number | null;
  /** How often it turned back: twice in a turn of what is only off its axis. */
  readonly turns: number;
}

/**
 * Catches the high and the low while the spindle is turned by hand: a needle has turned back when it has come away from
 * its furthest by more than its unrest. The last high and low count: after a jaw was moved the old ones do not. Errors:
 * out-of-range (unrest).
 *
 * @example
 * swingOf([0, 0.4, 0.9, 0.5, -0.1, -0.6, -0.2, 0.3], 0.05)
 * // → { high: 0.9, low: -0.6, whole: 1.5, turns: 2 }
 */
export function swingOf(readings: readonly number[], unrest: number): Swing {
  positive(unrest, 'unrest', 'The unrest of the needle');
  let high: number | null = null;
  let low: number | null = null;
  let turns = 0;
  let [up, down] = [-Infinity, Infinity];
  let way: 'up' | 'down' | null = null;
  for (const seen of readings) {
    up = Math.max(up, seen);
    down = Math.min(down, seen);
    if (way !== 'down' && up - seen > unrest) {
      // What it began at is no place it turned back from.
      if (way === 'up') [high, turns] = [up, turns + 1];
      [way, down] = ['down', seen];
    } else if (way !== 'up' && seen - down > unrest) {
      if (way === 'down') [low, turns] = [down, turns + 1];
      [way, up] = ['up', seen];
    }
  }
  return { high, low, whole: high === null || low === null ? null : high - low, turns };
}
