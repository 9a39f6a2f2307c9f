import { angle, length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import { dialIn } from '../eccentric/dialIn';
import { JAWS } from '../holding/circleFit';
import { trueUp, type JawMove } from '../holding/trueUp';
import { nextInfeed } from '../infeed/nextInfeed';
import { dialOf, radialOf } from '../machine/dialReads';
import { PRACTICE_LATHE } from '../virtual-lathe/practiceLathe';
import type { ExerciseId } from './exercise';
import { halfAngleFromIndicator } from '../gauging/halfAngleFromIndicator';
import { nextNudge } from '../setting/registry';
import { BAR_TASK } from './exercises/bar';
import { TRUE_WITHIN } from './exercises/fourJaw';
import { THROW } from './exercises/throw';
import { SIZE } from './exercises/toSize';

/** A reading as it was taken: by needle or micrometer, with what the dials showed then. */
export interface Taken {
  readonly reading: number;
  readonly cross: number;
  /** The spindle, rad from jaw 1. */
  readonly spindle: number;
  /** The carriage, and how far the bar's end was moved by then, mm. */
  readonly carriage: number;
  readonly bar: number;
}

const QUARTER = Math.PI / 2;
/** Turned this near to a jaw it is read at that jaw, rad. */
const AT_JAW = 0.2;

function atJaws(taken: readonly Taken[]): (number | null)[] {
  return [0, 1, 2, 3].map((jaw) => {
    const here = taken.filter(({ spindle }) => {
      const off = spindle - jaw * QUARTER;
      return Math.abs(Math.atan2(Math.sin(off), Math.cos(off))) < AT_JAW;
    });
    return here.at(-1)?.reading ?? null;
  });
}

function fourJaw(taken: readonly Taken[]): Phrase {
  const readings = atJaws(taken);
  const missing = readings.filter((r) => r === null).length;
  if (missing === readings.length)
    return ['Turn the spindle to jaw 1 and take the needle, then to each of the others.'];
  const { moves, said, inside, readNext } = trueUp({
    readings,
    limit: TRUE_WITHIN,
    school: 'half',
    resolution: 0.001,
  });
  if (inside) return said;
  if (readNext !== null) return ['Take it at jaw ', String(readNext), ' next.'];
  return moved(moves);
}

const moved = (moves: readonly JawMove[]): Phrase =>
  moves.flatMap(({ jaw, action, by }, i): Phrase => [
    i === 0 ? '' : ', then ',
    i === 0 ? (action === 'loosen' ? 'Loosen' : 'Tighten') : action,
    ` jaw ${jaw} by `,
    length(by, 0.01),
  ]);

function offAxis(taken: readonly Taken[]): Phrase {
  const readings = atJaws(taken);
  const read = readings.flatMap((reading, i) =>
    reading === null ? [] : [{ reading, direction: JAWS[i] as number }],
  );
  if (read.length < readings.length)
    return [`Turn the spindle to jaw ${readings.indexOf(null) + 1} and take the needle there.`];
  const { moves, said, inside } = dialIn({
    readings: read,
    throw: THROW.wanted,
    toward: 1,
    limit: THROW.limit,
    diameter: THROW.diameter,
    resolution: 0.001,
  });
  return inside ? said : moved(moves);
}

/** Over less travel an angle is not told. */
const LEAST_TRAVEL = 50;
const FEWEST = 3;

function barAdvice(taken: readonly Taken[]): Phrase {
  const last = taken.at(-1);
  // What was taken before the bar was moved tells of another angle.
  const now = last ? taken.filter((one) => one.bar === last.bar) : [];
  const travel = now.map(({ carriage }) => carriage);
  const span = Math.max(0, ...travel) - Math.min(...travel, Math.max(0, ...travel));
  if (now.length < FEWEST || span < LEAST_TRAVEL)
    return [
      'Run the carriage 10 mm toward the headstock, so that the lash is gone, take the needle there, and again twice on the way over ',
      length(LEAST_TRAVEL, 1),
      ' or more; always the same way.',
    ];
  const [meanAt, meanSeen] = [mean(travel), mean(now.map(({ reading }) => reading))];
  const slope =
    now.reduce((sum, one) => sum + (one.carriage - meanAt) * (one.reading - meanSeen), 0) /
    now.reduce((sum, one) => sum + (one.carriage - meanAt) ** 2, 0);
  const { halfAngle } = halfAngleFromIndicator({ travel: 1, radial: Math.abs(slope), travelAlong: 'axis' });
  if (Math.abs(halfAngle - BAR_TASK.halfAngle) <= BAR_TASK.tolerance.halfAngle / 2)
    return ['It stands at ', angle(halfAngle), ': leave it.'];
  const { amount } = nextNudge('attachment', { task: BAR_TASK, lathe: PRACTICE_LATHE }, halfAngle, span);
  return [
    'It stands at ',
    angle(halfAngle),
    '. Move the bar’s end by ',
    amount,
    halfAngle < BAR_TASK.halfAngle ? ', steeper; ' : ', shallower; ',
    'then go back past where you began and run along it again.',
  ];
}
const mean = (of: readonly number[]): number => of.reduce((a, b) => a + b, 0) / of.length;

function lash(taken: readonly Taken[]): Phrase {
  const [before, last] = taken.slice(-2);
  if (!last)
    return [
      'Turn in until the needle moves, and take it: that is where the dial stands with the lash taken up.',
    ];
  if (!before)
    return ['Now turn back, a little at a time, until the needle first moves the other way; take it there.'];
  return [
    'Between the last two the dial turned ',
    length(Math.abs(last.cross - before.cross), 0.01),
    '. If the needle had only just begun to move, that is the lash.',
  ];
}

const MIDDLE = (SIZE.least + SIZE.most) / 2;
const BAND = (SIZE.most - SIZE.least) / 4;
const RISK = 0.01;
const DEEPEST = 0.75;
/** A micrometer's plus or minus (k = 2) on radius. */
const READ = 0.0016;

function toSize(taken: readonly Taken[]): Phrase {
  const { reads, division } = PRACTICE_LATHE.dial;
  const last = taken.at(-1);
  if (!last)
    return [
      'Feed in until it just cuts, run along it, and measure: from then on the dial is known against the work.',
    ];
  const stock = (last.reading - MIDDLE) / 2;
  if (last.reading >= SIZE.least && last.reading <= SIZE.most)
    return ['It is inside its limits as measured: let it cool, and measure once more.'];
  if (last.reading < SIZE.least) return ['It has gone under its limits.'];
  const said = nextInfeed({
    passes: taken.slice(1).map((one, i) => ({
      infeed: radialOf(one.cross - (taken[i] as Taken).cross, reads),
      removed: ((taken[i] as Taken).reading - one.reading) / 2,
    })),
    target: stock + BAND,
    tolerance: 2 * BAND,
    risk: RISK,
    uncertainty: READ,
    division: radialOf(division, reads) / 4,
  });
  if (said.move === 'cut' || said.move === 'spring-pass')
    return [
      'Feed the dial to ',
      length(last.cross + dialOf(Math.min(DEEPEST, said.infeed), reads), 0.005),
      ', run along it, and measure.',
    ];
  return said.move === 'measure'
    ? ['Measure once more before another cut.']
    : ['Feed no more by the dial until slide, dial and tool have been looked at.'];
}

const ADVICE: Readonly<Record<ExerciseId, (taken: readonly Taken[]) => Phrase>> = {
  'four-jaw': fourJaw,
  lash,
  bar: barAdvice,
  'to-size': toSize,
  throw: offAxis,
};

/**
 * What the cards say at an exercise, from what was taken so far and nothing else. Errors: as the functions of the cards.
 *
 * @example
 * adviceOn(
 *   'lash',
 *   [0.1, -0.05].map((cross) => ({ reading: 0, cross, spindle: 0, carriage: 0, bar: 0 })),
 * )[1]
 * // → { quantity: 'length', value: 0.15, resolution: 0.01 }
 */
export const adviceOn = (id: ExerciseId, taken: readonly Taken[]): Phrase => ADVICE[id](taken);
