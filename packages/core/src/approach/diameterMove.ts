import { sideOfLimits } from '../fit/sideOfLimits';
import { passPlan } from '../cutting/passPlan';
import { USUAL_PASSES } from '../cutting/usual';
import type { InfeedMove } from '../infeed/nextInfeed';
import { standing, type KeptRecord } from '../job/records/row';
import { dialOf, radialOf, type DialReads } from '../machine/dialReads';
import { cutState, type CutState } from './cutState';
import { diameterAdvice, diameterApproach, type DiameterAim } from './diameter';
import { isMeasured, isPass } from '../job/records/is';

export interface DiameterRequest extends DiameterAim {
  /** Diameter before it is cut, mm. */
  readonly from: number;
  /** Deepest roughing cut, on radius. */
  readonly roughDepth: number;
  readonly dial: { readonly division: number; readonly reads: DialReads };
  /** Plus or minus of the instrument it is measured with, on diameter. */
  readonly uncertainty?: number | undefined;
  readonly risk?: number | undefined;
}

/** What to do next with a plain diameter. */
export type DiameterMove =
  /** Feed the dial there: by the plan while there is plenty on, by what the tool has shown near the size. */
  | {
      readonly kind: 'cut';
      readonly dialTo: number;
      /** On radius. */
      readonly depth: number;
      /** Expected on diameter to the middle of what it may be. */
      readonly leaves: number;
      readonly learned: boolean;
      readonly chance: number | null;
    }
  /** Nothing is known of how it stands near the size. */
  | { readonly kind: 'measure' }
  | { readonly kind: 'done' }
  | { readonly kind: 'past' }
  /** No cut is within the chance accepted. */
  | { readonly kind: 'hold'; readonly move: InfeedMove };

export interface DiameterStand {
  readonly state: CutState;
  /** As measured last; null before it was. */
  readonly measured: number | null;
  readonly move: DiameterMove;
}

/** A hair on the dial. */
const HAIR = 1e-9;

/**
 * Where a plain diameter stands by what was kept of it, and what to do next: roughed by the dial to the last stock, measured,
 * then fed by what the tool was seen to take until it lies within its limits. Errors: as passPlan.
 *
 * @example
 * diameterMove([], 1, {
 *   member: 'external',
 *   from: 42,
 *   least: 39.9,
 *   most: 40,
 *   roughDepth: 0.75,
 *   dial: { division: 0.05, reads: 'diameter' },
 * }).move.kind
 * // → 'cut'
 */
export function diameterMove(
  records: readonly KeptRecord[],
  piece: number,
  request: DiameterRequest,
): DiameterStand {
  const state = cutState(records, piece, request.from, request.member);
  const ofPiece = standing(records).filter((r) => r.piece === piece);
  const last = ofPiece.findLast(({ body }) => isMeasured(body) || isPass(body));
  const measured = ofPiece.flatMap(({ body }) => (isMeasured(body) ? [body.diameter] : [])).at(-1) ?? null;
  const fresh = isMeasured(last?.body) ? measured : null;
  return {
    state,
    measured,
    move: roughing(state, request) ?? finishing(records, piece, request, state, fresh),
  };
}

/** The next roughing pass, while more than the last stock is on. */
function roughing(state: CutState, request: DiameterRequest): DiameterMove | null {
  const { member, least, most, roughDepth, dial } = request;
  const middle = (least + most) / 2;
  const left = member === 'external' ? state.now - middle : middle - state.now;
  if (left <= USUAL_PASSES.lastStock + HAIR) return null;
  const [next] = passPlan({
    member,
    now: state.now,
    finish: middle,
    dialNow: state.touch,
    roughDepth,
    lastStock: 0,
    allowance: USUAL_PASSES.lastStock,
    ...dial,
  });
  if (!next) return null;
  const { dialTo, depth, leaves } = next;
  return { kind: 'cut', dialTo, depth, leaves, learned: false, chance: null };
}

function finishing(
  records: readonly KeptRecord[],
  piece: number,
  request: DiameterRequest,
  state: CutState,
  measured: number | null,
): DiameterMove {
  const { member, least, most, roughDepth, dial, uncertainty, risk } = request;
  if (measured === null) return { kind: 'measure' };
  if (sideOfLimits(measured, { least, most }) === 'inside') return { kind: 'done' };
  if (member === 'external' ? measured < least : measured > most) return { kind: 'past' };
  const division = radialOf(dial.division, dial.reads);
  const said = diameterAdvice(diameterApproach(records, piece, request), request, {
    division,
    uncertainty,
    risk,
  });
  if (!said || said.move === 'measure') return { kind: 'measure' };
  if (said.move !== 'cut' && said.move !== 'spring-pass') return { kind: 'hold', move: said.move };
  const depth = Math.min(Math.max(0, said.infeed), roughDepth);
  return {
    kind: 'cut',
    depth,
    dialTo: state.dial + dialOf(depth, dial.reads),
    // Of a cut held to the roughing depth what is foretold of the whole infeed does not hold.
    leaves: 2 * Math.max(0, said.prediction.left + said.infeed - depth),
    learned: true,
    chance: said.chance,
  };
}
