import { workSchema, type Work } from './schema';
import { isTaper } from '@anello/core/part';

/** What each kind of work takes over from an earlier one: how it is made, never what it fits, how good, or how big. */
const TAKEN: { readonly [K in Work['kind']]: readonly string[] } = {
  taper: ['way', 'cut', 'sizing'],
  eccentric: ['way', 'limit', 'jaws', 'packing', 'grooveTool', 'partTool', 'clear', 'screw'],
  curve: ['way', 'nose', 'stylus', 'ridge', 'allowance', 'of', 'flank', 'tool', 'rake', 'clearance', 'wall'],
};

/**
 * A shape's work begun from an earlier job's: its way, school and cut as they were there, on this job's lathe and for its own
 * figure. Null where the earlier one is no work of the same kind, or said nothing of a way.
 */
export function startedFrom(
  own: Work,
  earlier: unknown,
  here: { readonly machineId: string; readonly halfAngle: number | null },
): Work | null {
  const read = workSchema.safeParse(earlier);
  if (!read.success || read.data.kind !== own.kind || !read.data.way) return null;
  const then = read.data as unknown as Record<string, unknown>;
  const taken = Object.fromEntries(
    TAKEN[own.kind].flatMap((key) => (then[key] === undefined ? [] : [[key, then[key]]])),
  );
  const next = { ...own, ...taken } as Work;
  if (!isTaper(next) || !isTaper(own) || !next.way) return next;
  const { stock: _of, ...cut } = next.cut;
  return {
    ...next,
    way: { ...next.way, machineId: here.machineId, halfAngle: here.halfAngle ?? next.way.halfAngle },
    // The bar over this one is its own.
    cut: { ...cut, ...(own.cut.stock ? { stock: own.cut.stock } : {}) },
  };
}
