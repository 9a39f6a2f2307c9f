import { pairTracks, type Tracks } from './pairTracks';

/** A station that the travel went past, and what the needle showed there. */
export interface Passed {
  readonly station: number;
  readonly time: number;
  readonly seen: number;
}

/**
 * The stations that the growing travel came to or past, each at the first time it did, with what was read just there:
 * straight between the readings on either side of it. On the way back lash reads otherwise, and nothing is taken. Errors: as pairTracks.
 *
 * @example
 * passedStations(
 *   { travel: [{ time: 0, value: 0 }, { time: 0.4, value: 40 }],
 *     reading: [{ time: 0, value: 0 }, { time: 0.2, value: 1 }, { time: 0.4, value: 2 }] },
 *   [0, 25, 75],
 * )
 * // → [{ station: 0, time: 0, seen: 0 }, { station: 25, time: 0.25, seen: 1.25 }]
 */
export function passedStations(tracks: Tracks, stations: readonly number[]): readonly Passed[] {
  const read = pairTracks(tracks);
  const found = new Map<number, Passed>();
  read.forEach((here, i) => {
    const before = read[i - 1] ?? here;
    for (const station of stations) {
      if (found.has(station)) continue;
      const [from, to] = [before.at - station, here.at - station];
      if (from > 0 || to < 0) continue;
      const part = from === to ? 1 : from / (from - to);
      const between = (a: number, b: number): number => a + part * (b - a);
      found.set(station, {
        station,
        time: between(before.time, here.time),
        seen: between(before.seen, here.seen),
      });
    }
  });
  return [...found.values()];
}
