import { Play } from './play';

export interface SlideMakeUp {
  readonly lash: number;
  /** Moved for each 1 the dial shows. */
  readonly scale: number;
  /** Swings by so much either way once a turn of the screw. */
  readonly sine: number;
  readonly lead: number;
  /** Part of the lash that stands open when it is first touched, 0 to 1. */
  readonly open: number;
}

/** A slide on its screw: what the dial shows, and where the slide really stands, mm along it. */
export class Slide {
  /** As the dial counts, from where it stood at first. */
  dial = 0;
  private readonly nut: Play;

  constructor(private readonly made: SlideMakeUp) {
    this.nut = new Play(made.lash, made.lash * made.open);
  }

  get at(): number {
    return this.nut.at;
  }

  /** Turns the handle until the dial has gone on by so much; gives where the slide stands then. */
  turn(by: number): number {
    this.dial += by;
    const { scale, sine, lead } = this.made;
    return this.nut.follow(scale * this.dial + sine * Math.sin((2 * Math.PI * this.dial) / lead));
  }
}
