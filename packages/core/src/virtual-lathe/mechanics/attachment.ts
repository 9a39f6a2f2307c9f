import { Play } from './play';

export interface AttachmentMakeUp {
  /** What the scale is out by, rad. */
  readonly angleOff: number;
  /** Height of the bar's middle over its ends, mm toward the operator. */
  readonly bow: number;
  readonly lash: number;
  /** The bar's travel, and where on the bed its middle stands. */
  readonly travel: number;
  readonly middle: number;
}

/** A taper attachment: the tool goes out from the axis as the carriage goes toward the headstock, by the bar's own line; set the other way, in. */
export class Attachment {
  engaged = false;
  private angle: number;
  /** Which way it was set: steeper is further that way. */
  private way = 1;
  private readonly shoe: Play;
  private from = 0;

  constructor(private readonly made: AttachmentMakeUp) {
    this.angle = made.angleOff;
    this.shoe = new Play(made.lash, 0);
  }

  /** The bar by its own scale. */
  set(scale: number): void {
    this.way = scale < 0 ? -1 : 1;
    this.angle = scale + this.made.angleOff;
  }
  /** The bar's end moved by so much, at a length from its pivot: more is steeper. */
  nudge(by: number, pivotLength: number): void {
    this.angle = Math.atan(Math.tan(this.angle) + (this.way * by) / pivotLength);
  }
  get trueAngle(): number {
    return this.angle;
  }

  engage(on: boolean, z: number, open: number): void {
    this.engaged = on;
    if (!on) return;
    this.shoe.put(this.line(z) + this.made.lash * open);
    this.from = this.shoe.at;
  }

  /** What it has moved the cross-slide by since it was engaged, the carriage at z now. */
  out(z: number): number {
    return this.engaged ? this.shoe.follow(this.line(z)) - this.from : 0;
  }

  /** The bar's own line. */
  line(z: number): number {
    const { travel, middle, bow } = this.made;
    const u = Math.min(1, Math.max(0, (z - middle) / travel + 0.5));
    return -Math.tan(this.angle) * (z - middle) + bow * 4 * u * (1 - u);
  }
}
