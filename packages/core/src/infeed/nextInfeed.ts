import { AnelloError } from '../basics/error';
import { finite, notNegative, positive } from '../basics/check';
import { snapDown } from '../quantity/round';
import { afterCut, learn, type Belief, type InfeedPass } from './learn';
import { below } from './normal';

export interface InfeedRequest {
  /** Every pass so far, in order. */
  readonly passes: readonly InfeedPass[];
  /** What is still to come off, as measured last, mm on radius. */
  readonly target: number;
  /** Near enough to stop, mm on radius. */
  readonly tolerance: number;
  /** Chance of going past the target that is accepted for the whole approach: 0.01 is one in a hundred. */
  readonly risk: number;
  /** Plus or minus of a measurement of the stock, mm on radius. */
  readonly uncertainty?: number;
  /** One division of the dial as radius: the answer is a whole number of them, rounded back. */
  readonly division?: number;
  /** What is foretold of this infeed instead of the one that would be advised. */
  readonly given?: number;
}

export interface InfeedAdvice {
  /** By the dial, mm on radius; 0 when it is reached, or when nothing more can be asked within the risk. */
  readonly infeed: number;
  /**
   * 'cut' it; 'reached': near enough; 'hold': any cut, even a spring pass, is likelier to go past than was
   * accepted, so measure again, or finish it by hand.
   */
  readonly advice: 'cut' | 'reached' | 'hold';
  /** Stock expected to be left after it, and the band nine in ten fall in, mm on radius. */
  readonly prediction: { readonly left: number; readonly low: number; readonly high: number };
  /** Chance that this infeed goes past. */
  readonly chance: number;
  /** What the tool has shown of itself: the part of a cut it takes, what lies between its edge and the work, its scatter. */
  readonly learned: { readonly gain: number; readonly carried: number; readonly scatter: number };
}

/** A measurement of stock by stand-off or micrometer, where nobody says better. */
const USUAL_UNCERTAINTY = 0.002;
const HALVINGS = 20;
/**
 * While the largest safe infeed would not arrive, this part of it is taken: what the cut shows of spring, lash and
 * scatter lets the next one go nearer, while there is still room to use it.
 */
const LEARNING = 0.6;
/** Expected to end within this part of the tolerance is as good as arriving. */
const ARRIVED = 0.8;
/** A spring pass that would take less than this is not worth a turn, mm on radius. */
const WORTH = 0.0005;
const LOW = 0.05;
const HIGH = 0.95;
/**
 * One approach takes several passes, and each is allowed this part of the risk: with the passes it takes to arrive the
 * whole stays within what was stated, as the simulated lathes show.
 */
const SHARE = 0.8;

/**
 * The next infeed whose chance of going past the target is within the risk, with what to expect of it. The tool's
 * spring, the lash it started with and its scatter are learned from the passes by Bayes' rule over a grid of
 * hypotheses; the infeed is the largest whose mixed chance stays under what is left of the risk. Lengths are
 * mm on radius. Errors: out-of-range, not-finite.
 */
export function nextInfeed(request: InfeedRequest): InfeedAdvice {
  check(request);
  const { passes, target, tolerance, division } = request;
  const beliefs = learn(passes, target, request.uncertainty ?? USUAL_UNCERTAINTY);
  const share = request.risk * SHARE;
  const reached = target <= tolerance;
  const bold = reached ? 0 : largestWithin(beliefs, target, share);
  const arrives = meanLeft(beliefs, bold) <= tolerance * ARRIVED;
  const largest = arrives ? bold : bold * LEARNING;
  const advised = division === undefined ? largest : snapDown(largest, division);
  const infeed = request.given ?? advised;
  const chance = chanceLeft(beliefs, infeed, 0);
  // With nothing fed in the spring of the last cut still comes off: a spring pass, if that is safe and does anything.
  const worthIt = infeed > 0 || mean(beliefs, (b) => b.at.stock - afterCut(b.tool, b.at, 0).stock) > WORTH;
  const advice = reached ? 'reached' : chance <= share && worthIt ? 'cut' : 'hold';
  return {
    infeed: reached ? 0 : infeed,
    advice,
    prediction: {
      left: meanLeft(beliefs, infeed),
      low: quantile(beliefs, infeed, LOW),
      high: quantile(beliefs, infeed, HIGH),
    },
    chance: advice === 'cut' ? chance : 0,
    learned: {
      gain: mean(beliefs, (b) => b.tool.gain),
      carried: mean(beliefs, (b) => b.at.edge) - mean(beliefs, (b) => b.at.stock),
      scatter: mean(beliefs, (b) => b.tool.scatter),
    },
  };
}

function check(request: InfeedRequest): void {
  finite(request.target, 'target');
  notNegative(request.tolerance, 'tolerance', 'The tolerance');
  if (!(finite(request.risk, 'risk') > 0 && request.risk < 0.5))
    throw new AnelloError('out-of-range', 'risk', 'The risk is a chance between nothing and one half.');
  if (request.uncertainty !== undefined) positive(request.uncertainty, 'uncertainty', 'The uncertainty');
  if (request.division !== undefined) positive(request.division, 'division', 'A division');
  request.passes.forEach((p, i) => {
    notNegative(p.infeed, `passes.${i}.infeed`, 'An infeed');
    if (p.removed !== null && p.removed !== undefined) finite(p.removed, `passes.${i}.removed`);
  });
}

const meanLeft = (beliefs: readonly Belief[], infeed: number): number =>
  mean(beliefs, (b) => afterCut(b.tool, b.at, infeed).stock);

function mean(beliefs: readonly Belief[], of: (b: Belief) => number): number {
  let sum = 0;
  for (const b of beliefs) sum += b.weight * of(b);
  return sum;
}

/** Chance that less than `level` is left after an infeed. */
function chanceLeft(beliefs: readonly Belief[], infeed: number, level: number): number {
  let chance = 0;
  for (const b of beliefs) {
    const { stock, stockVariance } = afterCut(b.tool, b.at, infeed);
    chance += b.weight * below((level - stock) / Math.sqrt(stockVariance));
  }
  return chance;
}

/** Bisection: the chance of going past only grows with the infeed. */
function largestWithin(beliefs: readonly Belief[], target: number, risk: number): number {
  let low = 0;
  let high = beliefs.reduce((most, b) => Math.max(most, b.at.edge + 0.1), target * 2);
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (chanceLeft(beliefs, middle, 0) <= risk) low = middle;
    else high = middle;
  }
  return low;
}

function quantile(beliefs: readonly Belief[], infeed: number, part: number): number {
  let low = Infinity;
  let high = -Infinity;
  for (const b of beliefs) {
    const { stock, stockVariance } = afterCut(b.tool, b.at, infeed);
    const spread = 5 * Math.sqrt(stockVariance);
    low = Math.min(low, stock - spread);
    high = Math.max(high, stock + spread);
  }
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (chanceLeft(beliefs, infeed, middle) < part) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
