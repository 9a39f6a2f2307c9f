import { angle } from '../../figure/figure';
import { seeded } from '../../machine/seeded';
import { taperTolerance } from '../../taper/tolerance';
import type { TaperTask } from '../../taper/task';
import { makeVirtualLathe } from '../../virtual-lathe/makeVirtualLathe';
import { PRACTICE_LATHE } from '../../virtual-lathe/practiceLathe';
import type { Exercise } from '../exercise';
import { CARRIAGE, deviceEnd } from '../knobs';

const RATIO = 1 / 19.922;
const LENGTH = 86;
/** The shank that is to be turned by the bar. */
export const BAR_TASK: TaperTask = {
  member: 'external',
  largeDiameter: 24.076,
  smallDiameter: 24.076 - LENGTH * RATIO,
  length: LENGTH,
  halfAngle: Math.atan(RATIO / 2),
  largeEnd: 'headstock',
  workLength: 150,
  tolerance: taperTolerance({ grade: 'AT8', length: LENGTH }),
};
/** Where the bar’s end is moved, from its pivot, mm. */
const PIVOT = PRACTICE_LATHE.attachment.pivotLength;
/** Its scale is always off by some minutes of arc: there is something to find. */
const MINUTE = Math.PI / 180 / 60;
const LEAST = 3 * MINUTE;
const MOST = 10 * MINUTE;

export const bar: Exercise = {
  id: 'bar',
  title: 'Set a bar by the indicator',
  goal: [
    'Bring the bar to ',
    angle(BAR_TASK.halfAngle),
    ', within ',
    angle(BAR_TASK.tolerance.halfAngle),
    '.',
  ],
  why: 'The scale brings a bar near and no more; the needle run along it tells the angle itself, once its lash is taken up.',
  knobs: [CARRIAGE, deviceEnd('attachment', 'Bar’s end, steeper', PIVOT)],
  reads: [{ needle: 'test-bar' }],
  cuts: false,
  answer: null,
  about: ['barAngle', 'barLash', 'barBow', 'stick', 'lever'],
  begin(seed, level) {
    const uniform = seeded(seed);
    const barAngle = (uniform() < 0.5 ? -1 : 1) * (LEAST + (MOST - LEAST) * uniform());
    const lathe = makeVirtualLathe({ seed, level, faults: { barAngle } });
    lathe.act({ do: 'spindle', turns: 0 });
    lathe.act({ do: 'set', device: 'attachment', to: BAR_TASK.halfAngle });
    lathe.act({ do: 'turn', handle: 'carriage', by: 50 });
    lathe.act({ do: 'engage', on: true });
    lathe.act({ do: 'zero', of: 'needle', on: 'test-bar' });
    return lathe;
  },
  judge(lathe) {
    const stands = lathe.reveal().attachmentAngle;
    const inside = Math.abs(stands - BAR_TASK.halfAngle) <= BAR_TASK.tolerance.halfAngle;
    return {
      right: inside,
      lines: [
        {
          what: 'Angle the bar stands at',
          is: angle(stands),
          wanted: [angle(BAR_TASK.halfAngle), ', give or take ', angle(BAR_TASK.tolerance.halfAngle)],
          inside,
        },
      ],
    };
  },
};
