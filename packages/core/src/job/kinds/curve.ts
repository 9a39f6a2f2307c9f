import { ofKind } from '../records/row';
import type { JobKind } from './kind';

/** A curve or a set of grooves: a way chosen, and cut by it. */
export const curveKind: JobKind = {
  id: 'curve',
  is: ({ curveWay }) => curveWay !== undefined,
  done({ facts, records, piece, closed }) {
    const chosen = facts.curveWay !== null || closed;
    return {
      way: chosen,
      set: chosen,
      cut: chosen && (ofKind(records, 'shaped', piece).length > 0 || closed),
    };
  },
  stale: () => ({}),
  next: { prove: 'Measure it and close the piece' },
};
