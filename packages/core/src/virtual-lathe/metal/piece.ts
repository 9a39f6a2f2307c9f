import { surfaceFrom, type Turning } from './turning';

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
  readonly outside: Turning[];
  readonly inside: Turning[];

  constructor(
    readonly blank: Blank,
    oval: number,
    phase: number,
  ) {
    this.count = Math.round(blank.length / GRID) + 1;
    const lobes = oval > 0 ? { count: 2, height: oval / 2, phase } : null;
    this.outside = [{ x: 0, y: 0, r: this.filled(blank.diameter / 2), lobes }];
    this.inside = [{ x: 0, y: 0, r: this.filled((blank.bore ?? 0) / 2), lobes: null }];
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
    const turning: Turning = {
      x,
      y,
      r: this.filled(side === 'outside' ? Infinity : 0),
      lobes: null,
    };
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
    const all = this[side].map(({ r, lobes }) => {
      const bump = lobes
        ? lobes.height *
          (Math.cos(lobes.count * (direction - lobes.phase)) +
            Math.cos(lobes.count * (direction + Math.PI - lobes.phase)))
        : 0;
      return 2 * (r[i] as number) + bump;
    });
    return side === 'outside' ? Math.min(...all) : Math.max(...all);
  }

  /** Radius about its own axis on the mean of all directions, for what is slid over it or into it. */
  radius(side: Side, i: number): number {
    const all = this[side].map(({ r }) => r[i] as number);
    return side === 'outside' ? Math.min(...all) : Math.max(...all);
  }
}
