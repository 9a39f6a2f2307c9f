import { STEEL_EXPANDS } from '../../kit/usual';
/** Energy of cutting steel, J/mm³, and what a mm³ of it takes to a degree: 7.85e-3 g at 0.46 J/gK. Any handbook. */
const ENERGY = 2.2;
const CAPACITY = 3.6e-3;
/** A piece on the lathe loses its warmth to jaws and air with about this time, s: five to ten minutes for 20 to 40 mm. */
const FADES = 420;

/** How much warmer a piece is than the room, °C: grows with what is cut off it, fades with time. */
export class Warmth {
  above = 0;
  constructor(private readonly stays: number) {}

  cut(removed: number, volume: number): void {
    if (volume > 0) this.above += (this.stays * ENERGY * removed) / (CAPACITY * volume);
  }
  pass(seconds: number): void {
    this.above *= Math.exp(-seconds / FADES);
  }
  /** Sizes are larger by this factor. */
  get grown(): number {
    return 1 + STEEL_EXPANDS * this.above;
  }
}
