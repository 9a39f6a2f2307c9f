import type { JobKind } from './kind';

/** A part of plain shapes has no way to choose, nothing to set and no cone to cut. */
export const plainKind: JobKind = {
  id: 'plain',
  is: () => true,
  done({ facts, closed }) {
    const past = facts.partComplete || closed;
    return { way: past, set: past, cut: past };
  },
  stale: () => ({}),
  next: { prove: 'Measure it and close the piece' },
};
