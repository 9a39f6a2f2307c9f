import { tooSlender } from './tooSlender';
import type { End } from '../../taper/task';
import { kindOfHolding } from '../holdings/registry';
import { asHolding, type Shell } from '../holdings/shell';
import { spots } from '../holdings/spots';
import { HOLDING_BY } from '../piece/line';
import { takesCentre, type Piece } from '../piece/piece';

const ENDS: readonly End[] = ['tailstock', 'headstock'];

/** Every way the piece could be held now: with nothing wrong about it, or, where that finds nothing, with no more than a risk. */
export function shells(piece: Piece, strict: boolean): Shell[] {
  return ENDS.flatMap((toward) => {
    const places = spots(piece, toward, strict);
    return HOLDING_BY.flatMap((by) =>
      kindOfHolding(by)
        .offers(piece, toward, places)
        .flatMap((offer) => sound(piece, { ...offer, by, toward, risks: 0 }, strict)),
    );
  });
}

/** A shell as it is and with a centre, where it is sound so or only something thin in it wants one. */
function sound(piece: Piece, shell: Shell, strict: boolean): Shell[] {
  const wrong = kindOfHolding(shell.by).wrong(piece, asHolding(shell));
  const carried = (): Shell[] => [{ ...shell, centre: true }];
  const bears = !shell.centre && takesCentre(piece, shell.toward);
  if (wrong.length === 0) return [shell, ...(bears && hangsSomewhere(piece, shell) ? carried() : [])];
  if (wrong.every((w) => w.code === 'stands-out') && takesCentre(piece, shell.toward)) return carried();
  return !strict && wrong.every((w) => w.level === 'risk') ? [{ ...shell, risks: wrong.length }] : [];
}

/** Whether something of it would hang by too little without a centre. */
const hangsSomewhere = (piece: Piece, shell: Shell): boolean =>
  tooSlender(
    piece,
    shell,
    piece.laid.outside.filter((s) => !piece.done.has(s.id)),
  ).size > 0;
