import type { CurveFacts } from '../facts';
import { ofKind } from '../records/row';
import type { ShapeProgressKind } from './kind';

/** A curve or a set of grooves: a way chosen, and cut by it. */
export const curveProgress: ShapeProgressKind<CurveFacts> = {
  done({ facts, records, piece, closed }) {
    const chosen = facts.way !== null || closed;
    return {
      way: chosen,
      set: chosen,
      cut: chosen && (ofKind(records, 'shaped', piece).length > 0 || closed),
    };
  },
  stale: () => ({}),
  next: { prove: 'Measure it and close the piece' },
};
