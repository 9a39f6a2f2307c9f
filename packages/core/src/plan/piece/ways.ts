import { AnelloError } from '../../basics/error';
import { taperOfPart, type TaperOfPart } from '../../part/taperTask';
import { USUAL_TOLERANCE } from '../../taper/usual';
import { WAY_IDS, type WayId } from '../../taper/wayId';
import { compareWays } from '../../ways/taper/choose';
import { plungesCurve } from '../../ways/curve/way';
import { wayOf } from '../../ways/taper/registry';
import type { Laid, Placed } from './laid';

export interface PlannedTaper extends TaperOfPart {
  /** As chosen, or as recommended on this lathe; null when no way here can make it. */
  readonly way: WayId | null;
  /** The same where nothing is held between centres. */
  readonly offCentres: WayId | null;
}

const isWayId = (text: string): text is WayId => (WAY_IDS as readonly string[]).includes(text);

const known = new WeakMap<Laid, Map<string, PlannedTaper>>();

/** A taper of the part as a task, with the way it is made. Errors: out-of-range for a way there is not. */
export function plannedTaper(laid: Laid, { id }: Placed): PlannedTaper {
  const tapers = known.get(laid) ?? new Map<string, PlannedTaper>();
  known.set(laid, tapers);
  const before = tapers.get(id);
  if (before) return before;
  const { features, lathe, kit, ways, tolerances } = laid.part;
  const taper = taperOfPart(features, tolerances?.[id] ?? { grade: USUAL_TOLERANCE.grade }, id);
  if (!taper) throw new AnelloError('internal', null, 'A taper of the plan is not in the part.');
  const chosen = ways?.[id];
  if (chosen !== undefined && !isWayId(chosen))
    throw new AnelloError('out-of-range', `ways.${id}`, 'There is no such way of making a taper.');
  const planned = { ...taper, ...(chosen ? { way: chosen, offCentres: chosen } : recommended()) };
  tapers.set(id, planned);
  return planned;

  function recommended(): Pick<PlannedTaper, 'way' | 'offCentres'> {
    const { assessments, recommended: way } = compareWays({
      task: (taper as TaperOfPart).task,
      lathe,
      kit,
      stillSet: [],
    });
    if (way !== null && !wayOf(way).betweenCentres) return { way, offCentres: way };
    const other = assessments.find((a) => a.blockers.length === 0 && !wayOf(a.id).betweenCentres);
    return { way, offCentres: other?.id ?? null };
  }
}

/** Whether a feature is to be plunged by a tool of its own shape. */
export const isPlunged = ({ part: { ways } }: Laid, { id }: Placed): boolean => plungesCurve(ways?.[id]);
