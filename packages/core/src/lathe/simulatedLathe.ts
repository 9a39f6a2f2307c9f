/** Pseudo-random figures from a seed, the same on every machine: mulberry32. */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** Normal figures from uniform ones, by Box and Muller. */
export const normalFrom = (uniform: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform());

/** Hidden faults of a lathe, as the cross-slide shows them; mm on radius. */
export interface LatheFaults {
  /** Part of a cut that springs back. */
  readonly spring: number;
  /** Lost on the first infeed. */
  readonly lash: number;
  /** The tool recedes by this each pass. */
  readonly wear: number;
  /** Scatter of one cut. */
  readonly scatter: number;
  /** Scatter of one measurement. */
  readonly measuring: number;
  /** The dial moves the slide by this much for each 1 it shows. */
  readonly dial: number;
}

/** Faults as they are met in shops, drawn at random. */
export function someFaults(uniform: () => number): LatheFaults {
  return {
    spring: 0.4 * uniform(),
    lash: uniform() < 0.5 ? 0 : 0.06 * uniform(),
    wear: 0.002 * uniform(),
    scatter: 0.0005 + 0.0025 * uniform(),
    measuring: 0.0005 + 0.0025 * uniform(),
    dial: 0.99 + 0.02 * uniform(),
  };
}

/** A lathe cutting toward a line: what is really still on, and what a measurement says. */
export class SimulatedLathe {
  private edge: number;
  constructor(
    private readonly faults: LatheFaults,
    private readonly uniform: () => number,
    /** Really still on, mm on radius; less than nothing is past the line. */
    public stock: number,
  ) {
    this.edge = stock + faults.lash;
  }

  /** Feeds in by the dial and takes one pass. */
  pass(infeed: number): void {
    const { spring, dial, wear, scatter } = this.faults;
    this.edge += wear - infeed * dial;
    const asked = this.stock - this.edge;
    if (asked <= 0) return;
    this.stock -= Math.max(0, (1 - spring) * asked + scatter * normalFrom(this.uniform));
  }

  measure(): number {
    return this.stock + this.faults.measuring * normalFrom(this.uniform);
  }
}
