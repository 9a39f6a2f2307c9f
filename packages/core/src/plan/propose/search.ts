import type { Laid } from '../piece/laid';
import { rawPiece, type Piece } from '../piece/piece';
import { choices, chosen, complete, type Choice } from './choice';
import { shells } from './shells';

interface Path {
  readonly piece: Piece;
  readonly choices: readonly Choice[];
  readonly cost: number;
}

/** A part that asks for more holdings or more looking than this is not one that anybody would hold so. */
const MOST_HOLDINGS = 7;
const MOST_LOOKED_AT = 1500;

/** What the next holding has to know of the piece: two pieces that agree in it go on alike. */
const stateOf = ({ done, faced, centred, spare }: Piece): string =>
  [
    [...done.keys()].sort().join(),
    [...faced].sort().join(),
    [...centred].sort().join(),
    spare.headstock.toFixed(3),
    spare.tailstock.toFixed(3),
  ].join('|');

/** How far a path has come: what is made, and the ends that are faced. */
const made = ({ piece }: Path): number => piece.done.size + piece.faced.size;

/**
 * The fewest holdings from bar to part, and of those the ones soonest set up; with risks in it only where none is without.
 * Where none is found, those that get furthest: what they leave is what has to be thought about.
 */
export function search(laid: Laid): readonly Choice[] {
  const sound = searched(laid, true);
  if (complete(laid, sound.piece)) return sound.choices;
  const risky = searched(laid, false);
  return (made(risky) > made(sound) ? risky : sound).choices;
}

function searched(laid: Laid, strict: boolean): Path {
  const open: Path[] = (['tailstock', 'headstock'] as const).map((toward) => ({
    piece: rawPiece(laid, { toward }),
    choices: [],
    cost: 0,
  }));
  let furthest = open[0] as Path;
  const closed = new Set<string>();
  for (let looked = 0; looked < MOST_LOOKED_AT && open.length > 0; looked++) {
    const path = takeCheapest(open);
    if (complete(laid, path.piece)) return path;
    if (made(path) > made(furthest)) furthest = path;
    const state = stateOf(path.piece);
    if (closed.has(state) || path.choices.length >= MOST_HOLDINGS) continue;
    closed.add(state);
    for (const choice of shells(path.piece, strict).flatMap((shell) => choices(path.piece, shell, strict)))
      open.push({
        piece: chosen(path.piece, choice, `h${path.choices.length + 1}`),
        choices: [...path.choices, choice],
        cost: path.cost + choice.cost,
      });
  }
  return furthest;
}

function takeCheapest(open: Path[]): Path {
  let at = 0;
  open.forEach((path, i) => {
    if (path.cost < (open[at] as Path).cost) at = i;
  });
  return open.splice(at, 1)[0] as Path;
}
