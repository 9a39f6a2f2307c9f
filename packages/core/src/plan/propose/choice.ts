import { reachWrong } from '../check/common';
import { holdingForEccentric, kindOfHolding } from '../holdings/registry';
import { runInto } from '../operations/groove';
import { isAway } from '../operations/registry';
import { cutAsHeld } from '../operations/taper';
import { besideCorner, faceOf, other, ridesOn, type Laid, type Placed } from '../piece/laid';
import type { Holding } from '../piece/line';
import { mouthBearsCentre, type Piece } from '../piece/piece';
import { FACING, MOST_FACED, PARTING_ROOM, SAME } from '../piece/usual';
import { asHolding, type Shell } from '../holdings/shell';
import type { End } from '../../taper/task';
import { priceOf, type Use } from './price';
import { shoulderBefore } from './shoulderBefore';
import { tooSlender } from './tooSlender';
import { truing } from './truing';
import { isEccentric, isGroove } from '../../part/kinds/is';

/** A holding that might be next, with what is done in it. */
export interface Choice {
  readonly shell: Shell;
  readonly work: readonly Placed[];
  readonly faces: boolean;
  readonly parts: boolean;
  readonly trueTo: Holding['trueTo'];
  readonly cost: number;
}

/** Every sensible use of a holding: all it reaches, or the end only, with or without parting off; eccentrics by themselves. */
export function choices(piece: Piece, shell: Shell, strict: boolean): Choice[] {
  const { laid, spare } = piece;
  const kind = kindOfHolding(shell.by);
  const free = kind.faceFree && !shell.centre;
  const faces = free && !piece.faced.has(shell.toward) && spare[shell.toward] <= MOST_FACED;
  if (!faces && !piece.faced.has(shell.toward)) return [];
  const within = laid.all.filter(
    (s) =>
      !piece.done.has(s.id) &&
      !isAway(s) &&
      reachWrong({ piece, holding: asHolding(shell) }, s).every((w) => w.code === 'not-faced') &&
      (cutAsHeld(laid, s, shell.by) === 'well' || (!strict && cutAsHeld(laid, s, shell.by) === 'somehow')),
  );
  const hanging = tooSlender(piece, shell, within);
  // Without the neck that twists off, what hangs by it is carried.
  const whole = within.filter((s) => hanging.get(s) !== 'twists-off');
  const still = whole.length < within.length ? tooSlender(piece, shell, whole) : hanging;
  const carried = whole.filter((s) => !still.has(s));
  const left = uses(piece, shell, { faces, reached: carried, strict, splits: still.size > 0 });
  if (strict || hanging.size === 0) return left;
  return [...left, ...uses(piece, shell, { faces, reached: within, strict, hanging: [...hanging.values()] })];
}

interface Reach {
  readonly faces: boolean;
  readonly reached: readonly Placed[];
  readonly strict: boolean;
  /** Something it would reach is left for a centre to carry. */
  readonly splits?: boolean;
  /** Of what it reaches, what hangs by too little. */
  readonly hanging?: Use['hanging'];
}

function uses(piece: Piece, shell: Shell, reach: Reach): Choice[] {
  const { faces, reached, strict, hanging = [] } = reach;
  const { laid, spare } = piece;
  const onAxis = withCorners(
    piece,
    withRunOut(
      piece,
      reached.filter((s) => !isEccentric(ridesOn(laid, s))),
    ),
  );
  const ends = withCorners(
    piece,
    onAxis.filter((s) => s.side === 'internal' || faceOf(laid, s) !== null),
  );
  const bar = shell.on === 'bar' && spare[other(shell.toward)] > PARTING_ROOM;
  // Held by an eccentric the part runs off its axis: its face can be cut, nothing round.
  if (shell.on === 'off-axis') return priced(piece, shell, { work: [], faces, parts: false }, strict);
  const splits = reach.splits === true && onAxis.some((s) => laid.outside.includes(s));
  const found: Use[] = [{ work: onAxis, faces, parts: bar && !reach.splits, splits, hanging }];
  const before = beforeShoulders(piece, onAxis, shell.toward);
  if (before.length < onAxis.length && before.length > ends.length) {
    const work = withCorners(piece, withRunOut(piece, before));
    found.push({ work, faces, parts: bar && !reach.splits, splits, hanging, later: true });
  }
  if (ends.length < onAxis.length) {
    found.push({ work: ends, faces, parts: false });
    if (bar) found.push({ work: ends, faces, parts: true });
  }
  if (piece.faced.has(shell.toward)) found.push(...offAxis(piece, reached, shell, bar, strict));
  return found
    .filter((use) => use.work.length > 0 || use.faces || use.parts)
    .flatMap((use) => priced(piece, shell, use, strict));
}

