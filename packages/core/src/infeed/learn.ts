import type { Behaviour, Tool } from './behaviours/behaviour';
import { BEHAVIOURS } from './behaviours/registry';
import { afterMeasuring, afterPass, startOf, startAfter, type Standing } from './follow';
import type { Belief, Knowledge, Learned } from './belief';
import { Foresight } from './foresee';
import { weighedBy, type Lore } from './lore';
import { logOfAnything } from './misfit';
import { below } from './normal';

/** One pass: what was asked of the tool, and what it was measured to have removed since the last measurement. */
export interface InfeedPass {
  /** By the dial, mm on radius; 0 for a spring pass. */
  readonly infeed: number;
  /** Measured, mm on radius; left out where nothing was measured after this pass. */
  readonly removed?: number | null | undefined;
}

/** Beliefs fainter than this within their behaviour cannot matter. */
const FAINT = 1e-4;
/** An edge that has been cutting has seldom lost its lash since: against starting anew, so much seldomer. */
const LOST_SINCE = 0.15;
/** How often passes are met that nothing here explains. */
const MISFIT_MET = 0.01;

interface Followed {
  readonly behaviour: Behaviour;
  tools: { tool: Tool; at: Standing; log: number }[];
}

/** What is known beside the passes themselves. */
export interface Beside {
  readonly lore?: Lore | undefined;
  readonly before?: readonly number[] | undefined;
  readonly dialShown?: boolean | undefined;
}

/**
 * What the passes say: every tool of every behaviour followed through them by a Kalman filter of surface and edge, and
 * weighed by how well it foretold what was measured (Bayes' rule over a mixture: with a handful of passes, exact and
 * quicker than sampling). `stockNow` is what was measured last, `sigma` the standard deviation of a measurement, mm.
 */
export function learn(
  passes: readonly InfeedPass[],
  stockNow: number,
  sigma: number,
  division: number,
  { lore, before = [], dialShown = false }: Beside = {},
): Knowledge {
  const noise = sigma * sigma;
  let measured = stockNow + passes.reduce((sum, p) => sum + (p.removed ?? 0), 0);
  const met = BEHAVIOURS.filter(({ ofTheDial }) => !(dialShown && ofTheDial));
  const all: Followed[] = met.map((behaviour) => {
    const tools = behaviour.tools(division);
    const likelier = weighedBy(lore, tools);
    return {
      behaviour,
      tools: tools.map((tool) => ({
        tool,
        at: before.length > 0 ? startAfter(tool, before, measured, noise) : startOf(tool, measured, noise),
        log: Math.log(tool.weight * likelier(tool) * (before.length > 0 && tool.offset > 0 ? LOST_SINCE : 1)),
      })),
    };
  });
  let misfit = 0;
  let spent = 0;
  passes.forEach(({ infeed, removed }, taken) => {
    spent += new Foresight(weighed(all, misfit).behaviours, taken).chanceOfPast(infeed).believed;
    const next = removed === null || removed === undefined ? null : measured - removed;
    for (const one of all)
      one.tools = one.tools.map(({ tool, at, log }) => {
        const then = afterPass(tool, at, { infeed, measured: next }, noise, taken);
        return { tool, at: then.at, log: log + then.log };
      });
    forget(all);
    if (next === null) return;
    misfit += logOfAnything(measured - next, infeed, sigma);
    measured = next;
  });
  return { ...weighed(all, misfit), spent, passes: passes.length };
}

/** Tools this far behind the best of their behaviour, or of all, in logs, do not come back. */
const HOPELESS = 12;
const HOPELESS_OF_ALL = 25;
const logOf = (t: { readonly log: number }): number => t.log;
const most = (logs: readonly number[]): number => logs.reduce((a, b) => Math.max(a, b), -Infinity);

function forget(all: readonly Followed[]): void {
  const bests = all.map((one) => most(one.tools.map(logOf)));
  const least = most(bests) - HOPELESS_OF_ALL;
  all.forEach((one, i) => {
    const best = bests[i] as number;
    const bound = Math.min(best, Math.max(best - HOPELESS, least));
    one.tools = one.tools.filter((t) => t.log >= bound);
  });
}

const logSum = (logs: readonly number[]): number => {
  const best = most(logs);
  return best + Math.log(logs.reduce((sum, log) => sum + Math.exp(log - best), 0));
};

function weighed(all: readonly Followed[], misfit: number): Pick<Knowledge, 'behaviours' | 'misfit'> {
  const logs = all.map((one) => logSum(one.tools.map((t) => t.log)));
  const best = Math.max(...logs);
  const believed = all.map((one, i) => one.behaviour.met * Math.exp((logs[i] as number) - best));
  const anything = MISFIT_MET * Math.exp(Math.min(50, misfit - best));
  const whole = believed.reduce((sum, w) => sum + w, anything);
  return {
    behaviours: all.map(({ behaviour, tools }, i) => ({
      behaviour,
      beliefs: sharesOf(tools),
      weight: (believed[i] as number) / whole,
      standing: Math.exp((logs[i] as number) - best),
    })),
    misfit: anything / whole,
  };
}

function sharesOf(tools: Followed['tools']): Belief[] {
  const best = most(tools.map(logOf));
  const shares = tools.map(({ log }) => Math.exp(log - best));
  const whole = shares.reduce((sum, share) => (share > FAINT ? sum + share : sum), 0);
  const among: Belief[] = [];
  tools.forEach(({ tool, at }, i) => {
    const share = shares[i] as number;
    if (share > FAINT) among.push({ tool, at, weight: share / whole });
  });
  return among;
}

/** Mean over everything believed. */
export function meanOver(behaviours: readonly Learned[], of: (b: Belief) => number): number {
  let [sum, whole] = [0, 0];
  for (const { beliefs, weight } of behaviours) {
    whole += weight;
    if (weight > 1e-6) for (const b of beliefs) sum += weight * b.weight * of(b);
  }
  return sum / whole;
}

/** Chance that the work stands inside the band as it is, uncut. */
export const insideNow = (behaviours: readonly Learned[], tolerance: number): number =>
  meanOver(behaviours, ({ at: { stock, stockVariance } }) => {
    const spread = Math.sqrt(stockVariance);
    return below((tolerance - stock) / spread) - below(-stock / spread);
  });

/** What would be known after one more, better reading that agrees with what is believed: only surer of where it stands. */
export const sharpened = (known: Knowledge, sigma: number): Knowledge => ({
  ...known,
  behaviours: known.behaviours.map((one) => ({
    ...one,
    beliefs: one.beliefs.map((b) => ({ ...b, at: afterMeasuring(b.at, b.at.stock, sigma * sigma) })),
  })),
});
