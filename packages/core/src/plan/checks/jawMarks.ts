import { kindOfHolding } from '../holdings/registry';
import { heldOn } from '../operations/goesOn';
import { underJaws } from '../piece/reach';
import type { Check } from './kind';

/** Hard jaws mark a finished diameter that they close on. */
export const jawMarks: Check = {
  id: 'jaw-marks',
  say({ first, moment: { piece, holding } }) {
    const { jaws, closesAllRound } = kindOfHolding(holding.by);
    if (!first || !jaws || closesAllRound || heldOn(piece, holding)) return null;
    const names = piece.laid.outside
      .filter((s) => (piece.done.get(s.id) ?? 'bar') !== 'bar' && underJaws(holding, s))
      .map((s) => s.feature.name);
    return names.length > 0
      ? [`Soft jaws, or copper under hard ones: they close on ${names.join(' and ')}, which is finished.`]
      : null;
  },
};
