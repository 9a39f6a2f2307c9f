import { kindOfHolding } from '../holdings/registry';
import { risk, type Holding, type Wrong } from '../piece/line';
import type { Piece } from '../piece/piece';
import { needleReaches } from '../piece/reach';

/** Something to be clocked that is not there yet, or that no needle comes to: in the jaws, behind them, or a hole with a centre in it. */
export function clockedWrong({ laid, done }: Piece, holding: Holding): Wrong[] {
  const { trueTo, by } = holding;
  const section = trueTo && laid.byId.get(trueTo.feature);
  if (!section || kindOfHolding(by).clocks) return [];
  if (!done.has(section.id))
    return [risk('not-clocked', [`${section.feature.name} is to be clocked, and it is not made yet.`])];
  if (needleReaches(holding, section)) return [];
  return [
    risk('not-clocked', [
      `${section.feature.name} is to be clocked, and no needle reaches it as it is held.`,
    ]),
  ];
}
