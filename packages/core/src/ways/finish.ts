import { theoreticalFinish } from '../cutting/theoreticalFinish';
import { USUAL_CUT } from '../cutting/usual';
import { length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import type { WayContext } from './taper/way';

/** Under power the ridges are what feed and nose make them; nothing else here is as even. */
export function powerFinish({ cutting }: Pick<WayContext, 'cutting'>): Phrase {
  const { feed, noseRadius } = cutting ?? USUAL_CUT;
  return [
    'Ridges of ',
    length(theoreticalFinish({ feed, noseRadius }).peakToValley, 0.0001),
    ' at ',
    length(feed, 0.01),
    ' a turn with a nose of ',
    length(noseRadius, 0.1),
    '.',
  ];
}

/** By hand the feed wanders: ridges of the mean feed at best, about four times as high where it runs to double. */
export function handFinish({ cutting }: Pick<WayContext, 'cutting'>): Phrase {
  const { feed, noseRadius } = cutting ?? USUAL_CUT;
  return [
    'As even as the hand: where the feed runs to double, ridges of ',
    length(theoreticalFinish({ feed: 2 * feed, noseRadius }).peakToValley, 0.0001),
    '.',
  ];
}
