import { bumpOf, surfaceFrom, type Lobes, type Turning } from './turning';

/** From one place of an outline to the next, mm. */
export const GRID = 0.1;

export interface Blank {
  readonly diameter: number;
  readonly length: number;
  readonly bore?: number | undefined;
}
export type Side = 'outside' | 'inside';

/** A piece of metal: what is left of it after every turning, outside and in. z from its end at the headstock. */
export class Piece {
  readonly count: number;
  /** Drawn bar goes up and down twice a turn, whichever axis it is turned about. */
  private readonly oval: Pick<Lobes, 'count' | 'phase'> | null;
  readonly outside: Turning[];
  readonly inside: Turning[];

  constructor(
    readonly blank: Blank,
    oval: number,
    phase: number,
  ) {
    this.count = Math.round(blank.length / GRID) + 1;
    this.oval = oval > 0 ? { count: 2, phase } : null;
    this.outside = [this.turned(0, 0, blank.diameter / 2, oval / 2)];
    this.inside = [this.turned(0, 0, (blank.bore ?? 0) / 2, 0)];
  }

  private turned(x: number, y: number, radius: number, lobes: number): Turning {
    return {
      x,
      y,
      r: this.filled(radius),
      copied: { x: this.filled(0), y: this.filled(0) },
      lobes: this.oval && { ...this.oval, height: this.filled(lobes) },
    };
  }

  filled(value: number): Float64Array {
    return new Float64Array(this.count).fill(value);
  }

  /** Index of the place nearest to z. */
  index(z: number): number {
    return Math.min(this.count - 1, Math.max(0, Math.round(z / GRID)));
  }

  /** What is turned about an axis from now on: nothing of it yet. */
  begin(side: Side, x: number, y: number): Turning {
    // Of an axis about which nothing was cut nothing remains.
    const untouched = side === 'outside' ? Infinity : 0;
    if (this[side].length > 1 && this[side].at(-1)?.r.every((r) => r === untouched)) this[side].pop();
    const turning = this.turned(x, y, untouched, 0);
    this[side].push(turning);
    return turning;
  }

  /** Surface at a place, as far from an axis at (x, y) as it lies in a direction: of all turnings what is left. */
  surface(side: Side, i: number, x: number, y: number, direction: number): number {
    const all = this[side].map((turning) => surfaceFrom(turning, i, x, y, direction));
    return side === 'outside' ? Math.min(...all) : Math.max(0, ...all);
  }

  /** Across the piece at a place in a direction, as anvils take it: of all turnings the one that is left. */
  across(side: Side, i: number, direction: number): number {
    const all = this[side].map(
      ({ r, lobes }) =>
        2 * (r[i] as number) + bumpOf(lobes, i, direction) + bumpOf(lobes, i, direction + Math.PI),
    );
    return side === 'outside' ? Math.min(...all) : Math.max(...all);
  }

  /** Radius about its own axis on the mean of all directions, for what is slid over it or into it. */
  radius(side: Side, i: number): number {
    const all = this[side].map(({ r }) => r[i] as number);
    return side === 'outside' ? Math.min(...all) : Math.max(...all);
  }
}
