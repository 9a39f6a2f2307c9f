import { dialIn } from '@anello/core/eccentric';
import { JAWS, trueUp, type JawMove } from '@anello/core/holding';
import { makeVirtualLathe, type VirtualLathe } from '@anello/core/virtual-lathe';
import { LEVEL } from '../cones/cone';
import type { Ended } from '../work';

const QUARTER = Math.PI / 2;
const OUT = 60;
const BLANK = { diameter: 50, length: 100 };
const MOST_ROUNDS = 30;

function inFourJaw(seed: number): VirtualLathe {
  const lathe = makeVirtualLathe({ seed, level: LEVEL });
  lathe.act({ do: 'hold', by: 'four-jaw', blank: BLANK, out: OUT });
  lathe.act({ do: 'spindle', turns: 0 });
  return lathe;
}

/** The needle with each jaw in turn toward it. */
const atJaws = (lathe: VirtualLathe): number[] =>
  [0, 1, 2, 3].map((k) => {
    lathe.act({ do: 'spin', to: k * QUARTER });
    return lathe.act({ do: 'indicate', on: 'work' }).reading as number;
  });

const moved = (lathe: VirtualLathe, moves: readonly JawMove[]): void => {
  for (const { jaw, action, by } of moves)
    lathe.act({ do: 'jaw', jaw, by: action === 'loosen' ? -by : by, felt: true });
};

/** What the work's axis is to come to: on the spindle's own, or a throw off it; and how near on the whole swing. */
export interface Aim {
  readonly throw: number;
  readonly swing: number;
}

export function jawsByCards(aim: Aim, seed: number): Ended {
  const lathe = inFourJaw(seed);
  let rounds = 0;
  // Inside, all four are nipped and it is read once more, as the card has it: the mean of both is what it stands at.
  let before: readonly number[] | null = null;
  while (rounds < MOST_ROUNDS) {
    rounds++;
    const seen = atJaws(lathe);
    const readings = seen.map((one, i) => (before ? (one + (before[i] as number)) / 2 : one));
    const moves = aim.throw === 0 ? trueing(readings, aim) : throwing(readings, aim);
    if (moves.length === 0 && before) break;
    before = moves.length === 0 ? seen : null;
    moved(lathe, moves);
  }
  return ended(lathe, aim, rounds);
}

const trueing = (readings: number[], { swing }: Aim): readonly JawMove[] => {
  const said = trueUp({ readings, limit: swing, school: 'half', resolution: 0.001 });
  return said.inside ? [] : said.moves;
};
const throwing = (readings: number[], aim: Aim): readonly JawMove[] => {
  const said = dialIn({
    readings: readings.map((reading, i) => ({ direction: JAWS[i] as number, reading })),
    throw: aim.throw,
    toward: 1,
    limit: aim.swing,
    diameter: BLANK.diameter,
    resolution: 0.001,
  });
  return said.inside ? [] : said.moves;
};

/** Moved by eye, a hand goes this part of the way; one pair at a time, the one that looks worst. */
const BY_EYE = 0.6;

/** The trade without a sum: the higher of a pair is pressed by a part of what the needle differs, pair by pair, turned round again each time. */
export function jawsByTrade(aim: Aim, seed: number): Ended {
  const lathe = inFourJaw(seed);
  let rounds = 0;
  while (rounds < MOST_ROUNDS) {
    rounds++;
    const [a = 0, b = 0, c = 0, d = 0] = atJaws(lathe);
    const [x, y] = [(a - c) / 2 - aim.throw, (b - d) / 2];
    // Turned right round, the whole swing is seen.
    if (2 * Math.hypot(x, y) <= aim.swing) break;
    const pair = Math.abs(x) >= Math.abs(y) ? { jaws: [1, 3], off: x } : { jaws: [2, 4], off: y };
    const [up, down] = pair.off > 0 ? pair.jaws : [...pair.jaws].reverse();
    const by = BY_EYE * Math.abs(pair.off);
    lathe.act({ do: 'jaw', jaw: down as number, by: -by, felt: true });
    lathe.act({ do: 'jaw', jaw: up as number, by, felt: true });
  }
  return ended(lathe, aim, rounds);
}

function ended(lathe: VirtualLathe, aim: Aim, trials: number): Ended {
  const { x, y } = lathe.reveal().offset;
  const off = 2 * Math.abs(Math.hypot(x, y) - aim.throw);
  const right = off <= aim.swing + TOLD;
  return { right, past: false, scrap: !right, trials, minutes: lathe.seconds / 60 };
}
/** Half a step of the needle at each of two readings is no fault of the work. */
const TOLD = 0.002;

export const TRUEING: Aim = { throw: 0, swing: 0.02 };
export const THROW: Aim = { throw: 4.75, swing: 0.04 };
