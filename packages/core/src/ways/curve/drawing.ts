import { tracerTemplate, feedToFollow } from '../../curve/tracerTemplate';
import { count, length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import type { CurveWay } from './way';

/** Looked at coarsely: a comparison, not the sheet itself. mm. */
const COARSE = 0.25;

export const drawingWay: CurveWay = {
  id: 'drawing',
  title: 'Follow a full-size drawing',
  rank: { curve: 2, grooves: 3 },
  suits: ({ pieces }) => pieces !== null,
  assess({ pieces, member, noseRadius, stylusRadius }) {
    const { steepest, lost } = tracerTemplate({
      pieces: pieces ?? [],
      member,
      noseRadius,
      stylusRadius,
      step: COARSE,
    });
    return {
      blockers: [],
      setting: length(feedToFollow(steepest), 1),
      settingLabel: 'Carriage feed a minute, no faster',
      notes: [
        ['Quick for one or two, and good to about ', length(0.2, 0.1), ' by eye.'],
        ['Where the line is steepest the hand moves ', count(steepest, 0.1), ' for the carriage’s one.'],
        ...(lost > 0 ? [['This stylus is too thick for its sharpest tops.'] as Phrase] : []),
      ],
    };
  },
};
