import { FAULT_IDS, FAULT_KINDS, type FaultId, type Faults } from './registry';
import type { FaultKind } from './kind';

/** From a lathe that does what it is told to one on which everything is at its worst. */
export const LEVELS = [0, 1, 2, 3, 4, 5] as const;
export type Level = (typeof LEVELS)[number];

/** Of the way from none to its worst that a fault may go, and how likely it is there at all, level by level. */
const REACH: Readonly<Record<Level, number>> = { 0: 0, 1: 0.35, 2: 0.6, 3: 0.8, 4: 1, 5: 1 };
const LIKELY: Readonly<Record<Level, number>> = { 0: 0, 1: 0.3, 2: 0.5, 3: 0.7, 4: 0.85, 5: 1 };

export const SOUND_LATHE = Object.fromEntries(FAULT_IDS.map((id) => [id, FAULT_KINDS[id].none])) as Faults;

/** Faults as they are met together: each there or not, and how large, by a level; those that are given stay as given. */
export function drawFaults(
  uniform: () => number,
  level: Level,
  given: Readonly<Partial<Record<FaultId, number>>> = {},
): Faults {
  // Every fault takes its draws whether it comes to be or not: one more on the list changes none before it.
  const drawn = FAULT_IDS.map((id): [FaultId, number] => {
    const [there, size, sign] = [uniform(), uniform(), uniform()];
    const kind = FAULT_KINDS[id];
    return [id, there < LIKELY[level] ? sized(kind, size * REACH[level], sign) : kind.none];
  });
  return { ...(Object.fromEntries(drawn) as Faults), ...given };
}

function sized(kind: FaultKind, part: number, sign: number): number {
  if (kind.none > kind.from && kind.none < kind.to)
    return kind.none + (sign < 0.5 ? kind.from - kind.none : kind.to - kind.none) * part;
  const size = kind.from + (kind.to - kind.from) * part;
  return kind.eitherWay && sign < 0.5 ? -size : size;
}
