import { AnelloError } from '../basics/error';
import { finite, notNegative, positive } from '../basics/check';
import { snapDown } from '../quantity/round';
import type { Knowledge } from './belief';
import { bisect, Foresight } from './foresee';
import { insideNow, learn, meanOver, sharpened, type InfeedPass } from './learn';
import { suspicionIn, type Suspicion } from './suspicion';

export interface InfeedRequest {
  /** Every pass so far, in order. */
  readonly passes: readonly InfeedPass[];
  /** What is still to come off, as measured last, mm on radius. */
  readonly target: number;
  /** Near enough to stop, mm on radius. */
  readonly tolerance: number;
  /** Chance of going past the target that is accepted for the whole approach: 0.01 is one in a hundred. */
  readonly risk: number;
  /** Plus or minus (k = 2) of a measurement of the stock, mm on radius. */
  readonly uncertainty?: number;
  /** One division of the dial as radius: the answer is a whole number of them, rounded back. */
  readonly division?: number;
  /** What is foretold of this infeed instead of the one that would be advised. */
  readonly given?: number;
}

/**
 * What to do next: feed in and cut; a pass with nothing fed in, for the spring of the last one; measure again, because
 * the reading is what is in doubt; look at what is wrong; finish by hand, since nothing here would; nothing more.
 */
export const INFEED_MOVES = ['cut', 'spring-pass', 'measure', 'check', 'by-hand', 'none'] as const;
export type InfeedMove = (typeof INFEED_MOVES)[number];

/** What would let an approach that holds be finished by the dial. */
export const REMEDIES = ['better-reading', 'finer-dial'] as const;
export type Remedy = (typeof REMEDIES)[number];

export interface InfeedAdvice {
  /** By the dial, mm on radius; 0 unless it is to be cut. */
  readonly infeed: number;
  /** 'cut' it; 'reached': near enough; 'hold': no cut now, see `move`. */
  readonly advice: 'cut' | 'reached' | 'hold';
  readonly move: InfeedMove;
  /** Stock expected to be left after it, and the band nine in ten fall in, mm on radius. */
  readonly prediction: { readonly left: number; readonly low: number; readonly high: number };
  /** Chance that this infeed goes past. */
  readonly chance: number;
  /** Chance that the work stands within the tolerance as it is, all passes weighed and not the last reading alone. */
  readonly inside: number;
  /** What the tool has shown of itself: the part of a cut it takes, what lies between its edge and the work, its scatter. */
  readonly learned: { readonly gain: number; readonly carried: number; readonly scatter: number };
  /** What looks wrong about the passes; nothing is cut before it has been looked at. */
  readonly suspicion: Suspicion | null;
  /** What would let it be finished by the dial, where it holds. */
  readonly remedies: readonly Remedy[];
}

/** Plus or minus (k = 2) of a measurement of stock by stand-off or micrometer, where nobody says better. */
const USUAL_UNCERTAINTY = 0.002;
/** Without a dial's division, infeeds this part of the tolerance apart are tried. */
const STEPS_IN_TOLERANCE = 16;
const LEAST_STEP = 1e-4;
/**
 * The risk is one sum for the whole approach: what earlier passes took of it is gone, and a pass may take this part of
 * what is left, so that one more can correct it. Someone who took more than was stated still gets LEAST of it.
 */
const SHARE = 0.9;
const LEAST = 0.25;
/**
 * A cut that would end inside the band as surely as this is made; before that a part of the largest safe one is, because
 * what it shows of spring, lash and scatter lets the next one go nearer.
 */
const ARRIVES = 0.87;
const LEARNING = 0.85;
/** While learning, the edge itself stays short of the line but for this chance, or its spring would go past by itself. */
const EDGE_PAST = 0.1;
/** As sure as this of standing inside is near enough, if the last reading says so too. */
const REACHED = 0.8;
const NEARLY = 0.6;
/** A pass must make it likelier by this to stand inside, or it is not worth its risk. */
const BETTER = 0.03;
/** A spring pass that would take less than this is not worth a turn, mm on radius. */
const WORTH = 0.0005;
const LOW = 0.05;
const HIGH = 0.95;
/** The mean of four readings is good to half of one reading's plus or minus. */
const OF_FOUR = 2;
const FINER = 5;

interface Decision {
  readonly move: InfeedMove;
  readonly infeed: number;
}

/**
 * The next infeed whose chance of going past the target stays within the risk of the whole approach, with what to expect
 * of it. Spring, lash that returns or does not, wear, a built-up edge, slips of hand and eye and a dial that lies are
 * weighed by Bayes' rule over the passes; where the passes look wrong it holds and says what to check. Lengths are mm
 * on radius, plus or minus is k = 2. Errors: out-of-range, not-finite.
 */
export function nextInfeed(request: InfeedRequest): InfeedAdvice {
  check(request);
  const situation = situationOf(request);
  const { known, see, inside, suspicion } = situation;
  const first = decide(request, situation);
  const remedies = first.move === 'measure' ? remediesFor(request, situation) : [];
  const decided: Decision =
    first.move === 'measure' && !remedies.includes('better-reading') ? { ...first, move: 'by-hand' } : first;
  const infeed = request.given ?? decided.infeed;
  const cuts = decided.move === 'cut' || decided.move === 'spring-pass';
  return {
    infeed: decided.move === 'none' ? 0 : infeed,
    advice: decided.move === 'none' ? 'reached' : cuts ? 'cut' : 'hold',
    move: decided.move,
    prediction: {
      left: see.left(infeed),
      low: see.quantile(infeed, LOW),
      high: see.quantile(infeed, HIGH),
    },
    chance: cuts ? see.chanceOfPast(infeed).believed : 0,
    inside,
    learned: {
      gain: meanOver(known.behaviours, (b) => b.tool.gain),
      carried: meanOver(known.behaviours, (b) => b.at.edge - b.at.stock),
      scatter: meanOver(known.behaviours, (b) => b.tool.scatter),
    },
    suspicion: decided.move === 'check' ? suspicion : null,
    remedies,
  };
}

