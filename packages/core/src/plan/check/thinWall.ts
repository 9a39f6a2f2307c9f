import { length } from '../../figure/figure';
import { kindOfHolding } from '../holdings/registry';
import { kindOfOperation } from '../operations/registry';
import { risk, type Holding, type Wrong } from '../piece/line';
import type { Piece } from '../piece/piece';
import { THIN_WALL } from '../piece/usual';
import { wallBetween } from '../piece/wall';

type Held = Pick<Holding, 'by' | 'grips'>;

/** The wall under jaws that spring it; null where it is stout, or nothing presses on it from a few sides only. */
export function thinUnderJaws(piece: Piece, { by, grips }: Held): number | null {
  const { jaws, closesAllRound } = kindOfHolding(by);
  const found = grips && jaws && !closesAllRound ? wallBetween(piece, grips.from, grips.to) : null;
  return found && found.wall < THIN_WALL * found.across ? found.wall : null;
}

/** Something cut round while jaws press a thin wall out of round. */
export function thinWall(piece: Piece, holding: Holding): Wrong[] {
  const round = holding.operations.some(({ kind }) => {
    const { on, cuts, away } = kindOfOperation(kind);
    return on === 'features' && cuts && !away;
  });
  const wall = round ? thinUnderJaws(piece, holding) : null;
  return wall === null
    ? []
    : [
        risk('thin-wall', [
          'The wall under the jaws is ',
          length(wall, 0.1),
          ': they spring it, and what is cut round is not when they let go. A collet, soft jaws bored to it, or a light nip.',
        ]),
      ];
}
