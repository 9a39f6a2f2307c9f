import { AnelloError } from '../basics/error';
import { positive } from '../basics/check';
import type { VeeThread } from '../thread/form';

export interface SetScrew {
  /** Round from the high side, rad: square to the throw, so that tightening does not alter it. */
  readonly direction: number;
  /** Metal it is tapped through, from the hub's outside to the bore, mm. */
  readonly wall: number;
  /** Full turns of thread in that wall. */
  readonly turns: number;
  readonly strongEnough: boolean;
  /** From an edge finder touching the hub's side to the middle of the hole. */
  readonly fromEdge: number;
}

/** Fewer turns than this strip before the screw bites. */
const TURNS = 4;

/**
 * The set-screw's hole in an eccentric's hub: square to the throw, how much thread the wall gives, and how far the table
 * moves from an edge finder (mm) that touches the hub. Errors: out-of-range; impossible when the hub is no larger than
 * its bore.
 *
 * @example
 * setScrew({ hub: 34, bore: 20, thread: M6, phase: 0, finder: 10 }).wall
 * // → 7
 */
export function setScrew({
  hub,
  bore,
  thread,
  phase,
  finder,
}: {
  hub: number;
  bore: number;
  thread: VeeThread;
  phase: number;
  finder: number;
}): SetScrew {
  const wall = (positive(hub, 'hub', 'The hub') - positive(bore, 'bore', 'The bore')) / 2;
  if (wall <= 0)
    throw new AnelloError(
      'impossible',
      'hub',
      'The hub is no larger than its bore: there is nothing to tap.',
    );
  const turns = wall / positive(thread.pitch, 'thread.pitch', 'The pitch');
  return {
    direction: phase + Math.PI / 2,
    wall,
    turns,
    strongEnough: turns >= TURNS,
    fromEdge: hub / 2 + positive(finder, 'finder', 'The edge finder') / 2,
  };
}
