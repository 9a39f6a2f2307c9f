import { snapDown } from '../figure/round';
import type { Knowledge } from './belief';
import { crossing } from './crossing';
import { Foresight } from './foresee';
import { insideNow, learn, meanOver, sharpened } from './learn';
import { allowed, room } from './share';
import { suspicionIn, type Suspicion } from './suspicion';
import { bestTwice } from './twice';
import type { InfeedRequest } from './request';
import { USUAL_UNCERTAINTY } from './usual';

/**
 * What to do next: feed in and cut; a pass with nothing fed in, for the spring of the last one, or with the tool drawn back
 * a little first, for a part of it; measure again, because the reading is what is in doubt; look at what is wrong; finish
 * by hand, since nothing here would; nothing more.
 */
export const INFEED_MOVES = [
  'cut',
  'spring-pass',
  'draw-back',
  'measure',
  'check',
  'by-hand',
  'none',
] as const;
export type InfeedMove = (typeof INFEED_MOVES)[number];

/** What would let an approach that holds be finished by the dial. */
export const REMEDIES = ['better-reading', 'finer-dial'] as const;
export type Remedy = (typeof REMEDIES)[number];

/** Without a dial's division, infeeds this part of the tolerance apart are tried. */
const STEPS_IN_TOLERANCE = 16;
const LEAST_STEP = 1e-4;
/**
 * The risk is one sum for the whole approach: what earlier passes took of it is gone, and a pass may take this part of
 * what is left, so that one more can correct it. Someone who took more than was stated still gets LEAST of it.
 */
const SHARE = 0.95;
const LEAST = 0.25;
/**
 * A cut that would end inside the band as surely as this is made; before that a part of the largest safe one is, because
 * what it shows of spring, lash and scatter lets the next one go nearer.
 */
const ARRIVES = 0.78;
/** A second pass is worth its minutes where it makes it surer by this that no further try is wanted. */
const SURER = 0.05;
const LEARNING = 0.85;
/** While learning, the edge itself stays short of the line but for this chance, or its spring would go past by itself. */
const EDGE_PAST = 0.1;
/** As sure as this of standing inside is enough for anybody, if the last reading says so too. */
const SURELY = 0.93;
/** As sure as this is near enough, unless a better reading would make it surer by TELLS. */
const REACHED = 0.8;
const TELLS = 0.04;
/** And as sure as this where no move would better it. */
const NEARLY = 0.78;
/** A pass must make it likelier by this to stand inside, or it is not worth its risk. */
const BETTER = 0.03;
/** A pass that would take less than this is not worth a turn, mm on radius. */
const WORTH = 0.0005;
/** The mean of four readings is good to half of one reading's plus or minus. */
const OF_FOUR = 2;
const FINER = 5;
/** Infeeds are looked for to this part of what could be fed at most. */
const FINE = 2 ** -16;
/** What may go past is known to this part of its share. */
const OF_SHARE = 1e-4;
/** Divisions tried either side of the one that is expected to end in the middle. */
const AROUND = 3;
/** A tool is drawn back for a spring pass by so many divisions at most, and by so much, mm on radius. */
const BACK = 6;
export const MOST_BACK = 0.05;

export interface Decision {
  readonly advice: 'cut' | 'reached' | 'hold';
  readonly move: InfeedMove;
  readonly infeed: number;
  /** Once more at the same figure before it is measured: what the first pass springs comes off with the second. */
  readonly twice?: true;
}

/** What is known before deciding. */
export interface Situation {
  readonly known: Knowledge;
  readonly see: Foresight;
  /** Chance that it stands inside the band as it is. */
  readonly inside: number;
  readonly suspicion: Suspicion | null;
  readonly division: number;
}

export function situationOf(request: InfeedRequest): Situation {
  const { passes, target, tolerance } = request;
  const division = request.division ?? Math.max(tolerance / STEPS_IN_TOLERANCE, LEAST_STEP);
  return seenThrough(request, learn(passes, target, sigmaOf(request), division, request), division);
}

const sigmaOf = (request: InfeedRequest): number => (request.uncertainty ?? USUAL_UNCERTAINTY) / 2;

const seenThrough = (request: InfeedRequest, known: Knowledge, division: number): Situation => ({
  known,
  division,
  see: new Foresight(known.behaviours, known.passes),
  inside: insideNow(known.behaviours, request.tolerance),
  suspicion: suspicionIn(known, request.passes, sigmaOf(request)),
});

