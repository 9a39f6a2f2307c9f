import type { Jump, Tool } from './behaviours/behaviour';
import { logDensity } from './normal';

/** Where the work and the tool's edge stand under one tool: means, variances and how they go together. */
export interface Standing {
  /** Stock still on, mm on radius. */
  stock: number;
  /** Stock there would be if the tool did not spring: where its edge stands. */
  edge: number;
  stockVariance: number;
  edgeVariance: number;
  covariance: number;
}

/** The edge wanders by about this at each move, mm, and by this part of the move: graduations, a hand's touch. */
const EDGE_WANDERS = 0.0004;
export const DIAL_WANDERS = 0.0045;
/** Spring is not quite the same at every depth: a cut scatters by this part of its depth too. */
export const SPRING_WANDERS = 0.014;
/** A worn edge wears by this part more at each pass. */
const GROWTH = 0.25;

/** Where things stand at first: the stock as measured, the edge by where it touched. */
export const startOf = (tool: Tool, measured: number, noise: number): Standing => ({
  stock: measured,
  edge: measured + tool.offset,
  stockVariance: noise,
  edgeVariance: tool.offsetSpread * tool.offsetSpread + noise,
  covariance: noise,
});

const square = (x: number): number => x * x;

/** A deep cut springs more than a light one, but not in the same part of it: it counts as one of this depth, mm on radius. */
const AS_LIGHT = 0.05;

/**
 * Where things stand at a first measurement after passes by the same edge: the surface as measured, the edge as those left
 * it, and by its offset further off where it was lost since. What the stock was before them is not known, so only how far edge
 * and surface lie apart is followed.
 */
export function startAfter(tool: Tool, passes: readonly number[], measured: number, noise: number): Standing {
  let at = startOf(tool, 0, 0);
  passes.forEach((infeed, taken) => {
    at = afterPass(tool, at, { infeed: Math.min(infeed, AS_LIGHT), measured: null }, 0, taken).at;
  });
  const apart = Math.max(0, at.edgeVariance + at.stockVariance - 2 * at.covariance);
  const lost = tool.offset > 0 ? tool.offsetSpread * tool.offsetSpread : 0;
  return {
    stock: measured,
    edge: measured + at.edge - at.stock + tool.offset,
    stockVariance: noise,
    edgeVariance: apart + lost + noise,
    covariance: noise,
  };
}

/** What does not depend on the infeed: where the edge would cut with nothing fed in, and the variance that leaves. */
export function cutConstants(
  tool: Tool,
  { edge, edgeVariance, stockVariance, covariance }: Standing,
  jump: Jump,
  passesBefore: number,
): { cutAt: number; edgeAt: number; edgeVariance: number; cutVariance: number; variance: number } {
  const worn = tool.wear * (1 + GROWTH * passesBefore);
  const wandered = edgeVariance + square(EDGE_WANDERS) + square(worn / 3);
  const cutVariance = wandered + square(jump.spread);
  const cutAt = edge + worn + jump.by;
  const { gain, scatter } = tool;
  const left = 1 - gain;
  return {
    cutAt,
    edgeAt: jump.stays ? cutAt : edge + worn,
    edgeVariance: jump.stays ? cutVariance : wandered,
    cutVariance,
    variance:
      left * left * stockVariance +
      2 * left * gain * covariance +
      gain * gain * cutVariance +
      square(scatter),
  };
}

/** After the edge is fed in and one pass taken, with a jump of the edge; a tool that does not reach leaves the surface. */
export function afterCut(
  tool: Tool,
  before: Standing,
  infeed: number,
  jump: Jump,
  passesBefore: number,
): Standing {
  const { cutAt, edgeAt, edgeVariance, variance } = cutConstants(tool, before, jump, passesBefore);
  const moved = infeed * tool.dial;
  const dialled = square(DIAL_WANDERS * moved);
  const edge = edgeAt - moved;
  const { stock, stockVariance, covariance } = before;
  const depth = stock - cutAt + moved;
  if (depth <= 0) return { stock, stockVariance, covariance, edge, edgeVariance: edgeVariance + dialled };
  const { gain } = tool;
  return {
    stock: stock - gain * depth,
    edge,
    stockVariance: variance + gain * gain * dialled + square(SPRING_WANDERS * depth),
    edgeVariance: edgeVariance + dialled,
    covariance: (1 - gain) * covariance + gain * (edgeVariance + dialled),
  };
}

/** Where things stand after the stock was measured, with the variance of that measurement. */
export function afterMeasuring(at: Standing, measured: number, noise: number): Standing {
  const spread = at.stockVariance + noise;
  const forStock = at.stockVariance / spread;
  const forEdge = at.covariance / spread;
  const miss = measured - at.stock;
  return {
    stock: at.stock + forStock * miss,
    edge: at.edge + forEdge * miss,
    stockVariance: at.stockVariance * (1 - forStock),
    edgeVariance: Math.max(1e-12, at.edgeVariance - forEdge * at.covariance),
    covariance: at.covariance * (1 - forStock),
  };
}

/** One pass and what was measured after it; `log` is how well the tool foretold that. */
export function afterPass(
  tool: Tool,
  before: Standing,
  pass: { readonly infeed: number; readonly measured: number | null },
  noise: number,
  passesBefore: number,
): Outcome {
  const [only] = tool.jumps;
  if (tool.jumps.length === 1 && only) return outcome(tool, before, pass, noise, passesBefore, only);
  const branches: Outcome[] = [];
  for (const jump of tool.jumps) {
    const one = outcome(tool, before, pass, noise, passesBefore, jump);
    one.log += Math.log(jump.chance);
    branches.push(one);
  }
  return collapsed(branches);
}

interface Outcome {
  at: Standing;
  log: number;
}

function outcome(
  tool: Tool,
  before: Standing,
  { infeed, measured }: { readonly infeed: number; readonly measured: number | null },
  noise: number,
  passesBefore: number,
  jump: Jump,
): Outcome {
  const at = afterCut(tool, before, infeed, jump, passesBefore);
  if (measured === null) return { at, log: 0 };
  const spread = noise + square(jump.misread);
  return {
    at: afterMeasuring(at, measured, spread),
    log: logDensity(measured - at.stock, at.stockVariance + spread),
  };
}

/** Several ways it may have gone as one: the same mean and the same spread. */
function collapsed(branches: readonly Outcome[]): Outcome {
  let best = -Infinity;
  for (const { log } of branches) best = Math.max(best, log);
  let [whole, stock, edge] = [0, 0, 0];
  for (const { at, log } of branches) {
    const part = Math.exp(log - best);
    whole += part;
    stock += part * at.stock;
    edge += part * at.edge;
  }
  stock /= whole;
  edge /= whole;
  const all: Standing = { stock, edge, stockVariance: 0, edgeVariance: 0, covariance: 0 };
  for (const { at, log } of branches) {
    const part = Math.exp(log - best) / whole;
    const [s, e] = [at.stock - stock, at.edge - edge];
    all.stockVariance += part * (at.stockVariance + s * s);
    all.edgeVariance += part * (at.edgeVariance + e * e);
    all.covariance += part * (at.covariance + s * e);
  }
  return { at: all, log: best + Math.log(whole) };
}
