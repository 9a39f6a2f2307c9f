import { AnelloError } from '../basics/error';
import { finite, notNegative, positive } from '../basics/check';

/**
 * Angle of advance (rad) of a valve eccentric beyond square to the crank: asin((lap + lead) / throw), mm.
 * Errors: impossible when lap and lead together exceed the throw. Source: the valve stands lap plus lead
 * from its middle at dead centre.
 *
 * @example
 * valveAdvance({ throw: 4.75, lap: 2, lead: 0.2 }).angle
 * // → 0.481555
 */
export function valveAdvance({ throw: e, lap, lead }: { throw: number; lap: number; lead: number }): {
  angle: number;
} {
  positive(e, 'throw', 'The throw');
  const off = notNegative(lap, 'lap', 'The lap') + finite(lead, 'lead');
  if (Math.abs(off) > e)
    throw new AnelloError('impossible', 'lap', 'Lap and lead together are more than the throw.');
  return { angle: Math.asin(off / e) };
}
