/** A reading and when it was, s on one clock. */
export interface Moment {
  readonly time: number;
  readonly value: number;
}

/** Index of the first of some rising moments that is not before a time. */
export function firstNotBefore(track: readonly Moment[], time: number): number {
  let [low, high] = [0, track.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((track[middle] as Moment).time < time) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** What a track was at a time, straight between its two nearest moments; null where they are further apart than may be, or there are none. */
export function valueAt(track: readonly Moment[], time: number, longestGap: number): number | null {
  const index = firstNotBefore(track, time);
  const after = track[index];
  if (!after) return null;
  if (after.time === time) return after.value;
  const before = track[index - 1];
  if (!before || after.time - before.time > longestGap) return null;
  const part = (time - before.time) / (after.time - before.time);
  return before.value + part * (after.value - before.value);
}
