import { describe, expect, it } from 'vitest';
import { plainText } from '../../figure';
import { exerciseOf } from '..';

const SEEDS = Array.from({ length: 120 }, (_, i) => i + 1);

describe('the lash of a cross-slide, found', () => {
  const { begin, judge } = exerciseOf('lash');
  const lash = (seed: number): number => begin(seed, 2).reveal().faults.crossLash;
  it('is another on each lathe: always some, and all of what a worn slide may have', () => {
    const all = SEEDS.map(lash);
    expect(Math.min(...all)).toBeGreaterThanOrEqual(0.06);
    expect(Math.max(...all)).toBeLessThanOrEqual(0.3);
    expect(Math.max(...all) - Math.min(...all)).toBeGreaterThan(0.2);
  });
  it('is right to 0.02 mm, or to 15 in 100 where it is much; nothing is no answer', () => {
    for (const seed of SEEDS.slice(0, 20)) {
      const lathe = begin(seed, 2);
      const { crossLash } = lathe.reveal().faults;
      const near = Math.max(0.02, 0.15 * crossLash);
      const right = (answer: number | null): boolean => judge(lathe, answer).right;
      expect([right(crossLash + near * 0.98), right(crossLash - near * 0.98)]).toEqual([true, true]);
      expect([right(crossLash + near * 1.02), right(crossLash - near * 1.02), right(null)]).toEqual([
        false,
        false,
        false,
      ]);
      const [line] = judge(lathe, 0.5).lines;
      expect(plainText(line!.wanted)).toMatch(/^it is 0\.\d+/);
    }
  });
});

describe('the depth a form tool cut', () => {
  it('cannot be told before both places are cut, which is said', () => {
    const { begin, judge } = exerciseOf('form-tool');
    const told = judge(begin(3, 2), 1);
    expect([told.right, plainText(told.lines[0]!.wanted)]).toEqual([false, 'both places are not cut yet']);
  });
});
