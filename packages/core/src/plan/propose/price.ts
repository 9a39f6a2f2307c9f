import { thinUnderJaws } from '../check/thinWall';
import { kindOfHolding } from '../holdings/registry';
import type { Shell } from '../holdings/shell';
import { comesOut } from '../operations/comesOut';
import { heldOn } from '../operations/goesOn';
import { cutAsHeld } from '../operations/taper';
import { isEccentric, isThread } from '../../part/kinds/is';
import { nearFrom, other, ridesOn, type Laid, type Placed } from '../piece/laid';
import type { FindingCode, Holding } from '../piece/line';
import type { Piece } from '../piece/piece';
import { CARRIER_COVERS, SAME } from '../piece/usual';
import type { End } from '../../taper/task';
import { shoulderBefore } from './shoulderBefore';

/** What is done in a holding that might be next. */
export interface Use {
  readonly work: readonly Placed[];
  readonly faces: boolean;
  readonly parts: boolean;
  /** Some of the outside is left for a centre, and the rest turned without one. */
  readonly splits?: boolean;
  /** What lies behind a shoulder is left for a holding the other way round. */
  readonly later?: boolean;
  /** Of what is worked, what hangs by too little: by what goes wrong with it. */
  readonly hanging?: readonly FindingCode[];
}

type Trued = { readonly trueTo: Holding['trueTo'] } | null;

/** The fewest holdings come first; in minutes, more or less, what each takes decides between lines of as many. */
const HOLDING = 100;
const CENTRE = 1;
const TRUED = 3;
/** A socket that has to be made first, or its like. */
const MADE_FIRST = 40;
const THROUGH_THE_JAWS = 2;
const SPLIT = 2;
/** Of as many holdings, one whose jaws do not spring a thin wall. */
const SPRUNG = 30;
/** Of as many holdings, the way round in which a thread runs out into its groove. */
const NO_WAY_OUT = 5;
/** Of as many holdings, one in which the work is not turned end for end for what lies under its carrier. */
const END_FOR_END = 40;
/** Of as many holdings, one in which no tool reaches behind a shoulder: so much, for each mm of its height, and in all. */
const BEHIND_A_SHOULDER = 1;
const MOST_BEHIND = 20;
/** What lies behind one, left for a holding the other way round, shares this one's axis no more. */
const LATER = 5;
/** Rather another holding than a risk; rather three than one that is turned in, or a cone that nothing makes; an axis lost last of all. */
const RISK = 110;
const GRAVE = 330;
const AXIS_LOST = 660;

/** What a holding costs, as it is used; without anything trued its axis is lost. */
export const priceOf = (piece: Piece, shell: Shell, use: Use, trued: Trued): number =>
  ofHolding(piece, shell, use, trued) + ofWork(piece, shell, use) + ofRisks(piece, shell, use, trued);

/** Putting the piece in, over and true. */
function ofHolding(piece: Piece, shell: Shell, { work }: Use, trued: Trued): number {
  const kind = kindOfHolding(shell.by);
  const setOver = work.some((s) => isEccentric(ridesOn(piece.laid, s)));
  return (
    HOLDING +
    (heldOn(piece, shell) && !setOver ? 0 : kind.minutes) +
    (setOver ? (kind.setOver(piece) ?? 0) : 0) +
    (kind.makesFirst?.(piece, shell) ? MADE_FIRST : 0) +
    (shell.centre ? CENTRE : 0) +
    (trued?.trueTo ? TRUED : 0)
  );
}

/** What is less handy to do so than another way. */
function ofWork(piece: Piece, shell: Shell, { work, splits, later }: Use): number {
  const { grips, toward } = shell;
  const inJaws = (s: Placed): boolean =>
    s.side === 'internal' && grips !== null && s.z0 < grips.to && s.z1 > grips.from;
  // Inside it is cut from the face it opens in, whichever way the piece is held.
  const shut = (s: Placed): boolean =>
    isThread(s) && s.side === 'external' && !comesOut(piece.laid, s, toward);
  const outside = work.filter((s) => piece.laid.outside.includes(s));
  const driven = (s: Placed): boolean => nearFrom(piece.laid, s, other(toward)) < CARRIER_COVERS - SAME;
  return (
    (kindOfHolding(shell.by).byCarrier && outside.some(driven) ? END_FOR_END : 0) +
    Math.min(
      MOST_BEHIND,
      outside.reduce((sum, s) => sum + reachingBehind(piece.laid, s, toward), 0),
    ) +
    (work.some(inJaws) ? THROUGH_THE_JAWS : 0) +
    (splits ? SPLIT : 0) +
    (later ? LATER : 0) +
    (work.length > 0 && thinUnderJaws(piece, shell) !== null ? SPRUNG : 0) +
    NO_WAY_OUT * work.filter(shut).length
  );
}

function reachingBehind(laid: Laid, s: Placed, free: End): number {
  const height = shoulderBefore(laid, s, free);
  return height > SAME ? BEHIND_A_SHOULDER + height : 0;
}

/** What may go wrong. */
function ofRisks(piece: Piece, shell: Shell, { work, hanging = [] }: Use, trued: Trued): number {
  const turns = work.some((s) => piece.laid.outside.includes(s));
  const unmade = work.filter((s) => cutAsHeld(piece.laid, s, shell.by) === 'somehow');
  return (
    shell.risks * (turns ? GRAVE : RISK) +
    hanging.reduce((sum, code) => sum + (code === 'twists-off' ? GRAVE : RISK), 0) +
    GRAVE * unmade.length +
    (trued === null ? AXIS_LOST : 0)
  );
}
