import { afterPass, cutConstants, DIAL_WANDERS, SPRING_WANDERS } from './follow';
import type { Belief, Learned } from './belief';
import { below } from './normal';

const HALVINGS = 16;
/** Behaviours believed less than this do not move what is expected. */
const FAINT = 1e-5;
/** Figures kept for each tool and jump, side by side. */
const STRIDE = 9;

/** One behaviour's beliefs laid out for asking many infeeds of them quickly. */
interface Table {
  readonly weight: number;
  readonly guard: number;
  readonly rows: Float64Array;
}

/**
 * What an infeed would do, as far as is known: asked many times over for one answer, so that everything that does not
 * depend on the infeed is worked out once.
 */
export class Foresight {
  private readonly tables: readonly Table[];
  private readonly whole: number;

  constructor(
    private readonly behaviours: readonly Learned[],
    private readonly passes: number,
  ) {
    this.tables = behaviours.map(({ behaviour, beliefs, weight, standing }) => ({
      weight,
      guard: behaviour.guarded * standing,
      rows: rowsOf(beliefs, passes),
    }));
    this.whole = this.tables.reduce((sum, t) => sum + t.weight, 0);
  }

  /**
   * Chance that an infeed goes past: as believed, and as guarded, which is the worst that any behaviour would do that
   * the passes have not spoken against. A behaviour that foretold the passes k times worse than the best is held
   * against the infeed k times less: such passes come from it in one case of k at most.
   */
  chanceOfPast(infeed: number): { readonly believed: number; readonly guarded: number } {
    return this.guarded((rows) => chanceUnder(rows, infeed, 0));
  }

  /** What could be foreseen after a pass at an infeed that nobody measured. */
  after(infeed: number): Foresight {
    const { passes } = this;
    const cut = ({ tool, at, weight }: Belief): Belief => ({
      tool,
      weight,
      at: afterPass(tool, at, { infeed, measured: null }, 0, passes).at,
    });
    return new Foresight(
      this.behaviours.map((one) => ({ ...one, beliefs: one.beliefs.map(cut) })),
      passes + 1,
    );
  }

  /** Chance, as believed, that less than `level` is left after an infeed. */
  chanceUnder(infeed: number, level: number): number {
    return this.mixed((rows) => chanceUnder(rows, infeed, level));
  }

  /** Chance, as believed, that an infeed leaves something, and no more than `tolerance`. */
  chanceInside(infeed: number, tolerance: number): number {
    return this.chanceUnder(infeed, tolerance) - this.chanceUnder(infeed, 0);
  }

  /** Expected to be left after an infeed. */
  left(infeed: number): number {
    return this.mixed((rows) => leftOf(rows, infeed));
  }

  /** Chance that the edge itself then stands past the line, so that even a pass with nothing fed in would go past. */
  edgePast(infeed: number): { readonly believed: number; readonly guarded: number } {
    return this.guarded((rows) => edgePast(rows, infeed));
  }

  /** What is left after an infeed is under this in the given part of cases. */
  quantile(infeed: number, part: number): number {
    const middle = this.left(infeed);
    let reach = 0.002;
    while (this.chanceUnder(infeed, middle - reach) > part / 2 && reach < 10) reach *= 2;
    while (1 - this.chanceUnder(infeed, middle + reach) > (1 - part) / 2 && reach < 10) reach *= 2;
    return bisect(middle - reach, middle + reach, (level) => this.chanceUnder(infeed, level) < part);
  }

  private guarded(of: (rows: Float64Array) => number): { believed: number; guarded: number } {
    let [believed, guarded] = [0, 0];
    for (const { weight, guard, rows } of this.tables) {
      if (weight < FAINT * this.whole && guard < FAINT) continue;
      const chance = of(rows);
      believed += weight * chance;
      guarded = Math.max(guarded, guard * chance);
    }
    believed /= this.whole;
    return { believed, guarded: Math.max(believed, guarded) };
  }

  private mixed(of: (rows: Float64Array) => number): number {
    let sum = 0;
    let whole = 0;
    for (const { weight, rows } of this.tables) {
      if (weight < FAINT * this.whole) continue;
      whole += weight;
      sum += weight * of(rows);
    }
    return sum / whole;
  }
}

function rowsOf(beliefs: readonly Belief[], passes: number): Float64Array {
  const jumps = beliefs.reduce((sum, b) => sum + b.tool.jumps.length, 0);
  const rows = new Float64Array(jumps * STRIDE);
  let i = 0;
  for (const { tool, at, weight } of beliefs)
    for (const jump of tool.jumps) {
      const { cutAt, variance, edgeAt, edgeVariance } = cutConstants(tool, at, jump, passes);
      const row = [weight * jump.chance, at.stock, at.stockVariance, cutAt, variance, tool.gain, tool.dial];
      rows.set([...row, edgeAt, Math.sqrt(edgeVariance)], i);
      i += STRIDE;
    }
  return rows;
}

function chanceUnder(rows: Float64Array, infeed: number, level: number): number {
  let chance = 0;
  for (let i = 0; i < rows.length; i += STRIDE) {
    const stock = rows[i + 1] as number;
    const gain = rows[i + 5] as number;
    const moved = infeed * (rows[i + 6] as number);
    const depth = stock - (rows[i + 3] as number) + moved;
    let [left, variance] = [stock, rows[i + 2] as number];
    if (depth > 0) {
      left = stock - gain * depth;
      const [dial, spring] = [gain * DIAL_WANDERS * moved, SPRING_WANDERS * depth];
      variance = (rows[i + 4] as number) + dial * dial + spring * spring;
    }
    chance += (rows[i] as number) * below((level - left) / Math.sqrt(variance));
  }
  return chance;
}

function edgePast(rows: Float64Array, infeed: number): number {
  let chance = 0;
  for (let i = 0; i < rows.length; i += STRIDE) {
    const edge = (rows[i + 7] as number) - infeed * (rows[i + 6] as number);
    chance += (rows[i] as number) * below(-edge / (rows[i + 8] as number));
  }
  return chance;
}

function leftOf(rows: Float64Array, infeed: number): number {
  let sum = 0;
  for (let i = 0; i < rows.length; i += STRIDE) {
    const stock = rows[i + 1] as number;
    const depth = stock - (rows[i + 3] as number) + infeed * (rows[i + 6] as number);
    sum += (rows[i] as number) * (depth > 0 ? stock - (rows[i + 5] as number) * depth : stock);
  }
  return sum;
}

/** Where a test that holds at first stops holding. */
export function bisect(
  from: number,
  to: number,
  holds: (x: number) => boolean,
  halvings: number = HALVINGS,
): number {
  let [low, high] = [from, to];
  for (let i = 0; i < halvings; i++) {
    const middle = (low + high) / 2;
    if (holds(middle)) low = middle;
    else high = middle;
  }
  return low;
}
