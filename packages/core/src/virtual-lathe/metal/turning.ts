/**
 * Cross-section of what was turned in one holding: at each place along z a circle about an axis that lies off the piece's own,
 * and off that by what the cut copied of the metal before it.
 */
export interface Turning {
  /** Where its axis lies from the piece's own, mm. */
  readonly x: number;
  readonly y: number;
  /** Radius at each place; infinite outside (nothing inside) where nothing was turned about it. */
  readonly r: Float64Array;
  /** How far the circle's middle lies from that axis: what ran out before, the part of it that sprang back. */
  readonly copied: { readonly x: Float64Array; readonly y: Float64Array };
  /** Radius goes up and down so many times a turn by so much at each place: as drawn bar, or as copied of it. */
  readonly lobes: Lobes | null;
}

export interface Lobes {
  readonly count: number;
  readonly phase: number;
  readonly height: Float64Array;
}

/** A circle at one place, seen from an axis: its radius, where its middle lies, and how high its lobes stand. */
export interface Round {
  readonly r: number;
  readonly x: number;
  readonly y: number;
  readonly lobes: number;
}

/** A turning at a place, seen from an axis at (x, y) from the piece's own. */
export const roundFrom = (
  { x, y, r, copied, lobes }: Turning,
  i: number,
  fromX: number,
  fromY: number,
): Round => ({
  r: r[i] as number,
  x: x + (copied.x[i] as number) - fromX,
  y: y + (copied.y[i] as number) - fromY,
  lobes: lobes?.height[i] ?? 0,
});

/** From the axis to a round's middle. */
export const apart = ({ x, y }: Round): number => Math.sqrt(x * x + y * y);

/** What stands up in a direction, mm. */
export const bumpOf = (lobes: Lobes | null, i: number, direction: number): number =>
  lobes ? (lobes.height[i] as number) * Math.cos(lobes.count * (direction - lobes.phase)) : 0;

/** How far a turning's surface lies from another axis in a direction (rad), that axis at (x, y) from the piece's own. */
export function surfaceFrom(turning: Turning, i: number, x: number, y: number, direction: number): number {
  const { r, x: dx, y: dy } = roundFrom(turning, i, x, y);
  if (!Number.isFinite(r) || r <= 0) return r;
  const along = dx * Math.cos(direction) + dy * Math.sin(direction);
  const across = dx * Math.sin(direction) - dy * Math.cos(direction);
  return along + Math.sqrt(Math.max(0, r * r - across * across)) + bumpOf(turning.lobes, i, direction);
}

/** The farthest it reaches from the axis: what a tool meets first outside. */
export const reachOf = (round: Round): number => round.r + apart(round) + round.lobes;

/** The nearest an inside turning's wall stands to the axis. */
export const wallOf = (round: Round): number => Math.max(0, round.r - apart(round) - round.lobes);
