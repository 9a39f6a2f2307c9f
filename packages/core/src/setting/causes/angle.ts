import { angle as angleFigure } from '../../figure/figure';
import { ON_DIAMETER, type Cause } from './kind';

/** The device stands at another angle than the part wants. */
export const angle: Cause = ({ nudge, halfAngle, task }) =>
  nudge && {
    id: 'angle',
    what: ['It stands at ', angleFigure(halfAngle), ', not at ', angleFigure(task.halfAngle)],
    costs: ON_DIAMETER * task.length * Math.abs(Math.tan(halfAngle) - Math.tan(task.halfAngle)),
    todo: ['Move it by ', nudge.amount, ` ${nudge.place}, ${nudge.direction}`],
    check: [
      'Sweep half the travel: an angle shows half as much there, a handle that was bumped shows all of it',
    ],
  };
