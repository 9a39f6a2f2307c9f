import { AnelloError } from '../basics/error';
import { listLength, notNegative, positive } from '../basics/check';
import { dialOf, radialOf, type DialReads } from '../machine/dialReads';
import { count, length } from '../figure/figure';
import { snapDown } from '../figure/round';
import type { Member } from '../taper/task';

export interface PassRequest {
  readonly member: Member;
  /** Diameter now where the tool first touches: the small end outside, the mouth inside. mm. */
  readonly now: number;
  /** Finished diameter there. */
  readonly finish: number;
  /** Kept on for the try, or for grinding or polish, on diameter. */
  readonly allowance: number;
  /** The last of the stock, taken in three equal cuts, on diameter. */
  readonly lastStock: number;
  /** Deepest roughing cut, on radius. */
  readonly roughDepth: number;
  /** One division of the dial, mm as it reads. */
  readonly division: number;
  readonly reads: DialReads;
  /** What the dial shows now, mm as it reads. */
  readonly dialNow: number;
}

export interface Pass {
  readonly kind: 'rough' | 'last';
  /** Feed the dial to this, mm as it reads: always a whole division, never past. */
  readonly dialTo: number;
  /** Depth of the cut on radius. */
  readonly depth: number;
  readonly diameterAfter: number;
  /** Left on diameter above the finished size. */
  readonly leaves: number;
}

const LAST_CUTS = 3;
/** More than this is a slip of the keys, not a plan. */
const MOST_PASSES = 200;
/** Anything under a hundredth of a division is rounding, not stock. */
const DUST = 0.01;

/**
 * Passes from the stock as it is now to finish size plus allowance, by dial: roughing cuts no deeper than
 * roughDepth, then the last stock in three equal cuts. Dial targets are whole divisions rounded back,
 * so the plan never asks for more than there is; what rounding leaves stays on the part.
 * Errors: impossible when the part is already smaller (bore: larger) than the finish.
 *
 * @example
 * passPlan({
 *   member: 'external',
 *   now: 25,
 *   finish: 23.8,
 *   dialNow: 25,
 *   roughDepth: 0.25,
 *   lastStock: 0.4,
 *   allowance: 0.1,
 *   division: 0.05,
 *   reads: 'diameter',
 * }).map((pass) => pass.dialTo)
 * // → [25.35, 25.7, 25.8, 25.95, 26.1]
 */
export function passPlan(request: PassRequest): Pass[] {
  check(request);
  const { member, now, finish, allowance, lastStock, reads, division, dialNow } = request;
  const stock = member === 'external' ? now - finish : finish - now;
  const toRemove = Math.max(0, stock - allowance) / 2;
  const last = Math.min(toRemove, lastStock / 2);
  const rough = toRemove - last;
  const step = radialOf(division, reads);
  if (rough / request.roughDepth > MOST_PASSES) {
    throw new AnelloError('out-of-range', 'roughDepth', [
      'That is more than ',
      count(MOST_PASSES),
      ' roughing passes for ',
      length(stock, 0.1),
      ' of stock: check both figures.',
    ]);
  }
  const targets = [
    ...roughTargets(rough, request.roughDepth, step, dialOffset(dialNow, division, reads)),
    ...lastTargets(rough, last, lastStock / 2),
  ];
  const passes: Pass[] = [];
  let taken = 0;
  for (const { kind, radial } of targets) {
    const dialTo = snapDown(dialNow + dialOf(radial, reads), division);
    const depth = radialOf(dialTo - dialNow, reads) - taken;
    if (depth < radialOf(division, reads) * DUST) continue;
    taken += depth;
    const sign = member === 'external' ? -1 : 1;
    passes.push({ kind, dialTo, depth, diameterAfter: now + sign * 2 * taken, leaves: stock - 2 * taken });
  }
  return passes;
}

interface Target {
  readonly kind: Pass['kind'];
  /** Radial infeed from where the tool stands now. */
  readonly radial: number;
}

/** How far the dial stands past its last mark, on radius: the first cut ends on a mark and is shorter by that. */
const dialOffset = (dialNow: number, division: number, reads: DialReads): number =>
  radialOf(dialNow - snapDown(dialNow, division), reads);

/**
 * Equal roughing cuts in whole divisions, none deeper than asked: rounding to the dial's marks makes a cut a division
 * deeper than its even share, so the shares are taken that much under the deepest.
 */
function roughTargets(radial: number, deepest: number, step: number, past: number): Target[] {
  if (radial <= step) return [];
  const whole = Math.floor(deepest / step + 1e-9);
  if (whole < 1)
    throw new AnelloError('out-of-range', 'roughDepth', [
      'A division of the dial is already ',
      length(step, 0.001),
      ' on radius: no cut can be set finer than that.',
    ]);
  const divisions = Math.floor((radial + past) / step + 1e-9);
  const cuts = Math.max(1, listLength(divisions / whole, 'roughDepth'));
  const each = Math.floor(divisions / cuts);
  const more = divisions - each * cuts;
  let sum = 0;
  return Array.from({ length: cuts }, (_, i) => {
    sum += each + (i < more ? 1 : 0);
    return { kind: 'rough', radial: sum * step - past };
  });
}

/** Three equal cuts for the whole last stock; planned again half-way, only those of the three still to come. */
function lastTargets(from: number, last: number, whole: number): Target[] {
  if (last <= 0) return [];
  const cuts = Math.min(LAST_CUTS, Math.max(1, Math.round((LAST_CUTS * last) / whole)));
  return Array.from({ length: cuts }, (_, i) => ({ kind: 'last', radial: from + (last * (i + 1)) / cuts }));
}

function check(request: PassRequest): void {
  positive(request.now, 'now', 'The diameter now');
  positive(request.finish, 'finish', 'The finished diameter');
  notNegative(request.allowance, 'allowance', 'The allowance');
  notNegative(request.lastStock, 'lastStock', 'The last stock');
  positive(request.roughDepth, 'roughDepth', 'The depth of a roughing cut');
  positive(request.division, 'division', 'A division of the dial');
  const short = request.member === 'external' ? request.finish - request.now : request.now - request.finish;
  if (short > 0) {
    throw new AnelloError('impossible', 'now', [
      request.member === 'external' ? 'The stock is already ' : 'The bore is already ',
      length(short, 0.001),
      request.member === 'external' ? ' under' : ' over',
      ' the finished size there.',
    ]);
  }
}
