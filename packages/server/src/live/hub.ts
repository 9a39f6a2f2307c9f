import type { Here, LiveEvent } from '@anello/contract';

/** A screen that listens, as the hub needs it. */
export interface Listener {
  send(text: string): void;
  /** What is on its way to it and not taken yet, bytes. */
  waiting(): number;
  /** It takes nothing any more. */
  drop(): void;
}

/** A screen that has not taken so much is asleep or gone: it comes again and asks for everything. */
const MOST_WAITING = 1024 * 1024;

interface Seat {
  here: Here;
}

/** Everybody who looks at this book: told of what was kept, and of one another. */
export class Hub {
  private readonly seats = new Map<Listener, Seat>();

  get size(): number {
    return this.seats.size;
  }

  join(listener: Listener): void {
    this.seats.set(listener, { here: { is: 'here', job: null, who: '' } });
  }

  leave(listener: Listener): void {
    const before = this.seats.get(listener)?.here.job ?? null;
    this.seats.delete(listener);
    this.tellOthersOf(before);
  }

  /** A screen has another job open, or somebody else is at it. */
  moved(listener: Listener, here: Here): void {
    const seat = this.seats.get(listener);
    if (!seat) return;
    const before = seat.here.job;
    seat.here = here;
    if (before !== here.job) this.tellOthersOf(before);
    this.tellOthersOf(here.job);
  }

  /** Tells every screen. */
  tell(event: LiveEvent): void {
    if (this.seats.size === 0) return;
    const text = JSON.stringify(event);
    for (const listener of [...this.seats.keys()]) this.send(listener, text);
  }

  private tellOthersOf(job: string | null): void {
    if (job === null) return;
    const at = [...this.seats].filter(([, seat]) => seat.here.job === job);
    for (const [listener] of at) {
      const others = at.filter(([other]) => other !== listener).map(([, seat]) => seat.here.who);
      this.send(listener, JSON.stringify({ is: 'present', job, others } satisfies LiveEvent));
    }
  }

  private send(listener: Listener, text: string): void {
    if (listener.waiting() > MOST_WAITING) {
      this.leave(listener);
      listener.drop();
    } else listener.send(text);
  }
}
