import { length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import type { WayContext } from './taper/way';

const SHOWN = 0.1;

/**
 * Why a part does not go on a lathe at all, whichever way its taper is made: too large to swing over the bed, or over the
 * slide where the tool has to pass beside it, or longer than the bed takes. Lengths mm.
 */
export function bedBlockers({ task, lathe }: WayContext): Phrase[] {
  const diameter = Math.max(task.largeDiameter, task.workDiameter ?? 0);
  const found: Phrase[] = [];
  const over = (swing: number | undefined, where: string): boolean => {
    if (swing === undefined || diameter <= swing) return false;
    found.push([
      length(diameter, SHOWN),
      ` does not swing over the ${where} of the ${lathe.name}: `,
      length(swing, SHOWN),
      ' does.',
    ]);
    return true;
  };
  if (!over(lathe.swing, 'bed') && task.member === 'external') over(lathe.swingOverSlide, 'cross-slide');
  if (task.workLength > lathe.centreDistance)
    found.push([
      'The part is ',
      length(task.workLength, SHOWN),
      ` long; the ${lathe.name} takes `,
      length(lathe.centreDistance, SHOWN),
      ' between centres.',
    ]);
  return found;
}
