import { plainText } from '../../figure/phrase';
import type { Laid } from '../piece/laid';
import { HOLDING_BY, type Wrong } from '../piece/line';
import { rawPiece } from '../piece/piece';
import { kindOfHolding } from './registry';
import { asHolding } from './shell';
import { spots } from './spots';

const ENDS = ['tailstock', 'headstock'] as const;

/** What keeps a bar from being held in any jaws, each thing once; nothing where it can be. */
export function refusals(laid: Laid): Wrong[] {
  const judged = ENDS.flatMap((toward) => {
    const piece = rawPiece(laid, { toward });
    const places = spots(piece, toward, false);
    return HOLDING_BY.map(kindOfHolding)
      .filter(({ jaws }) => jaws)
      .flatMap((kind) =>
        kind
          .offers(piece, toward, places)
          .map((offer) => kind.wrong(piece, asHolding({ ...offer, by: kind.by, toward, risks: 0 }))),
      );
  }).map((wrong) => wrong.filter(({ level }) => level === 'impossible'));
  if (judged.some((wrong) => wrong.length === 0)) return [];
  return [...new Map(judged.flat().map((one) => [plainText(one.said), one])).values()];
}
