import { quadtree, type Quadtree } from 'd3-quadtree';

export interface End {
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

/** An end of a stretch, where it lies among the others. */
interface Loose {
  readonly index: number;
  readonly stretch: Stretch;
  readonly end: End;
}
type Ends = Quadtree<Loose>;

/**
 * Stretches in any order and either way round put end to end: from the end nearest the headstock, always on to the
 * stretch whose end lies nearest, with a bridge where none touches; and where the bridges are. mm.
 */
export function chained(stretches: readonly Stretch[]): { chain: Stretch[]; gaps: End[] } {
  const all = stretches.flatMap((stretch, index) => [
    { index, stretch, end: stretch.from },
    { index, stretch, end: stretch.to },
  ]);
  const ends: Ends = quadtree(
    all,
    ({ end }) => end.z,
    ({ end }) => end.r,
  );
  let here = startOf(all, ends);
  const chain: Stretch[] = [];
  const gaps: End[] = [];
  for (let next = nearest(ends, here); next; next = nearest(ends, here)) {
    if (chain.length > 0 && apart(next.end, here) > SAME) {
      gaps.push(next.end);
      chain.push({ from: here, to: next.end });
    }
    const { stretch, end } = next;
    chain.push(stretch.from === end ? stretch : { ...stretch, from: stretch.to, to: stretch.from });
    for (const one of [all[2 * next.index], all[2 * next.index + 1]]) if (one) ends.remove(one);
    here = chain.at(-1)?.to ?? here;
  }
  return { chain, gaps };
}

const apart = (a: End, b: End): number => Math.hypot(a.z - b.z, a.r - b.r);

/** The headstock end of a profile is an end that nothing else joins, where there is one. */
function startOf(all: readonly Loose[], ends: Ends): End {
  const alone = all.filter((one) => {
    ends.remove(one);
    const joins = ends.find(one.end.z, one.end.r, SAME);
    ends.add(one);
    return !joins;
  });
  return (alone.length > 0 ? alone : all).reduce((a, b) => (b.end.z < a.end.z ? b : a)).end;
}

/** The nearest end; of several as near the one that stands first in the file, so that a file is always read one way. */
function nearest(ends: Ends, here: End): Loose | undefined {
  const found: Loose[] = [];
  let reach = Infinity;
  for (let one = ends.find(here.z, here.r, reach); one; one = ends.find(here.z, here.r, reach)) {
    found.push(one);
    reach = apart(found[0]!.end, here) + 1e-9;
    ends.remove(one);
  }
  ends.addAll(found);
  return found.reduce<Loose | undefined>((a, b) => (a && a.index <= b.index ? a : b), undefined);
}

/** An arc about a centre between two places: which way it bulges, away from the axis or toward it. */
export function arcStretch(from: End, to: End, centre: End): Stretch {
  const middle = { z: (from.z + to.z) / 2, r: (from.r + to.r) / 2 };
  const above = (to.z - from.z) * (centre.r - middle.r) - (to.r - from.r) * (centre.z - middle.z);
  const rightward = to.z >= from.z ? above : -above;
  return { from, to, radius: apart(from, centre), bulge: rightward > 0 ? 'in' : 'out' };
}
