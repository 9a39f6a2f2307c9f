import type { Laid, Placed } from './laid';
import { isBore, isCylinder, isTaper, isThread } from '../../part/kinds/is';

const alignsInside = (s: Placed): boolean => s.side === 'internal' && (isBore(s) || isCylinder(s));

/**
 * The features that must share one axis: the tapers of a part, the bores and seats beside them, and an outside thread,
 * whose nut pulls square only on the axis of the seat it closes; and where something runs off the axis, the rounds it is
 * off from. None where the part has neither.
 */
export function sharesAxis({ sections }: Laid): ReadonlySet<string> {
  const has = (kind: Placed['kind']): boolean => sections.some((s) => s.kind === kind);
  const eccentric = has('eccentric');
  if (!has('taper') && !eccentric) return new Set();
  return new Set(
    sections
      .filter(
        (s) =>
          isTaper(s) ||
          alignsInside(s) ||
          (isThread(s) && s.side === 'external') ||
          (eccentric && isCylinder(s)),
      )
      .map((s) => s.id),
  );
}
