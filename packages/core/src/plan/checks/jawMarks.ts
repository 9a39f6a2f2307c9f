import { kindOfHolding } from '../holdings/registry';
import { heldOn, underJaws } from '../piece/reach';
import type { Check } from './kind';

/** Hard jaws mark a finished diameter that they close on. */
export const jawMarks: Check = {
  id: 'jaw-marks',
  say({ kind, moment: { piece, holding, operation } }) {
    const { jaws, closesAllRound } = kindOfHolding(holding.by);
    const first = holding.operations[0]?.id === operation.id;
    if (!first || kind.away || !jaws || closesAllRound || heldOn(piece, holding)) return null;
    const names = piece.laid.outside
      .filter((s) => (piece.done.get(s.id) ?? 'bar') !== 'bar' && underJaws(holding, s))
      .map((s) => s.feature.name);
    return names.length > 0
      ? [`Soft jaws, or copper under hard ones: they close on ${names.join(' and ')}, which is finished.`]
      : null;
  },
};
