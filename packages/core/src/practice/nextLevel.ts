import type { Level } from '../virtual-lathe/faults/draw';

/** A run that ended: at a level, right or not. */
export interface PastRun {
  readonly level: Level;
  readonly right: boolean;
}

const FIRST: Level = 1;
const HARDEST: Level = 5;
/** So many right in a row and it grows harder; so many wrong, and it is easier again. */
const UP = 2;
const DOWN = 2;

/**
 * The level of a person's next run of an exercise, from those before, the first of them first: up after two that were right,
 * down after two that were not.
 *
 * @example
 * nextLevel([{ level: 1, right: true }, { level: 1, right: true }])
 * // → 2
 */
export function nextLevel(runs: readonly PastRun[]): Level {
  const last = runs.at(-1);
  if (!last) return FIRST;
  const inARow = (right: boolean, count: number): boolean => {
    const some = runs.slice(-count);
    return some.length === count && some.every((run) => run.right === right && run.level === last.level);
  };
  if (inARow(true, UP)) return Math.min(HARDEST, last.level + 1) as Level;
  if (inARow(false, DOWN)) return Math.max(FIRST, last.level - 1) as Level;
  return last.level;
}
