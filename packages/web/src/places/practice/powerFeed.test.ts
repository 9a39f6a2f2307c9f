import { makeVirtualLathe, SOUND_LATHE } from '@anello/core/virtual-lathe';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useMounted } from '../../testkit/mounted';
import { useLatheInHand } from './useLatheInHand';

const { within } = useMounted();
let frames: FrameRequestCallback[] = [];
let now = 0;
/** The browser draws once more, so long after the last time. */
function frame(after: number): void {
  now += after;
  const due = frames;
  frames = [];
  for (const draw of due) draw(now);
}
beforeEach(() => {
  [frames, now] = [[], 1000];
  vi.spyOn(window, 'requestAnimationFrame').mockImplementation((draw) => frames.push(draw));
});
afterEach(() => vi.restoreAllMocks());

function atLathe() {
  const { found: hand } = within(() =>
    useLatheInHand({
      begin: () => makeVirtualLathe({ seed: 1, level: 0, faults: { ...SOUND_LATHE } }),
      run: null,
    }),
  );
  hand.act({ do: 'hold', by: 'three-jaw', blank: { diameter: 30, length: 110 }, out: 80 });
  frame(16);
  return { hand, z: () => hand.lathe.scene().tool.z };
}
/** 0.1 mm to the turn at 400 a minute, shown eight times as fast: mm in a millisecond. */
const RATE = (0.1 * 400 * 8) / 60_000;

describe('power feed', () => {
  it('runs toward the headstock or away from it for as long as it takes, and stands when it is put off', () => {
    const { hand, z } = atLathe();
    const start = z();
    hand.feed(1);
    frame(16);
    frame(20);
    expect(z()).toBeCloseTo(start - 36 * RATE, 6);
    hand.feed(0);
    frame(16);
    expect(z()).toBeCloseTo(start - 36 * RATE, 6);
    hand.feed(-1);
    frame(30);
    expect(z()).toBeCloseTo(start - 6 * RATE, 6);
  });
  it('is put off by the same press that put it on', () => {
    const { hand, z } = atLathe();
    const start = z();
    hand.feed(1);
    expect(hand.feeding.value).toBe(1);
    hand.feed(1);
    expect(hand.feeding.value).toBe(0);
    frame(30);
    expect(z()).toBeCloseTo(start, 9);
    hand.feed(1);
    hand.feed(-1);
    expect(hand.feeding.value).toBe(-1);
    hand.end();
    expect(hand.feeding.value).toBe(0);
  });
  it('is not made up for after the page was away', () => {
    const { hand, z } = atLathe();
    const start = z();
    hand.feed(1);
    frame(5000);
    expect(z()).toBeCloseTo(start - 50 * RATE, 6);
  });
  it('stops by itself before the jaws, and past the end of the work', () => {
    const { hand, z } = atLathe();
    for (const [way, from, to] of [
      [1, -6, 6],
      [-1, 0, 105],
    ] as const) {
      hand.feed(way);
      for (let i = 0; i < 3000 && hand.feeding.value !== 0; i++) frame(50);
      expect(hand.feeding.value).toBe(0);
      expect(z()).toBeGreaterThan(from);
      if (way === 1) expect(z()).toBeLessThan(to);
      else expect(z()).toBeGreaterThan(to);
    }
  });
});
