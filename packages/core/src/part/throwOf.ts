import { AnelloError } from '../basics/error';
import { positive } from '../basics/check';
import { length } from '../figure/figure';

/**
 * The throw of an eccentric from whichever was given: throw, or the whole travel (stroke), twice as much. Errors:
 * underdetermined; out-of-range; inconsistent when both are given and disagree, with by how much.
 */
export function throwOf({
  throw: e,
  travel,
}: {
  throw?: number | undefined;
  travel?: number | undefined;
}): number {
  if (e === undefined && travel === undefined)
    throw new AnelloError('underdetermined', 'throw', 'Still missing: the throw, or the whole travel.');
  positive(
    e ?? travel ?? 0,
    e === undefined ? 'travel' : 'throw',
    e === undefined ? 'The travel' : 'The throw',
  );
  if (e === undefined) return (travel as number) / 2;
  const off = travel === undefined ? 0 : travel - 2 * e;
  if (Math.abs(off) > 1e-6) {
    throw new AnelloError('inconsistent', 'travel', [
      'The travel is twice the throw, ',
      length(2 * e, 0.001),
      '; this is out by ',
      length(Math.abs(off), 0.001),
      '.',
    ]);
  }
  return e;
}
