import { length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import type { CurvePoint } from '../../curve/piece';
import type { Lathe } from '../../machine/lathe';
import { makeVirtualLathe } from '../../virtual-lathe/makeVirtualLathe';
import { goneUnder, judgeLine } from '../alongLine';
import { CARRIAGE, CROSS, SPINDLE } from '../knobs';
import { barInChuck, PLAIN_BENCH } from './barInChuck';
import type { Bench, WorkTried } from './bench';

export type CurveTried = Extract<WorkTried, { kind: 'curve' }>;

/** Bar over the curve's largest, and behind its end at the headstock, mm. */
const OVER = 2;
const BEHIND = 40;
/** The nose is drawn so far clear of the bar, and past its end. */
const CLEAR = 6;
/** A longer one is out of both handles' reach. */
const LONGEST = 250;
/** So thin it would bend away before the edge. */
const THINNEST = 2;

/** Why a curve cannot be followed at the practice lathe; null where it can. */
export function whyNotCurve({ points }: CurveTried): Phrase | null {
  const radii = points.map(({ r }) => r);
  if (points.length < 2 || span(points) <= 0) return ['It has no length to be followed along.'];
  if (span(points) > LONGEST)
    return ['It is longer than ', length(LONGEST, 1), ': the two handles do not reach.'];
  if (Math.min(...radii) < THINNEST)
    return [
      'It comes down to less than ',
      length(2 * THINNEST, 1),
      ' in diameter, and would bend away from the edge.',
    ];
  return null;
}
const span = (points: readonly CurvePoint[]): number => (points.at(-1)?.z ?? 0) - (points[0]?.z ?? 0);

/** The practice lathe with a bar and a round nose, for a curve by both handles; its tailstock end at the bar's free end. */
export function curveBench(work: CurveTried, lathe: Lathe): Bench {
  const { points, nose, limit } = work;
  const out = Math.ceil(span(points) + BEHIND);
  const shift = out - (points.at(-1) as CurvePoint).z;
  const line = points.map(({ z, r }) => ({ z: z + shift, r }));
  const followed = { line, above: limit, below: limit };
  const diameter = Math.ceil(2 * Math.max(...points.map(({ r }) => r)) + OVER);
  return {
    ...PLAIN_BENCH,
    knobs: [CARRIAGE, CROSS, SPINDLE],
    line,
    out,
    about: ['crossLash', 'carriageLash', 'crossScale', 'compliance'],
    begin(seed, level, faults) {
      const made = makeVirtualLathe({ seed, level, lathe, ...(faults ? { faults } : {}) });
      const at = { x: diameter / 2 + CLEAR, z: out + CLEAR + nose };
      barInChuck(made, { diameter, out }, { nose }, at);
      return made;
    },
    gone: (made) => goneUnder(followed, made),
    judge: (made) => judgeLine(followed, made),
  };
}
