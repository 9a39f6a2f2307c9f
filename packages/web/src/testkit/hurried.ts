import { afterEach, beforeEach } from 'vitest';

/** How many times as fast what was put off comes. */
const TIMES = 10;

/**
 * In a file of tests what the page puts off (to save once typing rests, to ask again after a while) comes ten times as soon,
 * in the same order: what is tested is what happens then, and not that somebody waited.
 */
export function useHurried(): void {
  const later = globalThis.setTimeout;
  beforeEach(() => {
    globalThis.setTimeout = ((work: () => void, wait = 0, ...given: []) =>
      later(work, wait / TIMES, ...given)) as typeof setTimeout;
  });
  afterEach(() => {
    globalThis.setTimeout = later;
  });
}
