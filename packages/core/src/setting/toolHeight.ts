import { angle, length } from '../figure/figure';
import { toolHeightLimit, toolHeightProfile } from '../ways/toolHeightError';
import type { SettingContext, SettingStep } from './setting';

/** The cone's zone is one sum for all that puts its angle out: the tool's height is given this part, the rest is the setting's, the slide's and the bar's. */
const HEIGHT_SHARE = 1 / 4;
/** A cone run to a point is judged from this part of its large end: no tool cuts at nothing. */
const NOT_A_POINT = 0.05;

/** Every way ends with the tool exactly at centre height; how exactly is worked for this cone. */
export function toolHeightStep({ task }: SettingContext): SettingStep {
  const smallDiameter = Math.max(task.smallDiameter, task.largeDiameter * NOT_A_POINT);
  const allowed = task.tolerance.overLength * HEIGHT_SHARE;
  const cone = { smallDiameter, length: task.length, halfAngle: task.halfAngle };
  const limit = toolHeightLimit({ ...cone, allowed });
  return {
    id: 'height',
    short: 'tool height',
    title: ['Set the tool to centre height'],
    detail: [
      'Off centre it cuts a hollow cone at the wrong angle. Touch the tailstock centre’s point, or a scribed rule held by the tool.',
    ],
    figures: [
      { label: 'No further off than', figure: length(limit, 0.01), after: 'above or below' },
      {
        label: 'Its share of the zone',
        figure: length(allowed, 0.001),
        after: 'on diameter',
        also: ['a quarter of it: three are left for setting, slide and bar'],
      },
    ],
    caution: 'Chuck key out, drawbar or dog tight, and the tool clear of the work before the spindle turns.',
    drawing: {
      kind: 'height',
      height: 2 * limit,
      length: task.length,
      points: toolHeightProfile({ ...cone, height: Math.min(2 * limit, smallDiameter / 2.1) }),
    },
    working: [
      {
        tex: 'd_{\\mathrm{err}} = 2\\left(\\sqrt{(x+#0\\tan #1)^2+h^2} - r - #0\\tan #1\\right) \\le #2',
        figures: [length(task.length, 0.1), angle(task.halfAngle), length(allowed, 0.001)],
        note: ['r is the small end’s radius, x = √(r² − h²); h is found from it'],
      },
    ],
  };
}
