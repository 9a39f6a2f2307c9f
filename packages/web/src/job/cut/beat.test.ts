import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, nextTick, ref, type EffectScope } from 'vue';
import { useBeat } from './useBeat';

let scope: EffectScope;
beforeEach(() => (scope = effectScope()));
afterEach(() => {
  scope.stop();
  vi.useRealTimers();
});

describe('a beat', () => {
  it('keeps its pace, takes a new one at the next beat, and stops', async () => {
    vi.useFakeTimers();
    const seconds = ref(2);
    const { beat, running, toggle } = scope.run(() => useBeat(seconds))!;
    toggle();
    expect(beat.value).toBe(1);
    vi.advanceTimersByTime(4000);
    expect(beat.value).toBe(3);
    seconds.value = 0.5;
    await nextTick();
    vi.advanceTimersByTime(1000);
    expect(beat.value).toBe(5);
    toggle();
    vi.advanceTimersByTime(10_000);
    expect([beat.value, running.value]).toEqual([5, false]);
  });
});
