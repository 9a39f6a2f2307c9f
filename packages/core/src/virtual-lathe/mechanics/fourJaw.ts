/** Where the work's own axis stands from the spindle's, mm: along jaw 1 and along jaw 2. */
export interface Offset {
  x: number;
  y: number;
}

/** Pressed against a jaw that is still tight the work goes but a little: it is squeezed. */
const SQUEEZED = 0.12;

/** A four-jaw independent chuck: eased on one side and tightened on the other, the work goes across. */
export class FourJaw {
  /** How far each jaw stands off the work. */
  private readonly room = [0, 0, 0, 0];

  constructor(
    readonly offset: Offset,
    /** What it settles by when a jaw comes up against the work. */
    private readonly settles: number,
  ) {}

  /** Closed until it meets the work, and no further. */
  meet(jaw: number): void {
    this.room[jaw - 1] = 0;
  }

  /** Moves a jaw: more than nothing tightens. `noise` is a normal figure for the hand. */
  move(jaw: number, by: number, noise: number): void {
    const i = jaw - 1;
    const facing = (i + 2) % 4;
    if (by <= 0) {
      this.room[i] = (this.room[i] as number) - by;
      return;
    }
    const free = Math.max(0, by - (this.room[i] as number));
    this.room[i] = Math.max(0, (this.room[i] as number) - by);
    const room = this.room[facing] as number;
    const goes = Math.min(free, room) + SQUEEZED * Math.max(0, free - room);
    this.room[facing] = Math.max(0, room - free);
    if (free > 0) this.push(i, goes + this.settles * noise);
  }

  /** The work goes away from the jaw that presses it. */
  private push(i: number, by: number): void {
    if (i === 0) this.offset.x -= by;
    if (i === 1) this.offset.y -= by;
    if (i === 2) this.offset.x += by;
    if (i === 3) this.offset.y += by;
  }
}
