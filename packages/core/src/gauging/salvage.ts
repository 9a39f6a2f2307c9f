import { length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import type { Member } from '../taper/task';

export interface SalvageCase {
  readonly member: Member;
  /** How far past its line it has gone, mm along the axis: more than nothing. */
  readonly past: number;
  /** How far off the line is still right. */
  readonly allowed: number;
  readonly taperLength: number;
}

export interface SalvageWay {
  readonly title: string;
  readonly costs: Phrase;
  /** Length that must come off to stand at the line again, mm. */
  readonly comesOff: number;
}

/** More than this part of the cone faced away is no longer the same taper. */
const MOST = 0.06;

/**
 * What can still save a cone that has gone past its line. It sits `past` too deep, and facing that much off the end
 * the gauge line is measured from puts it back, since the diameters there are then the right ones again. None
 * where that would cost too much of the cone: it is scrap, or wants a new, smaller mate.
 *
 * @example
 * salvageWays({ member: 'external', past: 0.5, allowed: 0.25, taperLength: 86 }).length
 * // → 2
 */
export function salvageWays({ member, past, allowed, taperLength }: SalvageCase): SalvageWay[] {
  const least = Math.max(0, past - allowed);
  if (past <= 0 || least > MOST * taperLength) return [];
  const off: Phrase = [length(past, 0.01), ' comes off, ', length(least, 0.01), ' at the least'];
  return member === 'internal'
    ? [
        {
          title: 'Face the mouth back',
          comesOff: past,
          costs: [
            ...off,
            ': the socket grows that much shorter, and a tang or drawbar reaches that much further in.',
          ],
        },
      ]
    : [
        {
          title: 'Face back the shoulder above the cone',
          comesOff: past,
          costs: [...off, ': whatever stands in front of the shoulder comes nearer the spindle by as much.'],
        },
        {
          title: 'Shorten the small end, where it bottoms or the tang meets its slot',
          comesOff: past,
          costs: [
            ...off,
            ' of the tang or the end: look whether the slot or the drawbar thread still has its room.',
          ],
        },
      ];
}
