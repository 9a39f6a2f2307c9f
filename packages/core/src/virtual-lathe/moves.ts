import type { Chips, HandleId } from './actions';
import { Cutter, NO_CHIPS, seenOf, WENT_NOWHERE, type Went } from './cut';
import type { LatheState } from './lathe';
import { USUAL_FEED } from './usual';

/** A worn bar is no straight line: by it longer moves are cut in steps of this, mm. */
const STEP = 2;
/** By hand a slide goes so fast where nothing is cut, mm/s. */
const BY_HAND = 8;
/** Divisions that a hand sets to: of the compound's dial and the carriage's, mm. */
const HAND_DIVISION: Readonly<Record<Exclude<HandleId, 'cross'>, number>> = { carriage: 0.5, compound: 0.02 };
/** Touching off, the slide is fed this far at a time: paper or a mist of chips tells no finer. */
const TOUCH = 0.005;
const MOST_TOUCH = 40_000;

/** Handles turned by a hand, and what the edge does on the way. */
export class Hands {
  readonly cutter: Cutter;
  private last: { handle: HandleId; way: number } | null = null;

  constructor(private readonly state: LatheState) {
    this.cutter = new Cutter(state);
  }

  dialOf(handle: HandleId): number {
    const { cross, carriage, compound, crossZero } = this.state;
    return handle === 'cross'
      ? cross.dial - crossZero
      : handle === 'carriage'
        ? carriage.dial
        : compound.dial;
  }

  turn(handle: HandleId, by: number, feed: number = USUAL_FEED): Chips {
    if (by === 0) return NO_CHIPS;
    this.begin(handle, Math.sign(by));
    const steps = this.state.attachment.engaged ? Math.max(1, Math.ceil(Math.abs(by) / STEP)) : 1;
    let all = WENT_NOWHERE;
    for (let i = 0; i < steps; i++) {
      const from = this.state.at;
      this.state[handle].turn(by / steps);
      const went = this.state.turns > 0 ? this.cutter.along(from, this.state.at, feed) : WENT_NOWHERE;
      all = together(all, went);
      this.passes(Math.abs(by) / steps, seenOf(went) !== 'none', feed);
    }
    return { seen: seenOf(all), fresh: all.past > 0 ? all.cut / all.past : 0, chatters: all.chatters };
  }

  /** The cross-slide where its edge can meet nothing: as `turn`, without looking at what it goes over. */
  private throughAir(by: number): void {
    this.begin('cross', Math.sign(by));
    this.state.cross.turn(by);
    this.passes(Math.abs(by), false, USUAL_FEED);
  }

  private begin(handle: HandleId, way: number): void {
    if (handle === 'cross' || this.last?.handle !== handle || this.last.way !== way) this.cutter.begin();
    this.last = { handle, way };
  }

  private passes(length: number, cuts: boolean, feed: number): void {
    const rate = cuts && this.state.turns > 0 ? (feed * this.state.turns) / 60 : BY_HAND;
    this.spend(length / rate);
  }
  spend(seconds: number): void {
    this.state.seconds += seconds;
    this.state.warmth.pass(seconds);
  }

  /** To a figure of the dial, as near as a hand sets it. */
  turnTo(handle: HandleId, to: number, feed?: number): Chips {
    const division = handle === 'cross' ? this.state.lathe.dial.division : HAND_DIVISION[handle];
    const set = to + this.state.faults.setting * division * this.state.normal();
    return this.turn(handle, set - this.dialOf(handle), feed);
  }

  /** Fed toward the metal until it is felt; the dial is then set to nothing. */
  touch(): Chips {
    const toward = this.state.tool.side === 'outside' ? TOUCH : -TOUCH;
    const free = this.cutter.freeUpTo();
    for (let i = 0; i < MOST_TOUCH; i++) {
      if (free !== null && toward * (this.state.at.x - free) > 0) {
        this.throughAir(toward);
        continue;
      }
      const { seen } = this.turn('cross', toward);
      if (seen === 'none') continue;
      this.state.crossZero = this.state.cross.dial;
      return { seen, fresh: 0, chatters: false };
    }
    return NO_CHIPS;
  }
}

const together = (a: Went, b: Went): Went => ({
  past: a.past + b.past,
  cut: a.cut + b.cut,
  rubbed: a.rubbed + b.rubbed,
  chatters: a.chatters || b.chatters,
});