/** The first move that is worth making within the risk that is left. */
export function decide(request: InfeedRequest, situation: Situation): Decision {
  const { target, tolerance, risk } = request;
  const { known, inside, suspicion } = situation;
  const inBand = target <= tolerance;
  if (target <= 0 || (inBand && inside >= SURELY)) return NOTHING;
  if (suspicion && !(inBand && inside >= REACHED)) return CHECK;
  const share = Math.max(risk - known.spent, risk * LEAST) * SHARE;
  const pass = cutWorthIt(request, situation, share) ?? springPassWorthIt(request, situation, share);
  if (pass) return pass;
  if (!inBand || inside < NEARLY) return MEASURE;
  return inside >= REACHED && readingTells(request, situation) ? MAKE_SURE : NOTHING;
}

const NOTHING: Decision = { advice: 'reached', move: 'none', infeed: 0 };
/** It is reached as far as one reading tells, and a better one is worth its minute. */
const MAKE_SURE: Decision = { advice: 'reached', move: 'measure', infeed: 0 };
const MEASURE: Decision = { advice: 'hold', move: 'measure', infeed: 0 };
const CHECK: Decision = { advice: 'hold', move: 'check', infeed: 0 };

/** Which of a better reading and a finer dial would turn holding into something to do: each is tried in its place. */
export function remediesFor(request: InfeedRequest, situation: Situation): Remedy[] {
  const { known, division } = situation;
  const better = seenThrough(request, readBetter(request, known), division);
  const finer = situationOf({ ...request, division: division / FINER });
  const would: Readonly<Record<Remedy, boolean>> = {
    'better-reading': decide(request, better).advice !== 'hold',
    'finer-dial': decide(request, finer).advice !== 'hold',
  };
  return REMEDIES.filter((id) => would[id]);
}

const readBetter = (request: InfeedRequest, known: Knowledge): Knowledge =>
  sharpened(known, sigmaOf(request) / OF_FOUR);

/** A better reading that agreed would make it surer that it stands inside. */
const readingTells = (request: InfeedRequest, { known, inside }: Situation): boolean =>
  insideNow(readBetter(request, known).behaviours, request.tolerance) >= inside + TELLS;

/** The infeed that ends inside the band most surely if one within the share does so; else one to learn from; or null. */
function cutWorthIt(request: InfeedRequest, situation: Situation, share: number): Decision | null {
  const { target, tolerance } = request;
  const { see, inside, division } = situation;
  const most = 2.5 * target + 0.2;
  const within = (x: number): number => see.landing(x).inside(tolerance);
  const last = (of: (x: number) => number, near?: number): number => crossing(0, most, most * FINE, of, near);
  const safe = last((x) => room(see, x, share), OF_SHARE);
  const middle = last((x) => see.landing(x).left - tolerance / 2);
  const best = likeliest(within, snapDown(safe, division), snapDown(middle, division), division);
  const worth = (infeed: number, ends: number): Decision | null =>
    infeed > 0 && (inside < 0.5 || ends > inside + BETTER) ? { advice: 'cut', move: 'cut', infeed } : null;
  const twice = request.twice ? bestTwice(see, { target, tolerance, division, share }, LEARNING) : null;
  const pair = (): Decision | null => {
    const cut = twice && worth(twice.infeed, twice.ends);
    return cut && { ...cut, twice: true };
  };
  if (twice?.arrives && twice.ends > best.ends + SURER) return pair();
  if (best.ends >= ARRIVES) return worth(best.infeed, best.ends);
  // Where nobody knows how the edge stands, one pass shows more of it than two.
  const learned = request.before?.length ? pair() : null;
  if (learned) return learned;
  const roomy = last((x) => EDGE_PAST - see.edgePast(x).believed);
  const learning = snapDown(Math.min(safe * LEARNING, middle * LEARNING, roomy), division);
  const infeed = learning > 0 ? learning : snapDown(safe, division);
  return worth(infeed, within(infeed));
}

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

/** A pass for what the last cut sprang: as the tool stands, or drawn back by the least that keeps within the share; or null. */
function springPassWorthIt(
  { tolerance }: InfeedRequest,
  { known, see, inside, division }: Situation,
  share: number,
): Decision | null {
  const stock = meanOver(known.behaviours, (b) => b.at.stock);
  for (let back = 0; back <= BACK && back * division <= MOST_BACK; back++) {
    const infeed = back === 0 ? 0 : -back * division;
    if (stock - see.landing(infeed).left < WORTH) return null;
    if (!allowed(see, infeed, share)) continue;
    if (see.landing(infeed).inside(tolerance) > inside + BETTER)
      return { advice: 'cut', move: back === 0 ? 'spring-pass' : 'draw-back', infeed };
  }
  return null;
}
