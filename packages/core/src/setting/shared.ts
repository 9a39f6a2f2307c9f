import { angle, length, ratio, type Figure } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import type { Working } from '../figure/working';
import { ratioOf } from '../taper/solve';
import type { SettingContext, Station, Sweep } from './setting';

/** What the band stands for, or that the indicator cannot show it. */
export function bandNote({ task, lathe }: SettingContext, last: Station): Phrase {
  const zone: Phrase = ['cone within ', length(task.tolerance.overLength, 0.001), ' over its length'];
  return last.high - last.low >= 2 * lathe.indicator
    ? zone
    : [...zone, '; finer than this indicator shows, so run as far as it will go and prove it in the sleeve'];
}

/** The half angle and how it comes from the ratio. */
export function angleWorking({ task }: SettingContext): Working {
  return {
    tex: '\\arctan\\tfrac{1}{2}(#0) = #1',
    figures: [ratio(ratioOf(task.halfAngle)), angle(task.halfAngle)],
    note: ['half angle from the ratio'],
  };
}

/** A climb read from zero by the lathe's own indicator, along the part. */
export const climb = (
  context: SettingContext,
  sweep: Pick<Sweep, 'label' | 'travelAlong' | 'stations'> & Partial<Sweep>,
): Sweep => ({ onPart: true, reads: 'climb', resolution: context.lathe.indicator, ...sweep });

/** A travel as it is dialled: in the units of this lathe's own dials, whatever the screen's are, in whole figures of them. */
export const dialled = ({ lathe }: SettingContext, travel: number): Figure =>
  length(travel, lathe.dial.units === 'mm' ? 1 : 0.254, { system: lathe.dial.units });
