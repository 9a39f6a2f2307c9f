import { coordinateTable } from '../../curve/coordinateTable';
import { count } from '../../figure/figure';
import type { CurveWay } from './way';

/** Looked at coarsely: a comparison, not the table itself. mm. */
const ALONG = 0.1;

export const stepsWay: CurveWay = {
  id: 'steps',
  title: 'Two-handle steps',
  rank: { curve: 1, grooves: 2 },
  suits: ({ pieces }) => pieces !== null,
  assess(context) {
    const { pieces } = context;
    const { rows, minutes } = coordinateTable({
      ...context,
      pieces: pieces ?? [],
      along: ALONG,
      of: 'centre',
      allowance: 0,
    });
    return {
      blockers: [],
      setting: count(rows.length),
      settingLabel: 'Steps to the table',
      notes: [
        ['About ', count(minutes), ' minutes at a steady pace; true to the dials.'],
        ['File and cloth take the ridges off.'],
      ],
    };
  },
};
