import { describe, expect, it } from 'vitest';
import { plainText } from '../figure';
import { BY_CARDS } from './byCards.testdata';
import { adviceOn, EXERCISE_IDS, exerciseOf, nextLevel, runStory, SIZE, type PastRun } from '.';

const SEEDS = [11, 12, 13, 14, 15, 16];
describe('the exercises', () => {
  it.each(EXERCISE_IDS.map((id) => [id] as const))(
    '%s can be done by what the cards say, on any level',
    (id) => {
      const exercise = exerciseOf(id);
      let right = 0;
      for (const level of [1, 3, 5] as const)
        for (const seed of SEEDS) {
          const lathe = exercise.begin(seed, level);
          const answer = BY_CARDS[id](lathe, adviceOn);
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
      // Nothing was cut too deep where nothing was cut: that line alone may be inside.
      const due = outcome.lines.filter(({ what }) => !what.startsWith('Cut below'));
      expect(due.every(({ inside }) => !inside)).toBe(true);
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

describe('how a run went', () => {
  const begin = () => exerciseOf('to-size').begin(5, 0);
  it('tells its time by what it went into, its passes and its readings', () => {
    const lathe = begin();
    const from = lathe.log.length;
    const start = lathe.seconds;
    lathe.act({ do: 'turn', handle: 'cross', by: 7 });
    for (const by of [-20, -20, 40]) lathe.act({ do: 'turn', handle: 'carriage', by });
    lathe.act({ do: 'measure', at: SIZE.at, side: 'outside' });
    lathe.act({ do: 'raise', by: 0.1 });
    const { spent, passes, readings, wentWrong } = runStory(begin, lathe.log.slice(from), () => false);
    // On the way back at the same figure what sprang away comes off: that is a pass as well.
    expect([passes, readings, wentWrong]).toEqual([2, 1, null]);
    expect(spent.cutting).toBeGreaterThan(0);
    expect(spent.setting).toBe(60);
    const all = Object.values(spent).reduce((a, b) => a + b, 0);
    expect(all).toBeCloseTo(lathe.seconds - start, 6);
  });
  it('names the pass after which it could not be made right any more', () => {
    const lathe = begin();
    const from = lathe.log.length;
    const pass = (cross: number): void => {
      lathe.act({ do: 'turn', handle: 'cross', by: cross - lathe.dial('cross') });
      lathe.act({ do: 'turn', handle: 'carriage', by: -55 });
      lathe.act({ do: 'turn', handle: 'carriage', by: 55 });
    };
    pass(7);
    pass(9);
    const { gone } = exerciseOf('to-size');
    expect(gone!(lathe)).toBe(true);
    pass(10);
    const { wentWrong } = runStory(begin, lathe.log.slice(from), gone!);
    expect(wentWrong).toBe(5);
    expect(runStory(begin, lathe.log.slice(from, from + 4), gone!).wentWrong).toBeNull();
  });
});
