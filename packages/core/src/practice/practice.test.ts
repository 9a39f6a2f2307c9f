import { describe, expect, it } from 'vitest';
import { plainText, type Figure, type Phrase } from '../figure';
import type { VirtualLathe } from '../virtual-lathe';
import { adviceOn, EXERCISE_IDS, exerciseOf, nextLevel, runStory, SIZE, type PastRun, type Taken } from '.';

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
  'worn-bar': (lathe) => {
    const all: Taken[] = [];
    lathe.act({ do: 'turn', handle: 'carriage', by: -12 });
    for (let k = 0; k < 12; k++) {
      lathe.act({ do: 'turn', handle: 'carriage', by: -20 });
      all.push(taken(lathe, lathe.act({ do: 'indicate', on: 'test-bar' }).reading!));
    }
    return figures(adviceOn('worn-bar', all)).at(-1)!;
  },
  packing: (lathe) => {
    const all: Taken[] = [];
    let under = figures(adviceOn('packing', all))[0]!;
    lathe.act({ do: 'pack', by: under });
    for (let round = 0; round < 6; round++) {
      for (const spindle of [0, Math.PI]) {
        lathe.act({ do: 'spin', to: spindle });
        const { reading } = lathe.act({ do: 'indicate', on: 'work' });
        all.push({ ...taken(lathe, reading!, spindle), packing: under });
      }
      const phrase = adviceOn('packing', all);
      const said = plainText(phrase);
      if (said.includes('leave it')) break;
      const by = (said.includes('thicker') ? 1 : -1) * Math.round(figures(phrase)[2]! / 0.05) * 0.05;
      lathe.act({ do: 'pack', by });
      under += by;
    }
    return null;
  },
  line: byTable,
  'two-handles': byTable,
  'form-tool': (lathe) => {
    lathe.act({ do: 'spindle', turns: 150 });
    for (let i = 0; i < 200 && lathe.dial('cross') < 12.4; i++)
      lathe.act({ do: 'turn', handle: 'cross', by: 0.1 });
    lathe.act({ do: 'turn', handle: 'cross', by: -4 });
    const all = exerciseOf('form-tool').reads.map((looks, look) => {
      const { at } = (looks as { micrometer: { at: number } }).micrometer;
      return { ...taken(lathe, lathe.act({ do: 'measure', at, side: 'outside' }).reading!), look };
    });
    return figures(adviceOn('form-tool', all))[0]!;
  },
  find: (lathe) => {
    const all: Taken[] = [];
    const take = (spindle = 0): void => {
      lathe.act({ do: 'spin', to: spindle });
      all.push(taken(lathe, lathe.act({ do: 'indicate', on: 'test-bar' }).reading!, spindle));
    };
    take(0);
    take(Math.PI);
    for (let i = 0; i < 12; i++) {
      const said = plainText(adviceOn('find', all));
      const found = [/it is lash/, /does not tell the truth/, /it is the spindle/, /swings with its screw/];
      const is = found.findIndex((words) => words.test(said));
      if (is >= 0) return is;
      lathe.act({ do: 'turn', handle: 'cross', by: said.includes('turn back') ? -1 : 1 });
      take();
    }
    return null;
  },
};

/** Every step as the card says it, drawn back between. */
function byTable(lathe: VirtualLathe): null {
  lathe.act({ do: 'spindle', turns: 400 });
  for (let i = 0; i < 200; i++) {
    const stand = { carriage: lathe.dial('carriage'), cross: lathe.dial('cross') };
    const phrase = adviceOn('two-handles', [], stand);
    const said = plainText(phrase);
    if (said.includes('last step')) break;
    const [first, second] = figures(phrase);
    if (/carriage to/.test(said)) {
      lathe.act({ do: 'turn', handle: 'cross', by: -4 - stand.cross });
      // Past it and back, so that the carriage stands with its lash taken up the same way each time.
      lathe.act({ do: 'turn', handle: 'carriage', by: first! - stand.carriage });
    }
    const to = /carriage to/.test(said) ? second : first;
    if (to !== undefined) lathe.act({ do: 'turn', handle: 'cross', by: to - lathe.dial('cross') });
  }
  return null;
}

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
