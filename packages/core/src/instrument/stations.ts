import { pairTracks, type ReadAt, type Tracks } from './pairTracks';

/** A station that the travel went past, and what the needle showed there. */
export interface Passed {
  readonly station: number;
  readonly time: number;
  readonly seen: number;
}

/**
 * The stations that the growing travel came to or past, each at the first time it did, with what was read just there:
 * straight between the readings on either side of it. On the way back lash reads otherwise, and where it only stands
 * nobody knows which way it came: nothing is taken. Errors: as pairTracks.
 *
 * @example
 * passedStations(
 *   { travel: [{ time: 0, value: 0 }, { time: 0.4, value: 40 }],
 *     reading: [{ time: 0, value: 0 }, { time: 0.2, value: 1 }, { time: 0.4, value: 2 }] },
 *   [0, 25, 75],
 * )
 * // → [{ station: 25, time: 0.25, seen: 1.25 }]
 */
export function passedStations(tracks: Tracks, stations: readonly number[]): readonly Passed[] {
  const read = pairTracks(tracks);
  const found = new Map<number, Passed>();
  read.slice(1).forEach((here, i) => {
    const before = read[i] as ReadAt;
    for (const station of stations)
      if (!found.has(station) && before.at < station && here.at >= station)
        found.set(station, between(before, here, station));
  });
  return [...found.values()];
}

function between(before: ReadAt, here: ReadAt, station: number): Passed {
  const part = (station - before.at) / (here.at - before.at);
  return {
    station,
    time: before.time + part * (here.time - before.time),
    seen: before.seen + part * (here.seen - before.seen),
  };
}
