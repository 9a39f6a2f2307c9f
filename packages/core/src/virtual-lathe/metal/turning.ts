/** Cross-section of what was turned in one holding: radii along z about an axis that lies off the piece's own. */
export interface Turning {
  /** Where its axis lies from the piece's own, mm. */
  readonly x: number;
  readonly y: number;
  /** Radius at each place; infinite outside (nothing inside) where nothing was turned about it. */
  readonly r: Float64Array;
  /** Radius goes up and down so many times a turn by so much: as drawn bar, or as pressed by jaws. */
  readonly lobes: { readonly count: number; readonly height: number; readonly phase: number } | null;
}

/** How far a turning's surface lies from another axis in a direction (rad), that axis at (x, y) from the piece's own. */
export function surfaceFrom(turning: Turning, i: number, x: number, y: number, direction: number): number {
  const r = turning.r[i] as number;
  if (!Number.isFinite(r) || r <= 0) return r;
  const [dx, dy] = [turning.x - x, turning.y - y];
  const along = dx * Math.cos(direction) + dy * Math.sin(direction);
  const across = dx * Math.sin(direction) - dy * Math.cos(direction);
  const { lobes } = turning;
  const bump = lobes ? lobes.height * Math.cos(lobes.count * (direction - lobes.phase)) : 0;
  return along + Math.sqrt(Math.max(0, r * r - across * across)) + bump;
}

/** The farthest it reaches from another axis: what a tool meets first. */
export const reachFrom = (turning: Turning, i: number, x: number, y: number): number =>
  (turning.r[i] as number) + apart(turning, x, y) + (turning.lobes?.height ?? 0);

/** From one axis to the other. */
const apart = (turning: Turning, x: number, y: number): number =>
  Math.sqrt((turning.x - x) ** 2 + (turning.y - y) ** 2);

/** The nearest an inside turning's wall stands to another axis. */
export const wallFrom = (turning: Turning, i: number, x: number, y: number): number =>
  Math.max(0, (turning.r[i] as number) - apart(turning, x, y));