interface Situation {
  readonly known: Knowledge;
  readonly see: Foresight;
  readonly inside: number;
  readonly suspicion: Suspicion | null;
  readonly division: number;
}

function situationOf(request: InfeedRequest): Situation {
  const { passes, target, tolerance } = request;
  const division = request.division ?? Math.max(tolerance / STEPS_IN_TOLERANCE, LEAST_STEP);
  return seenThrough(request, learn(passes, target, sigmaOf(request), division), division);
}

const sigmaOf = (request: InfeedRequest): number => (request.uncertainty ?? USUAL_UNCERTAINTY) / 2;

const seenThrough = (
  { passes, tolerance }: InfeedRequest,
  known: Knowledge,
  division: number,
): Situation => ({
  known,
  division,
  see: new Foresight(known.behaviours, known.passes),
  inside: insideNow(known.behaviours, tolerance),
  suspicion: suspicionIn(known, passes),
});

function decide(request: InfeedRequest, { known, see, inside, suspicion, division }: Situation): Decision {
  const { target, tolerance, risk } = request;
  if (target <= 0 || (target <= tolerance && inside >= REACHED)) return { move: 'none', infeed: 0 };
  if (suspicion) return { move: 'check', infeed: 0 };
  const share = Math.max(risk - known.spent, risk * LEAST) * SHARE;
  const { infeed, ends } = largestWorthIt(see, target, tolerance, share, division);
  if (infeed > 0 && (inside < 0.5 || ends > inside + BETTER)) return { move: 'cut', infeed };
  if (springPassHelps(known, see, tolerance, share, inside)) return { move: 'spring-pass', infeed: 0 };
  const nearEnough = target <= tolerance && inside > NEARLY;
  return { move: nearEnough ? 'none' : 'measure', infeed: 0 };
}

/** The infeed that ends inside the band most surely if one within the share does so; else one to learn from. */
function largestWorthIt(
  see: Foresight,
  target: number,
  tolerance: number,
  share: number,
  division: number,
): { infeed: number; ends: number } {
  const most = 2.5 * target + 0.2;
  const within = (x: number): number => see.chanceInside(x, tolerance);
  const safe = bisect(0, most, (x) => see.chanceOfPast(x).guarded <= share);
  const middle = bisect(0, most, (x) => see.left(x) > tolerance / 2);
  const best = likeliest(within, snapDown(safe, division), snapDown(middle, division), division);
  if (best.ends >= ARRIVES) return best;
  const roomy = bisect(0, most, (x) => see.edgePast(x).believed <= EDGE_PAST);
  const learning = snapDown(Math.min(safe * LEARNING, middle * LEARNING, roomy), division);
  const infeed = learning > 0 ? learning : snapDown(safe, division);
  return { infeed, ends: within(infeed) };
}

/** Divisions tried either side of the one that is expected to end in the middle. */
const AROUND = 3;

function likeliest(
  within: (x: number) => number,
  safe: number,
  middle: number,
  division: number,
): { infeed: number; ends: number } {
  let best = { infeed: 0, ends: 0 };
  for (let k = -AROUND; k <= AROUND; k++) {
    const infeed = Math.max(0, Math.min(safe, middle + k * division));
    const ends = within(infeed);
    if (ends > best.ends + 1e-6) best = { infeed, ends };
  }
  return best;
}

function springPassHelps(
  known: Knowledge,
  see: Foresight,
  tolerance: number,
  share: number,
  inside: number,
): boolean {
  const takes = meanOver(known.behaviours, (b) => b.at.stock) - see.left(0);
  return (
    takes > WORTH && see.chanceOfPast(0).guarded <= share && see.chanceInside(0, tolerance) > inside + BETTER
  );
}

/** Which of a better reading and a finer dial would turn holding into cutting: each is tried in its place. */
function remediesFor(request: InfeedRequest, situation: Situation): Remedy[] {
  const { known, division } = situation;
  const tries: Readonly<Record<Remedy, Situation>> = {
    'better-reading': seenThrough(request, sharpened(known, sigmaOf(request) / OF_FOUR), division),
    'finer-dial': situationOf({ ...request, division: division / FINER }),
  };
  return REMEDIES.filter((id) => decide(request, tries[id]).move !== 'measure');
}

function check(request: InfeedRequest): void {
  finite(request.target, 'target');
  notNegative(request.tolerance, 'tolerance', 'The tolerance');
  if (!(finite(request.risk, 'risk') > 0 && request.risk < 0.5))
    throw new AnelloError('out-of-range', 'risk', 'The risk is a chance between nothing and one half.');
  if (request.uncertainty !== undefined) positive(request.uncertainty, 'uncertainty', 'The plus or minus');
  if (request.division !== undefined) positive(request.division, 'division', 'A division');
  if (request.given !== undefined) notNegative(request.given, 'given', 'An infeed');
  request.passes.forEach((p, i) => {
    notNegative(p.infeed, `passes.${i}.infeed`, 'An infeed');
    if (p.removed !== null && p.removed !== undefined) finite(p.removed, `passes.${i}.removed`);
  });
}
