import type { Laid, Placed } from './laid';

const alignsInside = (s: Placed): boolean => s.side === 'internal' && ['bore', 'cylinder'].includes(s.kind);

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
          s.kind === 'taper' ||
          alignsInside(s) ||
          (s.kind === 'thread' && s.side === 'external') ||
          (eccentric && s.kind === 'cylinder'),
      )
      .map((s) => s.id),
  );
}
