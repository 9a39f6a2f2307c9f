import { angle, length, ratio } from '../phrase/figure';
import type { Phrase } from '../phrase/phrase';
import type { Working } from '../phrase/working';
import { ratioOf } from '../taper/solve';
import { toolHeightLimit } from '../way/toolHeightError';
import type { SettingContext, SettingStep, Station } from './setting';

const HALF_OF_ZONE = 2;

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

/** Every way ends with the tool exactly at centre height; how exactly is worked for this cone. */
export function toolHeightStep({ task }: SettingContext): SettingStep {
  const small = Math.max(task.smallDiameter, task.largeDiameter * 0.05);
  const allowed = task.tolerance.overLength / HALF_OF_ZONE;
  const limit = toolHeightLimit({
    smallDiameter: small,
    length: task.length,
    halfAngle: task.halfAngle,
    allowed,
  });
  return {
    id: 'height',
    short: 'tool height',
    title: ['Set the tool to centre height'],
    detail: [
      'Off centre it cuts a hollow cone at the wrong angle. Touch the tailstock centre’s point, or a scribed rule held by the tool.',
    ],
    figures: [{ label: 'No further off than', figure: length(limit, 0.01), after: 'above or below' }],
    caution: 'Chuck key out, drawbar or dog tight, and the tool clear of the work before the spindle turns.',
    working: [
      {
        tex: 'd_{\\mathrm{err}} = 2\\left(\\sqrt{(x+#0\\tan #1)^2+h^2} - r - #0\\tan #1\\right) \\le #2',
        figures: [length(task.length, 0.1), angle(task.halfAngle), length(allowed, 0.001)],
        note: ['r is the small end’s radius, x = √(r² − h²); h is found from it'],
      },
    ],
  };
}
