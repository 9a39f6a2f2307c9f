import { FAULT_KINDS, type FaultId } from './registry';
import type { FaultKind } from './kind';

/** How bad a fault is chosen to be. */
export const BADNESS = ['none', 'slight', 'worst'] as const;
export type Badness = (typeof BADNESS)[number];

/** Of its way from none, where its range goes through none. */
const SLIGHT = 0.3;

/**
 * How large a fault is that somebody chooses instead of having it drawn.
 *
 * @example
 * chosenFault('crossLash', 'none')
 * // → 0
 */
export function chosenFault(id: FaultId, how: Badness): number {
  const { none, from, to }: FaultKind = FAULT_KINDS[id];
  if (how === 'none') return none;
  if (how === 'worst') return to;
  return none > from && none < to ? none + SLIGHT * (to - none) : from;
}
