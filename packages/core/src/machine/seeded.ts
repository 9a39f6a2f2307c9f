/**
 * Pseudo-random figures from a seed, the same on every machine: mulberry32.
 *
 * @example
 * seeded(1)() === seeded(1)()
 * // → true
 */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** Normal figures from uniform ones, by Box and Muller. */
export const normalFrom = (uniform: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform());