/** What no shoulder hides from the free end; a groove that only hidden work runs out into is left with it. */
function beforeShoulders({ laid }: Piece, work: readonly Placed[], free: End): readonly Placed[] {
  const open = work.filter((s) => shoulderBefore(laid, ridesOn(laid, s), free) <= SAME);
  return open.filter((s) => {
    const running = isGroove(s) ? runInto(laid, s).filter((one) => work.includes(one)) : [];
    return running.length === 0 || running.some((one) => open.includes(one));
  });
}

/** A thread or a taper waits for the groove it runs out into. */
function withRunOut(piece: Piece, reached: readonly Placed[]): Placed[] {
  const missing = piece.laid.sections.filter(
    (s) => isGroove(s) && !piece.done.has(s.id) && !reached.includes(s),
  );
  const waits = new Set(missing.flatMap((groove) => runInto(piece.laid, groove)));
  return reached.filter((s) => !waits.has(s));
}

/** A corner waits for what it stands between. */
const withCorners = (piece: Piece, work: readonly Placed[]): readonly Placed[] =>
  work.filter(
    (s) =>
      s.corner === undefined ||
      besideCorner(piece.laid, s).every((beside) => piece.done.has(beside.id) || work.includes(beside)),
  );

/** Eccentrics of one axis make a holding of their own, in jaws that can be set over or on centres of their own. */
function offAxis(
  piece: Piece,
  reached: readonly Placed[],
  shell: Shell,
  bar: boolean,
  strict: boolean,
): Use[] {
  if (kindOfHolding(shell.by).setOver(piece) === null) return [];
  const { ways } = piece.laid.part;
  // As its way asks; any way it can, where that finds nothing.
  const as = (s: Placed): boolean => !strict || [null, shell.by].includes(holdingForEccentric(ways?.[s.id]));
  const { laid } = piece;
  const bearable = reached.filter((s) => isEccentric(ridesOn(laid, s)) && as(ridesOn(laid, s)));
  const axes = new Set(bearable.map((s) => axisOf(ridesOn(laid, s))));
  return [...axes].flatMap((axis) => {
    const work = withCorners(
      piece,
      bearable.filter((s) => axisOf(ridesOn(laid, s)) === axis),
    );
    if (work.length === 0) return [];
    return [false, ...(bar ? [true] : [])].map((parts) => ({ work, faces: false, parts }));
  });
}

/** An eccentric's axis: those with the same throw the same way round share it. */
function axisOf({ feature }: Placed): string {
  if (!isEccentric(feature)) return '';
  const { throw: e, travel, phase } = feature;
  return `${e ?? (travel ?? 0) / 2}/${phase ?? 0}`;
}

function priced(piece: Piece, shell: Shell, use: Use, strict: boolean): Choice[] {
  const found = truing(piece, shell, use.work);
  if (found === null && strict) return [];
  const { work, faces, parts } = use;
  return [{ shell, work, faces, parts, trueTo: found?.trueTo, cost: priceOf(piece, shell, use, found) }];
}

/** The piece after a choice, as far as the next one has to know it. */
export function chosen(piece: Piece, { shell, work, faces, parts }: Choice, id: string): Piece {
  const { toward } = shell;
  const away = other(toward);
  const done = new Map(piece.done);
  work.forEach((s) => done.set(s.id, id));
  const after: Piece = {
    ...piece,
    done,
    held: parts || work.some((s) => isEccentric(ridesOn(piece.laid, s))) ? null : shell,
    faced: faces ? new Set([...piece.faced, toward]) : piece.faced,
    spare: {
      ...piece.spare,
      ...(faces ? { [toward]: 0 } : {}),
      ...(parts ? { [away]: FACING } : {}),
    },
  };
  // An end that bears a centre may be given one; whether it was needed is seen afterwards.
  return faces && mouthBearsCentre(after, toward)
    ? { ...after, centred: new Set([...piece.centred, toward]) }
    : after;
}

/** Whether nothing is left to do. */
export const complete = (laid: Laid, piece: Piece): boolean =>
  piece.faced.size === 2 && laid.all.every((s) => piece.done.has(s.id) || isAway(s));
