import type { Run } from '@anello/core';

/** A point of a profile as a file gives it: mm, diameter. */
export interface ReadPoint {
  readonly z: number;
  readonly diameter: number;
  readonly run?: Run;
  readonly radius?: number;
  readonly bulge?: 'out' | 'in';
}

export interface ReadProfile {
  readonly points: readonly ReadPoint[];
  /** What stood in the file and could not be taken over, in words. */
  readonly left: readonly string[];
}

/** Which way a file's own axes lie: the part's axis along x, or along y. */
export type AxisAlong = 'x' | 'y';
/** What one unit in the file is, mm. */
export const UNITS = { mm: 1, inch: 25.4 } as const;
export type FileUnit = keyof typeof UNITS;

interface Stretch {
  readonly from: { readonly z: number; readonly r: number };
  readonly to: { readonly z: number; readonly r: number };
  readonly radius?: number;
  readonly bulge?: 'out' | 'in';
}

/** Ends this near are the same place, mm. */
const SAME = 0.01;

/** Stretches in any order and either way round, put end to end from the headstock; what does not join is said. */
export function joined(stretches: readonly Stretch[], left: readonly string[]): ReadProfile {
  const along = stretches
    .map((s) => (s.from.z <= s.to.z ? s : turned(s)))
    .sort((a, b) => a.from.z - b.from.z || a.from.r - b.from.r);
  const [first] = along;
  if (!first)
    return { points: [], left: [...left, 'nothing that can be turned: lines, arcs and polylines are'] };
  const start = first.from.z;
  const points: ReadPoint[] = [{ z: 0, diameter: 2 * first.from.r }];
  const gaps: string[] = [];
  for (const s of along) {
    const before = points.at(-1) as ReadPoint;
    if (Math.hypot(s.from.z - start - before.z, s.from.r - before.diameter / 2) > SAME) {
      gaps.push(`a gap at ${(s.from.z - start).toFixed(2)} mm, bridged straight`);
      points.push({ z: s.from.z - start, diameter: 2 * s.from.r });
    }
    points.push({
      z: s.to.z - start,
      diameter: 2 * s.to.r,
      ...(s.radius ? { run: 'arc' as const, radius: s.radius, bulge: s.bulge ?? ('out' as const) } : {}),
    });
  }
  return { points, left: [...left, ...gaps] };
}

const turned = (s: Stretch): Stretch => ({ ...s, from: s.to, to: s.from });

/** An arc about a centre between two places: which way it bulges, away from the axis or toward it. */
export function arcStretch(
  from: Stretch['from'],
  to: Stretch['to'],
  centre: { z: number; r: number },
): Stretch {
  const middle = { z: (from.z + to.z) / 2, r: (from.r + to.r) / 2 };
  const above = (to.z - from.z) * (centre.r - middle.r) - (to.r - from.r) * (centre.z - middle.z);
  const rightward = to.z >= from.z ? above : -above;
  return {
    from,
    to,
    radius: Math.hypot(from.z - centre.z, from.r - centre.r),
    bulge: rightward > 0 ? 'in' : 'out',
  };
}

/** Places from CSV: along and diameter in the first two columns, a heading allowed. Errors are said by their line. */
export async function readCsv(text: string, unit: FileUnit): Promise<ReadProfile> {
  const { csvParseRows } = await import('d3-dsv');
  const points: ReadPoint[] = [];
  const left: string[] = [];
  csvParseRows(text.replace(/;/g, ',')).forEach((cells, i) => {
    const [z, diameter] = cells.slice(0, 2).map((c) => (c.trim() === '' ? Number.NaN : Number(c)));
    if (z !== undefined && diameter !== undefined && Number.isFinite(z) && Number.isFinite(diameter))
      points.push({ z: z * UNITS[unit], diameter: diameter * UNITS[unit] });
    else if (i > 0 && cells.some((c) => c.trim() !== '')) left.push(`line ${i + 1}`);
  });
  return { points: points.sort((a, b) => a.z - b.z), left };
}
