import type { CurvePoint } from '../curve/piece';
import type { FormTool, FormToolKind } from './formTool';

/** Metal behind the edge that is drawn, mm. */
const BEHIND = 12;

/**
 * A form tool as it is made, to be drawn: along the edge, and out from its back (a flat tool's depths) or from the disc's
 * middle (its radii); closed. Seen as it meets the work from in front, its foremost place the one that cuts deepest. mm.
 *
 * @example
 * formToolOutline(
 *   formTool({
 *     kind: 'flat',
 *     work: [
 *       { z: 0, r: 10 },
 *       { z: 6, r: 12 },
 *     ],
 *     rake: 0.1,
 *     clearance: 0.15,
 *     toolRadius: 30,
 *   }),
 *   'flat',
 * ).length
 * // → 4
 */
export function formToolOutline(tool: FormTool, kind: FormToolKind): CurvePoint[] {
  const { points } = tool;
  const start = Math.min(...points.map((p) => p.z));
  const deepest = Math.max(...points.map((p) => p.tool));
  const out = (made: number): number => (kind === 'flat' ? BEHIND + deepest - made : made);
  const edge = points.map((p) => ({ z: p.z - start, r: out(p.tool) }));
  const [first, last] = [edge[0], edge.at(-1)];
  return first && last ? [{ z: first.z, r: 0 }, ...edge, { z: last.z, r: 0 }] : [];
}
