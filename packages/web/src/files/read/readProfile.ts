import type { CurvePoint, Run } from '@anello/core/curve';
import { length, type Phrase } from '@anello/core/figure';
import { chained, type Stretch } from './chain';
import { readPlaces, type ReadPlace } from './readPlaces';

/** A point of a profile as a file gives it: mm, diameter. */
export interface ReadPoint extends ReadPlace {
  readonly run?: Run | undefined;
  readonly radius?: number | undefined;
  readonly bulge?: 'out' | 'in' | undefined;
  /** A third point of an arc. */
  readonly via?: CurvePoint | undefined;
}

export interface ReadProfile {
  readonly points: readonly ReadPoint[];
  /** What stood in the file and could not be taken over. */
  readonly left: readonly Phrase[];
  /** What was taken for the axis. */
  readonly taken?: Phrase;
}

/** Told how much of a file has been read, 0 to 1. */
export type Tell = (part: number) => void;

/** What one unit in the file is, mm. */
export const UNITS = { mm: 1, inch: 25.4 } as const;
/** The same, or as the file itself says. */
export type FileUnit = keyof typeof UNITS | 'file';

/** Stretches in any order and either way round, put end to end from the headstock; what does not join is said. */
export function joined(stretches: readonly Stretch[], left: readonly Phrase[]): ReadProfile {
  if (stretches.length === 0)
    return {
      points: [],
      left: [...left, ['nothing that can be turned: lines, arcs, ellipses, splines and paths are']],
    };
  const { chain, gaps } = chained(stretches);
  const start = chain[0]?.from ?? { z: 0, r: 0 };
  const points: ReadPoint[] = [{ z: 0, diameter: 2 * start.r }];
  for (const s of chain)
    points.push({
      z: s.to.z - start.z,
      diameter: 2 * s.to.r,
      ...(s.radius ? { run: 'arc' as const, radius: s.radius, bulge: s.bulge ?? ('out' as const) } : {}),
    });
  const said = gaps.map((gap): Phrase => ['a gap at ', length(gap.z - start.z, 0.01), ', bridged straight']);
  return { points, left: [...left, ...said] };
}

/** A profile of straights through the places of a CSV. */
export function readCsv(text: string, unit: FileUnit): ReadProfile {
  const { places, unread } = readPlaces(text, unit === 'inch' ? 'in' : 'mm');
  return {
    points: [...places].sort((a, b) => a.z - b.z),
    left: unread.map(({ line }): Phrase => [`line ${line}`]),
  };
}
