import { AnelloError } from '../basics/error';
import { finite, notNegative, positive } from '../basics/check';
import {
  decide,
  MOST_BACK,
  remediesFor,
  situationOf,
  type Decision,
  type InfeedMove,
  type Remedy,
} from './decide';
import type { Foresight } from './foresee';
import { meanOver } from './learn';
import type { Lore } from './lore';
import type { InfeedRequest } from './request';
import type { Suspicion } from './suspicion';

export type { InfeedMove, InfeedRequest, Remedy };

export interface InfeedAdvice {
  /** By the dial, mm on radius; 0 unless it is to be cut; less than nothing is drawn back before a spring pass. */
  readonly infeed: number;
  /** 'cut' it; 'reached': near enough, to be made surer by a better reading where `move` is 'measure'; 'hold': no cut now, see `move`. */
  readonly advice: 'cut' | 'reached' | 'hold';
  readonly move: InfeedMove;
  /** Cut twice at this figure before it is measured again. */
  readonly twice: boolean;
  /** Stock expected to be left after it, and the band nine in ten fall in, mm on radius. */
  readonly prediction: { readonly left: number; readonly low: number; readonly high: number };
  /** Chance that this infeed goes past. */
  readonly chance: number;
  /** Chance that it goes past if the dial is set one division too deep; 0 where nothing is fed or no division is known. */
  readonly slip: number;
  /** Chance that the work stands within the tolerance as it is, all passes weighed and not the last reading alone. */
  readonly inside: number;
  /** What the tool has shown of itself: the part of a cut it takes, what lies between its edge and the work, its scatter. */
  readonly learned: { readonly gain: number; readonly carried: number; readonly scatter: number };
  /** What looks wrong about the passes; nothing is cut before it has been looked at. */
  readonly suspicion: Suspicion | null;
  /** What would let it be finished by the dial, where it holds. */
  readonly remedies: readonly Remedy[];
}

const LOW = 0.05;
const HIGH = 0.95;

/**
 * The next infeed whose chance of going past the target stays within the risk of the whole approach, with what to expect
 * of it. Spring, lash that returns or does not, wear, a built-up edge, slips of hand and eye and a dial that lies are
 * weighed by Bayes' rule over the passes; where the passes look wrong it holds and says what to check. Lengths are mm
 * on radius, plus or minus is k = 2. Errors: out-of-range, not-finite.
 *
 * @example
 * nextInfeed({ passes: [], target: 0.05, tolerance: 0.01, risk: 0.01, division: 0.0025 }).move
 * // → 'cut'
 */
export function nextInfeed(request: InfeedRequest): InfeedAdvice {
  check(request);
  const situation = situationOf(request);
  const { known, see, inside, suspicion } = situation;
  const first = decide(request, situation);
  const held = first.advice === 'hold' && first.move === 'measure';
  const remedies = held ? remediesFor(request, situation) : [];
  // What was cut since the last reading is told by measuring it, and by nothing finer.
  const unread = request.passes.length > 0 && (request.passes.at(-1)?.removed ?? null) === null;
  const decided: Decision =
    held && !unread && !remedies.includes('better-reading') ? { ...first, move: 'by-hand' } : first;
  const infeed = request.given ?? decided.infeed;
  const twice = request.given === undefined ? decided.twice === true : request.twice === true;
  const after = (fed: number): { see: Foresight; last: number } =>
    twice ? { see: see.after(fed), last: 0 } : { see, last: fed };
  const then = after(infeed);
  const lands = then.see.landing(then.last);
  const chanceAt = (fed: number): number => {
    const { see: seen, last } = after(fed);
    return seen.chanceOfPast(last).believed;
  };
  return {
    infeed: decided.advice === 'reached' ? 0 : infeed,
    advice: decided.advice,
    move: decided.move,
    twice,
    prediction: {
      left: lands.left,
      low: lands.quantile(LOW),
      high: lands.quantile(HIGH),
    },
    chance: decided.advice === 'cut' ? chanceAt(infeed) : 0,
    slip: decided.move === 'cut' && request.division ? chanceAt(infeed + request.division) : 0,
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

function check(request: InfeedRequest): void {
  finite(request.target, 'target');
  notNegative(request.tolerance, 'tolerance', 'The tolerance');
  if (!(finite(request.risk, 'risk') > 0 && request.risk < 0.5))
    throw new AnelloError('out-of-range', 'risk', 'The risk is a chance between nothing and one half.');
  if (request.uncertainty !== undefined) positive(request.uncertainty, 'uncertainty', 'The plus or minus');
  if (request.division !== undefined) positive(request.division, 'division', 'A division');
  if (request.lore) checkLore(request.lore);
  if (request.given !== undefined) infeedOf(request.given, 'given');
  request.before?.forEach((infeed, i) => infeedOf(infeed, `before.${i}`));
  request.passes.forEach((p, i) => {
    infeedOf(p.infeed, `passes.${i}.infeed`);
    if (p.removed !== null && p.removed !== undefined) finite(p.removed, `passes.${i}.removed`);
  });
}

/** A tool is drawn back a little at most before a spring pass. */
function infeedOf(value: number, field: string): void {
  if (finite(value, field) < -MOST_BACK)
    throw new AnelloError('out-of-range', field, 'An infeed cannot be less than nothing.');
}

function checkLore({ gain, spread, believed }: Lore): void {
  positive(gain, 'lore.gain', 'What a tool takes');
  positive(spread, 'lore.spread', 'The spread');
  if (!(notNegative(believed, 'lore.believed', 'A belief') < 1))
    throw new AnelloError('out-of-range', 'lore.believed', 'Something must be left open: less than one.');
}
