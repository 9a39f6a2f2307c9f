import type { Lathe } from '../machine/lathe';
import { normalFrom, seeded } from '../machine/seeded';
import { radialOf } from '../machine/dialReads';
import { Attachment } from './mechanics/attachment';
import type { FourJaw } from './mechanics/fourJaw';
import { Play } from './mechanics/play';
import { Slide } from './mechanics/slide';
import type { Faults } from './faults/registry';
import type { GroundForm } from './metal/form';
import type { Piece } from './metal/piece';
import { type Side } from './metal/piece';
import type { Turning } from './metal/turning';
import { Warmth } from './metal/warmth';

export interface Tool {
  readonly side: Side;
  readonly nose: number;
  readonly barDiameter: number | null;
  /** As it is ground: how far back the edge stands at a distance from its middle, null past its ends; no form tool has none. */
  readonly form: GroundForm | null;
}

/** How the piece is held. */
export interface Held {
  readonly by: 'three-jaw' | 'four-jaw' | 'centres';
  /** Free of the jaws, from their face. */
  readonly out: number;
  /** Of the piece within the jaws. */
  readonly gripped: number;
  /** Carried at its free end as well. */
  readonly supported: boolean;
  readonly jaws: FourJaw;
}

const START = { z: 60, x: 40 };
const LENGTH_OF_BED = 60;
/** A lathe without a bar has one that nobody can take hold of: so long, mm. */
const NO_BAR = 300;
/** As a hand leaves it: short, and not home, where it would push its centre out. */
const BARREL_OUT = 30;

/** Everything of the lathe that moves, with what is hidden in it. What is done to it is in the files beside this. */
export class LatheState {
  readonly uniform: () => number;
  readonly cross: Slide;
  readonly carriage: Slide;
  readonly compound: Slide;
  readonly attachment: Attachment;
  readonly needle: Play;
  readonly warmth: Warmth;
  tool: Tool = { side: 'outside', nose: 0.4, barDiameter: null, form: null };
  height: number;
  /** The compound's slide from the spindle's axis, as it really stands. */
  swung = Math.PI / 2;
  /** The tailstock's centre from the spindle's axis, as it really stands. */
  setOver: number;
  /** A true cone that an indicator can be run along in the place of the work. */
  master: { readonly z: number; readonly radius: number; readonly slope: number } | null = null;
  piece: Piece | null = null;
  held: Held | null = null;
  /** What is being turned about the spindle's axis in this holding. */
  turning: Record<Side, Turning> | null = null;
  spindleAt = 0;
  /** How far the tailstock's barrel stands out. */
  barrel = BARREL_OUT;
  /** Under jaw 1 of a three-jaw. */
  packing = 0;
  turns = 400;
  seconds = 0;
  wear = 0;
  builtUp = 0;
  needleZero = 0;
  /** What the dial was set to nothing at. */
  crossZero = 0;

  constructor(
    readonly lathe: Lathe,
    readonly faults: Faults,
    seed: number,
  ) {
    this.uniform = seeded(seed);
    const slide = (lash: number, scale: number, sine: number): Slide =>
      new Slide({ lash, scale, sine, lead: CROSS_LEAD, open: this.uniform() });
    this.cross = slide(faults.crossLash, faults.crossScale, faults.crossSine);
    this.carriage = slide(faults.carriageLash, 1, 0);
    this.compound = slide(faults.compoundLash, 1, 0);
    this.attachment = new Attachment({
      angleOff: faults.barAngle,
      bow: faults.barBow,
      lash: faults.barLash,
      travel: lathe.attachment?.barTravel ?? NO_BAR,
      middle: LENGTH_OF_BED,
    });
    this.needle = new Play(2 * faults.stick, 0);
    this.warmth = new Warmth(faults.warmth);
    this.height = faults.toolHeight;
    this.setOver = faults.tailstockOff;
  }

  normal(): number {
    return normalFrom(this.uniform);
  }

  /** Where the tool's point stands. */
  get at(): { z: number; x: number } {
    const along = this.compound.at;
    const z = START.z + this.carriage.at - along * Math.cos(this.swung);
    const x =
      START.x -
      radialOf(this.cross.at, this.lathe.dial.reads) +
      along * Math.sin(this.swung) +
      this.attachment.out(START.z + this.carriage.at);
    return { z, x };
  }

  /** The axis the work turns about, over a place on the bed: between centres it goes from one to the other. */
  axis(z: number): number {
    if (!this.held || (this.held.by !== 'centres' && !this.held.supported)) return 0;
    return (this.setOver * z) / this.held.out;
  }

  /** Index into the piece's outline. */
  index(z: number): number {
    return (this.piece as Piece).index(z + (this.held as Held).gripped);
  }
  zOf(i: number, step: number): number {
    return i * step - (this.held as Held).gripped;
  }
}
/** Lead of the slides' screws, mm. */
export const CROSS_LEAD = 4;
