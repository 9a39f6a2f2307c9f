import { length, type CurvePoint, type Phrase, type Run } from '@anello/core';
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

/** What one unit in the file is, mm. */
export const UNITS = { mm: 1, inch: 25.4 } as const;
/** The same, or as the file itself says. */
export type FileUnit = keyof typeof UNITS | 'file';

interface End {
  readonly z: number;
  readonly r: number;
}
export interface Stretch {
  readonly from: End;
  readonly to: End;
  readonly radius?: number;
  readonly bulge?: 'out' | 'in';
}

/** Ends this near are the same place, mm. */
const SAME = 0.01;

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

const apart = (a: End, b: End): number => Math.hypot(a.z - b.z, a.r - b.r);
const turned = (s: Stretch): Stretch => ({ ...s, from: s.to, to: s.from });

/** From the end nearest the headstock, always on to the stretch whose end lies nearest; a bridge where none touches. */
function chained(stretches: readonly Stretch[]): { chain: Stretch[]; gaps: End[] } {
  const rest = new Set(stretches);
  const ends = stretches.flatMap((s) => [s.from, s.to]);
  // The headstock end of a profile is an end that nothing else joins, where there is one.
  const loose = ends.filter((e) => ends.filter((other) => apart(e, other) <= SAME).length === 1);
  let here = (loose.length > 0 ? loose : ends).reduce((a, b) => (b.z < a.z ? b : a));
  const chain: Stretch[] = [];
  const gaps: End[] = [];
  while (rest.size > 0) {
    const next = nearest([...rest], here);
    if (chain.length > 0 && apart(next.from, here) > SAME) {
      gaps.push(next.from);
      chain.push({ from: here, to: next.from });
    }
    chain.push(next.stretch.from === next.from ? next.stretch : turned(next.stretch));
    rest.delete(next.stretch);
    here = chain.at(-1)?.to ?? here;
  }
  return { chain, gaps };
}

function nearest(stretches: readonly Stretch[], here: End): { stretch: Stretch; from: End } {
  return stretches
    .flatMap((stretch) => [
      { stretch, from: stretch.from },
      { stretch, from: stretch.to },
    ])
    .reduce((a, b) => (apart(b.from, here) < apart(a.from, here) ? b : a));
}

/** An arc about a centre between two places: which way it bulges, away from the axis or toward it. */
export function arcStretch(from: End, to: End, centre: End): Stretch {
  const middle = { z: (from.z + to.z) / 2, r: (from.r + to.r) / 2 };
  const above = (to.z - from.z) * (centre.r - middle.r) - (to.r - from.r) * (centre.z - middle.z);
  const rightward = to.z >= from.z ? above : -above;
  return { from, to, radius: apart(from, centre), bulge: rightward > 0 ? 'in' : 'out' };
}

/** A profile of straights through the places of a CSV. */
export function readCsv(text: string, unit: FileUnit): ReadProfile {
  const { places, unread } = readPlaces(text, unit === 'inch' ? 'in' : 'mm');
  return {
    points: [...places].sort((a, b) => a.z - b.z),
    left: unread.map(({ line }): Phrase => [`line ${line}`]),
  };
}
