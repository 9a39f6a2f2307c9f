import { logDensity } from './normal';
import { normalised, TOOL_HYPOTHESES, type ToolHypothesis } from './toolModel';

/** One pass: what was asked of the tool, and what it was measured to have removed since the last measurement. */
export interface InfeedPass {
  /** By the dial, mm on radius; 0 for a spring pass. */
  readonly infeed: number;
  /** Measured, mm on radius; left out where nothing was measured after this pass. */
  readonly removed?: number | null | undefined;
}

/** Where the work and the tool's edge stand, as far as is known: means, variances and how they go together. */
export interface Standing {
  /** Stock still on, mm on radius. */
  readonly stock: number;
  /** Stock there would be if the tool did not spring: where its edge stands. */
  readonly edge: number;
  readonly stockVariance: number;
  readonly edgeVariance: number;
  readonly covariance: number;
}

/** A hypothesis with where things stand under it now. */
export interface Belief {
  readonly tool: ToolHypothesis;
  readonly at: Standing;
  readonly weight: number;
}

/** Beliefs fainter than this cannot matter. */
const FAINT = 1e-6;
/** The edge wears and the dial's graduations wander by about this at each move, mm, and by this part of the move. */
const EDGE_WANDERS = 0.001;
const DIAL_WANDERS = 0.004;

/**
 * What the passes say of the tool: every hypothesis followed through them by a Kalman filter of surface and edge (each
 * cut leaves (1 - gain) of what was asked, with scatter; each measurement has its own), and weighed by how
 * well it foretold what was measured. `stockNow` is what was measured last, mm on radius.
 */
export function learn(
  passes: readonly InfeedPass[],
  stockNow: number,
  uncertainty: number,
): readonly Belief[] {
  const start = stockNow + passes.reduce((sum, p) => sum + (p.removed ?? 0), 0);
  const followed = TOOL_HYPOTHESES.map((tool) => follow(tool, passes, start, uncertainty * uncertainty));
  const best = followed.reduce((most, f) => Math.max(most, f.log), -Infinity);
  const weighed = followed.map(({ tool, at, log }) => ({
    tool,
    at,
    weight: tool.weight * Math.exp(log - best),
  }));
  return normalised(normalised(weighed).filter((b) => b.weight > FAINT));
}

function follow(
  tool: ToolHypothesis,
  passes: readonly InfeedPass[],
  start: number,
  noise: number,
): { tool: ToolHypothesis; at: Standing; log: number } {
  let at: Standing = {
    stock: start,
    edge: start + tool.offset,
    stockVariance: noise,
    edgeVariance: tool.offsetSpread * tool.offsetSpread + noise,
    covariance: noise,
  };
  let measured = start;
  let log = 0;
  for (const { infeed, removed } of passes) {
    at = afterCut(tool, at, infeed);
    if (removed === null || removed === undefined) continue;
    measured -= removed;
    log += logDensity(measured - at.stock, at.stockVariance + noise);
    at = afterMeasuring(at, measured, noise);
  }
  return { tool, at, log };
}

/** Where things stand after the edge is fed in and one pass taken; a tool that does not reach leaves the surface. */
export function afterCut({ gain, scatter }: ToolHypothesis, before: Standing, infeed: number): Standing {
  const wander = EDGE_WANDERS * EDGE_WANDERS + (DIAL_WANDERS * infeed) ** 2;
  const edge = before.edge - infeed;
  const edgeVariance = before.edgeVariance + wander;
  const { stock, stockVariance, covariance } = before;
  if (edge >= stock) return { ...before, edge, edgeVariance };
  const left = 1 - gain;
  return {
    stock: left * stock + gain * edge,
    edge,
    stockVariance:
      left * left * stockVariance +
      2 * left * gain * covariance +
      gain * gain * edgeVariance +
      scatter * scatter,
    edgeVariance,
    covariance: left * covariance + gain * edgeVariance,
  };
}

function afterMeasuring(at: Standing, measured: number, noise: number): Standing {
  const spread = at.stockVariance + noise;
  const forStock = at.stockVariance / spread;
  const forEdge = at.covariance / spread;
  const miss = measured - at.stock;
  return {
    stock: at.stock + forStock * miss,
    edge: at.edge + forEdge * miss,
    stockVariance: at.stockVariance * (1 - forStock),
    edgeVariance: at.edgeVariance - forEdge * at.covariance,
    covariance: at.covariance * (1 - forStock),
  };
}
