import { notNegative, positive } from '../basics/check';
import { AnelloError } from '../basics/error';

export interface PlungeRequest {
  /** From the zeroed face to the groove's near side and to its far one, mm. */
  readonly near: number;
  readonly far: number;
  /** Width of the tool. */
  readonly width: number;
}

/** Each plunge beside the last leaves no thin wall that the tool would slide off: so much of its width at the most. */
const BESIDE = 0.9;
const HAIR = 1e-9;
/** More than this is a slip of the keys. */
const MOST = 200;

/**
 * Where the tool's own near side stands at each plunge of a groove, from the zeroed face: the first with it at the groove's near
 * side, the last with its far side at the far one, so that the tool's width is in the sum. mm. Errors, at width: out-of-range
 * for a tool of no width, or so narrow that it is a slip; impossible for one wider than the groove.
 *
 * @example
 * plungeStops({ near: 20, far: 26, width: 3 })
 * // → [20, 21.5, 23]
 */
export function plungeStops({ near, far, width }: PlungeRequest): number[] {
  notNegative(near, 'near', 'The near side');
  positive(width, 'width', 'The tool’s width');
  const room = far - near - width;
  if (room < -HAIR) throw new AnelloError('impossible', 'width', 'This tool is wider than the groove.');
  const steps = Math.ceil(Math.max(0, room) / (BESIDE * width) - HAIR);
  if (steps > MOST) throw new AnelloError('out-of-range', 'width', 'So narrow a tool is a slip of the keys.');
  return Array.from(
    { length: steps + 1 },
    (_, i) => near + (steps === 0 ? 0 : (Math.max(0, room) * i) / steps),
  );
}
