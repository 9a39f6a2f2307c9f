import { length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { WIDEST_PLUNGED } from '../../form-tool/usual';
import type { Lathe } from '../../machine/lathe';
import { makeVirtualLathe, type VirtualLathe } from '../../virtual-lathe/makeVirtualLathe';
import type { Outcome } from '../exercise';
import { CARRIAGE, CROSS } from '../knobs';
import { barInChuck, PLAIN_BENCH } from './barInChuck';
import type { Bench, WorkTried } from './bench';

export type PlungeTried = Extract<WorkTried, { kind: 'plunge' }>;

/** Bar before and behind the plunge; and over the deepest bottom where no land says how thick it is, mm. */
const BEFORE = 20;
const BEHIND = 30;
const OVER = 6;
const CLEAR = 4;
const NOSE = 0.2;

/** Why grooves cannot be plunged at the practice lathe; null where they can. */
export function whyNotPlunge({ points, grooves }: PlungeTried): Phrase | null {
  const cutting = grooves.reduce((sum, { width }) => sum + width, 0);
  if (cutting > WIDEST_PLUNGED)
    return ['Together they are wider than ', length(WIDEST_PLUNGED, 1), ': one edge does not plunge them.'];
  if (Math.min(...points.map(({ r }) => r)) <= 0) return ['A bottom must stand clear of the axis.'];
  return null;
}

/** The practice lathe with a bar and a form tool ground to grooves, plunged at once. Its depth is as the grinding left it. */
export function plungeBench(work: PlungeTried, lathe: Lathe): Bench {
  const { points, grooves, width, band } = work;
  const out = Math.ceil(width + BEFORE + BEHIND);
  const start = out - BEFORE - width;
  const radii = points.map(({ r }) => r);
  const deepest = Math.min(...radii);
  const diameter = Math.max(2 * Math.max(...radii), 2 * deepest + OVER);
  const form = points.map(({ z, r }) => ({ z: z - width / 2, back: r - deepest }));
  const bottoms = (made: VirtualLathe): readonly { name: string; is: number; bottom: number }[] => {
    const { outline } = made.reveal();
    return grooves.map(({ name, at, width: wide, bottom }) => ({
      name,
      bottom,
      is: 2 * outline('outside', start + at + wide / 2),
    }));
  };
  return {
    ...PLAIN_BENCH,
    knobs: [CARRIAGE, CROSS],
    line: points.map(({ z, r }) => ({ z: z + start, r })),
    out,
    about: ['formDepth', 'crossLash', 'crossScale', 'compliance'],
    begin(seed, level, faults) {
      const made = makeVirtualLathe({ seed, level, lathe, ...(faults ? { faults } : {}) });
      const at = { x: diameter / 2 + CLEAR, z: start + width / 2 };
      barInChuck(made, { diameter, out }, { nose: NOSE, form }, at);
      return made;
    },
    gone: (made) => bottoms(made).some(({ is, bottom }) => is < bottom - band),
    judge(made): Outcome {
      const lines = bottoms(made).map(({ name, is, bottom }) => ({
        what: `${name}, at its bottom`,
        is: length(is, 0.01),
        wanted: [length(bottom, 0.01), ', give or take ', length(band, 0.01)] as Phrase,
        inside: Math.abs(is - bottom) <= band,
      }));
      return { right: lines.every(({ inside }) => inside), lines };
    },
  };
}
