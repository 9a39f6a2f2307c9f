import { describe, expect, it } from 'vitest';
import { plainText, type Figure, type Phrase } from '../figure';
import type { VirtualLathe } from '../virtual-lathe';
import { adviceOn, EXERCISE_IDS, exerciseOf, nextLevel, SIZE, type PastRun, type Taken } from '.';

const SEEDS = [11, 12, 13, 14, 15, 16];
const figures = (phrase: Phrase): number[] =>
  phrase.flatMap((part) => (typeof part === 'string' ? [] : [(part as Figure & { value: number }).value]));
const taken = (lathe: VirtualLathe, reading: number, spindle = 0, bar = 0): Taken => ({
  reading,
  cross: lathe.dial('cross'),
  spindle,
  carriage: lathe.dial('carriage'),
  bar,
});

/** Read at four jaws, moved as the cards say, read again. */
function byJaws(id: 'four-jaw' | 'throw', lathe: VirtualLathe): null {
  for (let round = 0; round < 25; round++) {
    const all = [0, 1, 2, 3].map((k): Taken => {
      const spindle = (k * Math.PI) / 2;
      lathe.act({ do: 'spin', to: spindle });
      return taken(lathe, lathe.act({ do: 'indicate', on: 'work' }).reading!, spindle);
    });
    const said = plainText(adviceOn(id, all)).replaceAll('\u00a0', ' ');
    const moves = [...said.matchAll(/(loosen|tighten) jaw (\d) by ([\d.]+)/gi)];
    if (moves.length === 0) break;
    for (const [, action, jaw, by] of moves)
      lathe.act({ do: 'jaw', jaw: Number(jaw), by: (/^l/i.test(action!) ? -1 : 1) * Number(by) });
  }
  return null;
}

/** Each exercise done by what the cards say; gives what is answered. */
const DONE: Readonly<Record<string, (lathe: VirtualLathe) => number | null>> = {
  'four-jaw': (lathe) => byJaws('four-jaw', lathe),
  throw: (lathe) => byJaws('throw', lathe),
  bar: (lathe) => {
    const all: Taken[] = [];
    let moved = 0;
    for (let round = 0; round < 10; round++) {
      lathe.act({ do: 'turn', handle: 'carriage', by: 50 - lathe.dial('carriage') });
      lathe.act({ do: 'turn', handle: 'carriage', by: -12 });
      for (let k = 0; k < 5; k++) {
        all.push(taken(lathe, lathe.act({ do: 'indicate', on: 'test-bar' }).reading!, 0, moved));
        if (k < 4) lathe.act({ do: 'turn', handle: 'carriage', by: -18 });
      }
      const phrase = adviceOn('bar', all);
      const said = plainText(phrase);
      if (said.includes('leave it')) break;
      const by = figures(phrase)[1]! * (said.includes('steeper') ? 1 : -1);
      moved += by;
      lathe.act({ do: 'nudge', device: 'attachment', by, pivotLength: 180 });
    }
    return null;
  },
  lash: (lathe) => {
    // Turned by a tenth of a division at a time, the needle watched for its first move.
    const until = (by: number): Taken => {
      const from = lathe.watch('test-bar');
      for (let i = 0; i < 300 && Math.abs(lathe.watch('test-bar') - from) < 0.003; i++)
        lathe.act({ do: 'turn', handle: 'cross', by });
      return taken(lathe, lathe.act({ do: 'indicate', on: 'test-bar' }).reading!);
    };
    until(0.005);
    const all = [until(0.005), until(-0.005)];
    return figures(adviceOn('lash', all))[0]!;
  },
  'to-size': (lathe) => {
    const all: Taken[] = [];
    const along = (): void => {
      lathe.act({ do: 'turn', handle: 'carriage', by: -55, feed: 0.1 });
      lathe.act({ do: 'turn', handle: 'carriage', by: 55 });
      all.push(taken(lathe, lathe.act({ do: 'measure', at: SIZE.at, side: 'outside' }).reading!));
    };
    lathe.act({ do: 'turn', handle: 'cross', by: 6.6 });
    along();
    for (let i = 0; i < 25; i++) {
      const said = plainText(adviceOn('to-size', all));
      if (/inside|under|no more/.test(said)) break;
      const to = figures(adviceOn('to-size', all))[0];
      if (to !== undefined) lathe.act({ do: 'turn-to', handle: 'cross', to });
      along();
    }
    return null;
  },
};

describe('the exercises', () => {
  it.each(EXERCISE_IDS.map((id) => [id] as const))(
    '%s can be done by what the cards say, on any level',
    (id) => {
      const exercise = exerciseOf(id);
      let right = 0;
      for (const level of [1, 3, 5] as const)
        for (const seed of SEEDS) {
          const lathe = exercise.begin(seed, level);
          const answer = DONE[id]!(lathe);
          if (exercise.judge(lathe, answer).right) right++;
        }
      expect(right).toBeGreaterThanOrEqual(16);
    },
  );
  it.each(EXERCISE_IDS.map((id) => [id] as const))(
    '%s left alone is not right, and says what is wanted',
    (id) => {
      const exercise = exerciseOf(id);
      const outcome = exercise.judge(exercise.begin(3, 3), null);
      expect(outcome.right).toBe(false);
      expect(outcome.lines.every(({ inside }) => !inside)).toBe(true);
      expect(plainText(adviceOn(id, []))).toMatch(/\w/);
      expect(exercise.about.length).toBeGreaterThan(0);
    },
  );
});

describe('the level of the next run', () => {
  const runs = (...all: [PastRun['level'], boolean][]): PastRun[] =>
    all.map(([level, right]) => ({ level, right }));
  it('rises after two that were right and falls after two that were not', () => {
    expect(nextLevel([])).toBe(1);
    expect(nextLevel(runs([1, true]))).toBe(1);
    expect(nextLevel(runs([1, true], [1, true]))).toBe(2);
    expect(nextLevel(runs([1, true], [1, true], [2, true]))).toBe(2);
    expect(nextLevel(runs([3, false], [3, false]))).toBe(2);
    expect(nextLevel(runs([3, true], [3, false]))).toBe(3);
    expect(nextLevel(runs([5, true], [5, true]))).toBe(5);
    expect(nextLevel(runs([1, false], [1, false]))).toBe(1);
  });
});
