/**
 * Two parts with a clearance: one follows the other at once the way it was pushed last, and only after the clearance is
 * taken up the other way. The way a nut follows its screw, a shoe its bar and a needle its contact.
 */
export class Play {
  constructor(
    private readonly clearance: number,
    /** Where the part that follows stands. */
    public at: number,
  ) {}

  /** Where it stands after the other has gone to a place: never further behind than the clearance. */
  follow(to: number): number {
    if (to > this.at) this.at = to;
    else if (to < this.at - this.clearance) this.at = to + this.clearance;
    return this.at;
  }

  /** Where it would stand, without going there. */
  wouldStand(to: number): number {
    return Math.min(Math.max(this.at, to), to + this.clearance);
  }

  /** Set down anywhere, as when it is clamped anew. */
  put(at: number): void {
    this.at = at;
  }
}
