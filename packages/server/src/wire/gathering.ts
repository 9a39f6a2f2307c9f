import { readWireLine, type CameIn, type WireEvent, type WireReading } from '@anello/contract';
import type { Listener } from '../live/hub';
import { perSecond } from '../live/socket';

/** Where readings come from, as the gathering needs it. */
export interface Source {
  /** What was wrong with what it sent. */
  refuse(said: string): void;
}

/** Readings that came within so long of one another go out as one message, ms: a screen draws no oftener. */
const TOGETHER = 16;
/** Lines that one source may send in a second: a hundred a second from twenty axes. */
const MOST_IN_A_SECOND = 2000;
/** A source that sends rubbish is told so often in a second, not at each line. */
const TOLD_IN_A_SECOND = 5;
/** Names that may be known at once: a source that makes up new ones fills no memory. */
const MOST_KNOWN = 64;
/** A screen that has not taken so much is asleep: it comes again, and is told what stands. */
const MOST_WAITING = 256 * 1024;

interface Seat {
  judge(): boolean;
  tell(): boolean;
}

const nameOf = ({ instrument, channel }: WireReading): string => JSON.stringify([instrument, channel]);

/** Gathers the readings of all sources and hands them on to every screen that listens. */
export class Gathering {
  private readonly listeners = new Set<Listener>();
  private readonly seats = new Map<Source, Seat>();
  /** The last reading of each axis of each instrument, and the source that sends it. */
  private readonly last = new Map<string, { reading: CameIn; source: Source }>();
  private waiting: CameIn[] = [];
  private timer: ReturnType<typeof setTimeout> | null = null;

  constructor(private readonly now: () => number = Date.now) {}

  listen(listener: Listener): void {
    this.listeners.add(listener);
    const of = [...this.last.values()].map(({ reading }) => reading);
    if (of.length) listener.send(said({ is: 'stand', of }));
  }

  leave(listener: Listener): void {
    this.listeners.delete(listener);
  }

  begin(source: Source): void {
    this.seats.set(source, { judge: perSecond(MOST_IN_A_SECOND), tell: perSecond(TOLD_IN_A_SECOND) });
  }

  /** Takes one line; what cannot be used goes no further than back to where it came from. */
  take(source: Source, line: string): void {
    const seat = this.seats.get(source);
    if (!seat) return;
    const refused = (why: string): void => {
      if (seat.tell()) source.refuse(why);
    };
    if (!seat.judge()) return refused(`More than ${MOST_IN_A_SECOND} lines in a second: the rest is left.`);
    const read = readWireLine(line);
    if ('said' in read) return refused(read.said);
    const name = nameOf(read.reading);
    if (!this.last.has(name) && this.last.size >= MOST_KNOWN)
      return refused(`More than ${MOST_KNOWN} instruments and axes are on the wire.`);
    const reading = { ...read.reading, came: this.now() };
    this.last.set(name, { reading, source });
    this.handOn(reading);
  }

  /** The source is closed: its instruments are gone, unless another has them since. */
  end(source: Source): void {
    this.seats.delete(source);
    const its = [...this.last].filter(([, one]) => one.source === source);
    for (const [name] of its) this.last.delete(name);
    const left = new Set([...this.last.values()].map(({ reading }) => reading.instrument));
    const gone = new Set(its.map(([, { reading }]) => reading.instrument).filter((one) => !left.has(one)));
    if (!gone.size) return;
    this.flush();
    this.tell({ is: 'gone', instruments: [...gone] });
  }

  private handOn(reading: CameIn): void {
    if (!this.listeners.size) return;
    this.waiting.push(reading);
    this.timer ??= setTimeout(() => this.flush(), TOGETHER);
  }

  private flush(): void {
    if (this.timer) clearTimeout(this.timer);
    this.timer = null;
    if (!this.waiting.length) return;
    const of = this.waiting;
    this.waiting = [];
    this.tell({ is: 'readings', of });
  }

  private tell(event: WireEvent): void {
    const text = said(event);
    for (const listener of [...this.listeners]) {
      if (listener.waiting() <= MOST_WAITING) listener.send(text);
      else {
        this.leave(listener);
        listener.drop();
      }
    }
  }
}

const said = (event: WireEvent): string => JSON.stringify(event);
