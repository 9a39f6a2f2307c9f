import { normalFrom } from './seeded';

/** Hidden faults of a lathe, as the cross-slide shows them; mm on radius. */
export interface LatheFaults {
  /** Part of a cut that springs back. */
  readonly spring: number;
  /** How much more of a deep cut springs back than of a fine one, for each mm of depth. */
  readonly springByDepth: number;
  /** Lost on the first infeed. */
  readonly lash: number;
  /** Lost again on every infeed after it, in this part of the passes. */
  readonly lashReturns: number;
  /** Any part of it is lost, and given back at the next pass; otherwise the whole, and the edge stays that much further off. */
  readonly lashGivenBack: boolean;
  /** The tool recedes by this at the first pass, and by this part of it more at each one after. */
  readonly wear: number;
  readonly wearGrows: number;
  /** Most that metal welded to the edge makes it cut deeper by; it grows from pass to pass and breaks off. */
  readonly builtUpEdge: number;
  /** Scatter of one cut, and of one measurement: standard deviations. */
  readonly scatter: number;
  readonly measuring: number;
  /** The dial moves the slide by this much for each 1 it shows. */
  readonly dial: number;
  /** One infeed is set deeper than told by this, and one measurement is read larger by that. */
  readonly misset: number;
  readonly misread: number;
}

/** A lathe that does as it is told, to start from. */
export const NO_FAULTS: LatheFaults = {
  spring: 0,
  springByDepth: 0,
  lash: 0,
  lashReturns: 0,
  lashGivenBack: false,
  wear: 0,
  wearGrows: 0,
  builtUpEdge: 0,
  scatter: 0.0005,
  measuring: 0.0005,
  dial: 1,
  misset: 0,
  misread: 0,
};

/** A lathe cutting toward a line: what is really still on, and what a measurement says. */
export class SimulatedLathe {
  private edge: number;
  private wears: number;
  private builtUp = 0;
  private readonly slipAt: number;
  private passes = 0;
  private measurements = 0;

  constructor(
    private readonly faults: LatheFaults,
    private readonly uniform: () => number,
    /** Really still on, mm on radius; less than nothing is past the line. */
    public stock: number,
  ) {
    this.edge = stock + faults.lash;
    this.wears = faults.wear;
    this.slipAt = Math.floor(4 * uniform());
  }

  /** Feeds in by the dial and takes one pass. */
  pass(infeed: number): void {
    const { dial, scatter, misset } = this.faults;
    const set = infeed + (this.passes++ === this.slipAt ? misset : 0);
    this.edge += this.wears - set * dial;
    this.wears += this.faults.wear * this.faults.wearGrows;
    const asked = this.stock - (this.edge + this.lostAgain() - this.growBuiltUp());
    if (asked <= 0) return;
    const springs = Math.min(0.8, this.faults.spring + this.faults.springByDepth * asked);
    this.stock -= Math.max(0, (1 - springs) * asked + scatter * normalFrom(this.uniform));
  }

  /** Lash that returned before this pass. */
  private lostAgain(): number {
    const { lash, lashReturns, lashGivenBack } = this.faults;
    if (this.passes === 1 || this.uniform() >= lashReturns) return 0;
    if (lashGivenBack) return lash * this.uniform();
    this.edge += lash;
    return 0;
  }

  private growBuiltUp(): number {
    const most = this.faults.builtUpEdge;
    if (most === 0) return 0;
    this.builtUp = this.uniform() < 0.3 ? 0 : Math.min(most, this.builtUp + most * this.uniform());
    return this.builtUp;
  }

  measure(): number {
    const slip = this.measurements++ === this.slipAt ? this.faults.misread : 0;
    return this.stock + slip + this.faults.measuring * normalFrom(this.uniform);
  }
}
