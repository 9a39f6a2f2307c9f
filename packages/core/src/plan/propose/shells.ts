import type { Care } from './care';
import { tooSlender } from './tooSlender';
import type { End } from '../../taper/task';
import { kindOfHolding } from '../holdings/registry';
import { asHolding, type Shell } from '../holdings/shell';
import { spots } from '../holdings/spots';
import { HOLDING_BY } from '../piece/line';
import { takesCentre, type Piece } from '../piece/piece';

const ENDS: readonly End[] = ['tailstock', 'headstock'];

/** Every way the piece could be held now: with nothing wrong about it, or, where that finds nothing, with no more than a risk. */
export function shells(piece: Piece, { strict, carried }: Care): Shell[] {
  return ENDS.flatMap((toward) => {
    const places = spots(piece, toward, strict);
    return HOLDING_BY.flatMap((by) =>
      kindOfHolding(by)
        .offers(piece, toward, places)
        .flatMap((offer) => sound(piece, { ...offer, by, toward }, strict) ?? [])
        .flatMap((shell) =>
          carried && hangsSomewhere(piece, shell) ? [shell, { ...shell, centre: true }] : [shell],
        ),
    );
  });
}

/** A shell as it is, or with a centre where that is all it lacks; null when the piece cannot be held so. */
function sound(piece: Piece, shell: Shell, strict: boolean): Shell | null {
  const wrong = kindOfHolding(shell.by).wrong(piece, asHolding(shell));
  if (wrong.length === 0) return shell;
  const supported = { ...shell, centre: true };
  if (wrong.every((w) => w.code === 'stands-out') && takesCentre(piece, shell.toward)) return supported;
  return !strict && wrong.every((w) => w.level === 'risk') ? shell : null;
}

/** Whether a centre could carry what would hang by too little without one. */
const hangsSomewhere = (piece: Piece, shell: Shell): boolean =>
  !shell.centre &&
  takesCentre(piece, shell.toward) &&
  tooSlender(
    piece,
    shell,
    piece.laid.outside.filter((s) => !piece.done.has(s.id)),
  ).size > 0;
