import { length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { endOn } from '../../eccentric/part';
import { chuckOf, type EccentricContext } from './way';

/** Whatever way it is held, the high side has to go round over the bed and over the slide. */
export function swingBlockers({ part, lathe }: EccentricContext): Phrase[] {
  const { swing } = endOn(part);
  if (lathe.swing !== undefined && swing > lathe.swing)
    return [['It sweeps ', length(swing, 0.1), '; the lathe swings ', length(lathe.swing, 0.1), '.']];
  return [];
}

export function swingNotes({ part, lathe }: EccentricContext): Phrase[] {
  const { swing } = endOn(part);
  return lathe.swingOverSlide !== undefined && swing > lathe.swingOverSlide
    ? [
        [
          'It sweeps ',
          length(swing, 0.1),
          ', more than the ',
          length(lathe.swingOverSlide, 0.1),
          ' over the cross-slide: keep the slide clear of it.',
        ],
      ]
    : [];
}

/** A chuck must open round a circle whose far side lies this far from the axis. */
export function chuckBlockers(
  kind: string,
  name: string,
  opens: number,
  { lathe }: EccentricContext,
): Phrase[] {
  const chuck = chuckOf(lathe, kind);
  if (!chuck) return [[`No ${name} is on this lathe’s record.`]];
  return chuck.capacity !== undefined && 2 * opens > chuck.capacity
    ? [
        [
          `The ${chuck.name} opens to `,
          length(chuck.capacity, 1),
          '; held off-centre this wants ',
          length(2 * opens, 1),
          '.',
        ],
      ]
    : [];
}
