import { afterPass, cutConstants, DIAL_WANDERS, SPRING_WANDERS } from './follow';
import type { Belief, Learned } from './belief';
import { chanceUnder, CURVE, Landing, type Curves } from './landing';
import { below } from './normal';

/** Behaviours believed less than this do not move what is expected. */
const FAINT = 1e-5;
/** Figures kept for each tool and jump, side by side. */
const STRIDE = 9;

/** One behaviour's beliefs laid out for asking many infeeds of them quickly. */
interface Table {
  readonly weight: number;
  readonly guard: number;
  /** Believed enough to move what is expected. */
  readonly believed: boolean;
  /** None where it is neither believed nor guarded against. */
  readonly rows: Float64Array;
}

interface Chance {
  readonly believed: number;
  readonly guarded: number;
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
    this.whole = behaviours.reduce((sum, { weight }) => sum + weight, 0);
    this.tables = behaviours.map(({ behaviour, beliefs, weight, standing }) => {
      const guard = behaviour.guarded * standing;
      const believed = weight >= FAINT * this.whole;
      return { weight, guard, believed, rows: rowsOf(believed || guard >= FAINT ? beliefs : [], passes) };
    });
  }

  /**
   * Chance that an infeed goes past: as believed, and as guarded, which is the worst that any behaviour would do that
   * the passes have not spoken against. A behaviour that foretold the passes k times worse than the best is held
   * against the infeed k times less: such passes come from it in one case of k at most.
   */
  chanceOfPast(infeed: number): Chance {
    return this.guarded((rows) => chanceUnder(curvesOf(rows, infeed), 0));
  }

  /** What could be foreseen after a pass at an infeed that nobody measured. */
  after(infeed: number): Foresight {
    const { passes } = this;
    const cut = ({ tool, at, weight }: Belief): Belief => ({
      tool,
      weight,
      at: afterPass(tool, at, { infeed, measured: null }, 0, passes).at,
    });
    const counts = this.tables.map(({ rows }) => rows.length > 0);
    return new Foresight(
      this.behaviours.map((one, i) => ({ ...one, beliefs: counts[i] ? one.beliefs.map(cut) : [] })),
      passes + 1,
    );
  }

  /** What may be left after an infeed, as believed. */
  landing(infeed: number): Landing {
    const believed = this.tables.filter((table) => table.believed);
    const whole = believed.reduce((sum, { weight }) => sum + weight, 0);
    return new Landing(
      believed.map(({ weight, rows }) => ({ share: weight / whole, curves: curvesOf(rows, infeed) })),
    );
  }

  /** Chance that the edge itself then stands past the line, so that even a pass with nothing fed in would go past. */
  edgePast(infeed: number): Chance {
    return this.guarded((rows) => edgePast(rows, infeed));
  }

  private guarded(of: (rows: Float64Array) => number): Chance {
    let [believed, guarded] = [0, 0];
    for (const { weight, guard, rows } of this.tables) {
      if (rows.length === 0) continue;
      const chance = of(rows);
      believed += weight * chance;
      guarded = Math.max(guarded, guard * chance);
    }
    believed /= this.whole;
    return { believed, guarded: Math.max(believed, guarded) };
  }
}

function rowsOf(beliefs: readonly Belief[], passes: number): Float64Array {
  const jumps = beliefs.reduce((sum, b) => sum + b.tool.jumps.length, 0);
  const rows = new Float64Array(jumps * STRIDE);
  let i = 0;
  for (const { tool, at, weight } of beliefs)
    for (const jump of tool.jumps) {
      const { cutAt, variance, edgeAt, edgeVariance } = cutConstants(tool, at, jump, passes);
      rows[i] = weight * jump.chance;
      rows[i + 1] = at.stock;
      rows[i + 2] = at.stockVariance;
      rows[i + 3] = cutAt;
      rows[i + 4] = variance;
      rows[i + 5] = tool.gain;
      rows[i + 6] = tool.dial;
      rows[i + 7] = edgeAt;
      rows[i + 8] = Math.sqrt(edgeVariance);
      i += STRIDE;
    }
  return rows;
}

/** What each tool and jump would leave at an infeed. */
function curvesOf(rows: Float64Array, infeed: number): Curves {
  const curves = new Float64Array((rows.length / STRIDE) * CURVE);
  for (let i = 0, at = 0; i < rows.length; i += STRIDE, at += CURVE) {
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
    curves[at] = rows[i] as number;
    curves[at + 1] = left;
    curves[at + 2] = 1 / Math.sqrt(variance);
  }
  return curves;
}

function edgePast(rows: Float64Array, infeed: number): number {
  let chance = 0;
  for (let i = 0; i < rows.length; i += STRIDE) {
    const edge = (rows[i + 7] as number) - infeed * (rows[i + 6] as number);
    chance += (rows[i] as number) * below(-edge / (rows[i + 8] as number));
  }
  return chance;
}
