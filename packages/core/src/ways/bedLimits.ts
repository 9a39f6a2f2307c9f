import { length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import type { Lathe } from '../machine/lathe';
import type { WayContext } from './taper/way';

const SHOWN = 0.1;

/**
 * Why a part does not go on a lathe at all, whichever way its taper is made: too large to swing over the bed, or over the
 * slide where the tool has to pass beside it, or longer than the bed takes. Lengths mm.
 */
export function bedBlockers({ task, lathe }: WayContext): Phrase[] {
  const diameter = Math.max(task.largeDiameter, task.workDiameter ?? 0);
  const swings = swingBlocker(lathe, diameter, task.member === 'external');
  const found: Phrase[] = swings ? [swings] : [];
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

/** Why a diameter does not swing over the bed, or, where its outside is turned, over the slide; null where it does. mm. */
export function swingBlocker(lathe: Lathe, diameter: number, outside: boolean): Phrase | null {
  const over = (swing: number | undefined, where: string): Phrase | null =>
    swing === undefined || diameter <= swing
      ? null
      : [
          length(diameter, SHOWN),
          ` does not swing over the ${where} of the ${lathe.name}: `,
          length(swing, SHOWN),
          ' does.',
        ];
  return over(lathe.swing, 'bed') ?? (outside ? over(lathe.swingOverSlide, 'cross-slide') : null);
}
