import { setImmediate as nextTurn } from 'node:timers/promises';

/** However much is being kept, an answer waits no longer than this, ms. */
const PATIENCE = 25;

/**
 * Long answers one to a turn of the loop, and none while something is being kept: a reading that comes in while many tablets
 * look at the rack waits for the one that is under way and not for all.
 */
export class Turns {
  private last: Promise<unknown> = Promise.resolve();
  private keeping = 0;

  /** Something to be kept has come in. */
  hold(): void {
    this.keeping++;
  }

  /** It has been answered. */
  release(): void {
    this.keeping = Math.max(0, this.keeping - 1);
  }

  /** Resolves when it is this answer's turn. */
  next(): Promise<unknown> {
    this.last = this.last.then(() => this.turn());
    return this.last;
  }

  private async turn(): Promise<void> {
    const until = performance.now() + PATIENCE;
    do await nextTurn();
    while (this.keeping > 0 && performance.now() < until);
  }
}
