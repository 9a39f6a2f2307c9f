import { length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import type { TaperTask } from '../taper/task';
import type { PartTaper } from './solveTaperFeature';

/** An undercut is kept this far under the cone it runs into, on radius, so that nothing but the cone seats, mm. */
const UNDER = 0.5;

/**
 * What undercut, shoulder and tang beside a shank must clear; nothing for a bore.
 *
 * @example
 * shankEnds(SHANK, solveTaperFeature(SHANK_PART[0])).length
 * // → 3
 */
export function shankEnds(
  task: TaperTask,
  solved: PartTaper,
): { readonly what: string; readonly must: Phrase }[] {
  if (task.member === 'internal') return [];
  return [
    {
      what: 'Undercut at the large end',
      must: [
        'under ⌀',
        length(task.largeDiameter - 2 * UNDER, 0.1),
        ', so that the tool runs out and the socket’s mouth never meets a corner',
      ],
    },
    {
      what: 'Shoulder',
      must: [
        'clear of the sleeve’s face while the cone seats: ',
        length(solved.beyondGauge, 0.1),
        ' beyond the gauge line here',
      ],
    },
    {
      what: 'Tang, where it has one',
      must: [
        'its flats under the small end, ⌀',
        length(task.smallDiameter, 0.1),
        '; it drives nothing unless the cone seats first',
      ],
    },
  ];
}
