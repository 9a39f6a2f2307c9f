import type { WireReading } from '@anello/contract';
import { clockOffset, goneAfter, type Arrival, type Moment } from '@anello/core/instrument';

/** Held of each axis, s: long enough for the slowest turn of a spindle by hand. */
const HELD_FOR = 60;
/** Arrivals that tell how often it speaks, and how far its clock is from ours. */
const ARRIVALS = 40;

/** One axis of one instrument, with what it said lately, on this screen's own clock. */
export class Heard {
  readonly track: Moment[] = [];
  private arrivals: Arrival[] = [];
  private silence: number | null = null;

  /** Takes a reading that came now, s, and answers it with the moment at which it was taken. */
  take({ value, own }: Pick<WireReading, 'value' | 'own'>, came: number): Moment {
    const before = this.arrivals.at(-1);
    // Its clock began anew: nothing of the old one holds.
    if (before?.own !== undefined && own !== undefined && own < before.own) this.arrivals = [];
    this.arrivals.push({ came, own });
    if (this.arrivals.length > ARRIVALS) this.arrivals.shift();
    this.silence = goneAfter(this.arrivals);
    const offset = clockOffset(this.arrivals);
    const time = Math.max(
      this.track.at(-1)?.time ?? -Infinity,
      offset === null || own === undefined ? came : own + offset,
    );
    const moment = { time, value };
    this.track.push(moment);
    this.trim(time - HELD_FOR);
    return moment;
  }

  /** It has been silent for longer than one that speaks so often ever is. */
  isGone(now: number): boolean {
    const last = this.arrivals.at(-1);
    return last !== undefined && this.silence !== null && now - last.came > this.silence;
  }

  /** What it says from now on is another stream. */
  lose(): void {
    this.arrivals = [];
    this.silence = null;
  }

  /** Its moments since a time. */
  since(time: number): readonly Moment[] {
    let first = this.track.length;
    while (first > 0 && (this.track[first - 1] as Moment).time >= time) first--;
    return this.track.slice(first);
  }

  /** In one go now and then: taking one away at each reading would move all the rest. */
  private trim(before: number): void {
    const [first] = this.track;
    if (!first || first.time > before - HELD_FOR) return;
    this.track.splice(
      0,
      this.track.findIndex(({ time }) => time >= before),
    );
  }
}
