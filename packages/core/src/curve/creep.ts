import { AnelloError } from '../basics/error';
import { leastSquares } from '../basics/linear';
import type { TracerTemplate } from './tracerTemplate';

export interface Creep {
  /** How far the paper has moved toward the tailstock, mm; null where the places read cannot tell. */
  readonly along: number | null;
  /** And away from the axis, on radius, mm. */
  readonly across: number;
  /** Where the part is put furthest out, and by how much on diameter: larger than nothing is too large. */
  readonly worst: { readonly z: number; readonly off: number };
  /** It lies where it lay, as near as anybody sets a paper. */
  readonly still: boolean;
  /** What the places read do not agree about, on radius, mm. */
  readonly left: number;
}

/** Nearer than this nobody sets a paper, mm. */
const STILL = 0.05;
/** Places whose lines lean alike, within this, cannot tell along from across. */
const TELLS = 0.05;

/**
 * How a full-size drawing has crept since it was lined up: its check points read again (the tip's distance from the axis,
 * mm; null where one was not read) against what they were. A paper moved along by a, across by c changes the figure by
 * c − a times the line's slope there. Errors: underdetermined with none read.
 *
 * @example
 * creepFound({ template: TEMPLATE, read: TEMPLATE.checks.map((check) => check.tip + 0.05) }).across
 * // → 0.05
 */
export function creepFound({
  template,
  read,
}: {
  template: Pick<TracerTemplate, 'checks' | 'line'>;
  read: readonly (number | null)[];
}): Creep {
  const rows = template.checks.flatMap((check, i) => {
    const seen = read[i];
    return seen === null || seen === undefined
      ? []
      : [{ slope: check.slope, change: seen - check.tip, z: check.z }];
  });
  if (rows.length === 0)
    throw new AnelloError('underdetermined', 'read', 'Read one check point again at least.');
  const slopes = rows.map((r) => r.slope);
  const tells = Math.max(...slopes) - Math.min(...slopes) > TELLS;
  const size = tells ? 2 : 1;
  const equations = rows.map(({ slope, change }) => ({ terms: [1, -slope].slice(0, size), value: change }));
  const [across = 0, along = 0] = leastSquares(equations, size);
  const out = (slope: number): number => across - along * slope;
  const { line } = template;
  const places = line.slice(1).map((p, i) => {
    const before = line[i] ?? p;
    return { z: p.z, off: 2 * out((p.r - before.r) / (p.z - before.z || 1)) };
  });
  const worst = places.reduce((a, b) => (Math.abs(b.off) > Math.abs(a.off) ? b : a), { z: 0, off: 0 });
  return {
    along: tells ? along : null,
    across,
    worst,
    still: Math.abs(along) < STILL && Math.abs(worst.off) < STILL,
    left: Math.max(...rows.map((r) => Math.abs(r.change - out(r.slope)))),
  };
}
