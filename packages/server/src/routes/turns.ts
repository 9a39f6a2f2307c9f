/**
 * Long answers one to a turn of the loop, so that a reading that comes in while many tablets look at the rack waits for one
 * of them and not for all.
 */
export class Turns {
  private last: Promise<unknown> = Promise.resolve();

  next(): Promise<unknown> {
    this.last = this.last.then(() => new Promise(setImmediate));
    return this.last;
  }
}
