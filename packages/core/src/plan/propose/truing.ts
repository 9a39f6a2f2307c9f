import { sharesAxis } from '../piece/axis';
import { kindOfHolding } from '../holdings/registry';
import { attempted } from '../operations/attempted';
import { limitsOf } from '../../part/limitsOf';
import { heldOn } from '../operations/goesOn';
import type { Placed } from '../piece/laid';
import type { Holding } from '../piece/line';
import type { Piece } from '../piece/piece';
import { needleReaches, underJaws } from '../piece/reach';
import { CLOSE, TRUE_REST, TRUE_SHARED } from '../piece/usual';
import type { Shell } from '../holdings/shell';
import { isCylinder, isEccentric, isThread } from '../../part/kinds/is';
import { featureKind } from '../../part/kinds/registry';

/**
 * What is clocked in a holding so that what is cut in it shares the axis of what was cut before; nothing where it does
 * not matter; null where it matters and there is nothing to clock, or nothing that could be moved by it.
 */
export function truing(
  piece: Piece,
  shell: Shell,
  work: readonly Placed[],
): { readonly trueTo: Holding['trueTo'] } | null {
  const shared = sharesAxis(piece.laid);
  const earlier = new Set([...shared].flatMap((id) => piece.done.get(id) ?? []));
  const matters = earlier.size > 0 && work.some((s) => shared.has(s.id));
  if (work.some(isEccentric)) return setOver(piece, shell);
  const { jaws, keepsAxis, clocks } = kindOfHolding(shell.by);
  if (keepsAxis?.(piece, shell)) return { trueTo: undefined };
  const on = heldOn(piece, shell);
  // A three-jaw puts work where its scroll does: what must share an axis wants jaws that are set, or were not opened.
  if (matters && shell.on !== 'finished' && jaws && !on) return null;
  const clocked = clocks ? clocks(piece, shell) : best(piece, shell, matters ? earlier : null);
  if (matters && (!clocked || !earlier.has(piece.done.get(clocked.id) ?? ''))) return null;
  if (!matters && (on || shell.on !== 'finished' || !clocked)) return { trueTo: undefined };
  if (!clocked) return { trueTo: undefined };
  const limit = matters || fitTogether(piece, clocked, work) ? TRUE_SHARED : TRUE_REST;
  return { trueTo: { feature: clocked.id, limit } };
}

/** A seat is cut to run with another that was cut where the clocked one was: journals of a shaft, a bush in and out. */
function fitTogether({ laid, done }: Piece, clocked: Placed, work: readonly Placed[]): boolean {
  const where = done.get(clocked.id);
  return work.some(isSeat) && laid.sections.some((s) => done.get(s.id) === where && isSeat(s));
}

/** Something turns in it, on it, or is pressed there: its limits are a fit's, or as close. */
function isSeat({ feature }: Placed): boolean {
  const limits = attempted(() => limitsOf(feature));
  return limits !== null && limits.by !== 'general' && limits.most - limits.least <= CLOSE;
}

/** A throw is counted from the part's own axis: from what was cut on it, where anything was. */
function setOver(piece: Piece, shell: Shell): { readonly trueTo: Holding['trueTo'] } {
  const clocked = best(piece, shell, null);
  return { trueTo: clocked ? { feature: clocked.id, limit: TRUE_SHARED } : undefined };
}

/** The best thing to clock: outside and clear of the jaws, then long, then a hole that opens this way. */
function best(piece: Piece, shell: Shell, earlier: ReadonlySet<string> | null): Placed | undefined {
  const seen = piece.laid.sections.filter((s) => {
    const where = piece.done.get(s.id);
    if (where === undefined || where === 'bar' || !featureKind(s.kind).runsTrue === true) return false;
    if (earlier && !earlier.has(where)) return false;
    return needleReaches(shell, s);
  });
  const worth = (s: Placed): number =>
    (isThread(s) ? -2000 : 0) +
    (s.side === 'external' ? 1000 : 0) -
    (underJaws(shell, s) ? 500 : 0) +
    (isCylinder(s) ? 200 : 0) +
    (s.z1 - s.z0) / 100;
  return [...seen].sort((a, b) => worth(b) - worth(a))[0];
}
