import { angle, length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { halfAngleFromIndicator } from '../../gauging/halfAngleFromIndicator';
import { nextNudge } from '../../setting/registry';
import { PRACTICE_LATHE } from '../../virtual-lathe/practiceLathe';
import { BAR_TASK } from '../exercises/bar';
import { mean, type Taken } from './taken';

/** Over less travel an angle is not told. */
const LEAST_TRAVEL = 50;
const FEWEST = 3;

export function bar(taken: readonly Taken[]): Phrase {
  const last = taken.at(-1);
  // What was taken before the bar was moved tells of another angle.
  const now = last ? taken.filter((one) => one.bar === last.bar) : [];
  const travel = now.map(({ carriage }) => carriage);
  const span = Math.max(0, ...travel) - Math.min(...travel, Math.max(0, ...travel));
  if (now.length < FEWEST || span < LEAST_TRAVEL)
    return [
      'Run the carriage 10 mm toward the headstock, so that the lash is gone, take the needle there, and again twice on the way over ',
      length(LEAST_TRAVEL, 1),
      ' or more; always the same way.',
    ];
  const [meanAt, meanSeen] = [mean(travel), mean(now.map(({ reading }) => reading))];
  const slope =
    now.reduce((sum, one) => sum + (one.carriage - meanAt) * (one.reading - meanSeen), 0) /
    now.reduce((sum, one) => sum + (one.carriage - meanAt) ** 2, 0);
  const { halfAngle } = halfAngleFromIndicator({ travel: 1, radial: Math.abs(slope), travelAlong: 'axis' });
  if (Math.abs(halfAngle - BAR_TASK.halfAngle) <= BAR_TASK.tolerance.halfAngle / 2)
    return ['It stands at ', angle(halfAngle), ': leave it.'];
  const { amount } = nextNudge('attachment', { task: BAR_TASK, lathe: PRACTICE_LATHE }, halfAngle, span);
  return [
    'It stands at ',
    angle(halfAngle),
    '. Move the bar’s end by ',
    amount,
    halfAngle < BAR_TASK.halfAngle ? ', steeper; ' : ', shallower; ',
    'then go back past where you began and run along it again.',
  ];
}
