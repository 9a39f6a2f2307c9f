import { length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { radialOf } from '../../machine/dialReads';
import { PRACTICE_LATHE } from '../../virtual-lathe/practiceLathe';
import { mean, type Taken } from './taken';

/** More than this is no unrest of a needle, mm; and a slope off by more than this no lash taken up late. */
const SEEN = 0.006;
const OFF = 0.003;
/** Of the dial, one way, and how many readings on it. */
const RUN = 8;
const FEWEST = 5;
const { reads } = PRACTICE_LATHE.dial;

/** Each look in turn, the one that nothing else can be taken for first. */
export function find(taken: readonly Taken[]): Phrase {
  const swing = spindleSwing(taken);
  if (swing === null)
    return [
      'Take the needle, turn the spindle half round by hand, and take it again: the slide stands still.',
    ];
  if (swing > SEEN) return ['It swings ', length(swing, 0.001), ' with the spindle: it is the spindle.'];
  const run = oneWay(taken);
  if (run.length < FEWEST || Math.abs(run.at(-1)!.cross - run[0]!.cross) < RUN)
    return [
      'Not the spindle. Now run the cross-slide one way, 1 mm of its dial at a time over ',
      length(RUN, 1),
      ', and take the needle at each.',
    ];
  const { slope, worst } = line(run);
  if (worst > SEEN)
    return ['It goes up and down by ', length(worst, 0.001), ' on the way: it swings with its screw.'];
  if (Math.abs(slope - 1) > OFF)
    return [
      'For each 1 mm the dial promises it moves ',
      length(slope, 0.001),
      ': the dial does not tell the truth.',
    ];
  const back = taken.at(-1) as Taken;
  const before = taken.at(-2) as Taken;
  const [dial, seen] = [radialOf(back.cross - before.cross, reads), back.reading - before.reading];
  if (Math.sign(dial) === Math.sign(run.at(-1)!.cross - run[0]!.cross) || dial === 0)
    return ['Straight and true one way. Now turn back by 1 mm of the dial and take it.'];
  const lost = Math.abs(dial) - Math.abs(seen);
  return lost > SEEN
    ? ['Turned back, ', length(lost, 0.001), ' of the dial’s way are lost: it is lash.']
    : ['None of the looks shows anything. Begin again, and take smaller steps.'];
}

/** Between readings of one place of the slide; null while the spindle was not turned at any. */
function spindleSwing(taken: readonly Taken[]): number | null {
  const swings = taken.flatMap((a) => {
    const here = taken.filter((b) => Math.abs(b.cross - a.cross) < 1e-6);
    if (new Set(here.map(({ spindle }) => Math.round(spindle * 10))).size < 2) return [];
    const readings = here.map(({ reading }) => reading);
    return [Math.max(...readings) - Math.min(...readings)];
  });
  return swings.length > 0 ? Math.max(...swings) : null;
}

/** The longest stretch in which the cross-slide went one way. */
function oneWay(taken: readonly Taken[]): readonly Taken[] {
  let best: Taken[] = [];
  for (const way of [1, -1]) {
    let now: Taken[] = [];
    for (const one of taken) {
      const last = now.at(-1);
      if (last && way * (one.cross - last.cross) < -1e-6) now = [];
      now.push(one);
      if (now.length > best.length) best = [...now];
    }
  }
  return best;
}

function line(run: readonly Taken[]): { readonly slope: number; readonly worst: number } {
  const x = run.map(({ cross }) => radialOf(cross, reads));
  const y = run.map(({ reading }) => reading);
  const [mx, my] = [mean(x), mean(y)];
  const slope =
    x.reduce((sum, at, i) => sum + (at - mx) * ((y[i] as number) - my), 0) /
    x.reduce((sum, at) => sum + (at - mx) ** 2, 0);
  const off = x.map((at, i) => (y[i] as number) - my - slope * (at - mx));
  return { slope, worst: Math.max(...off) - Math.min(...off) };
}
