import type { LatheAction, VirtualLathe } from '@anello/core/virtual-lathe';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { shallowRef } from 'vue';
import { useMounted } from '../../testkit/mounted';
import { turnedIn, useReplay } from './useReplay';

const { within } = useMounted();
beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());
const FRAME = 17;

/** Stands for a lathe: it remembers what was done on it, and was made ready by two things. */
interface StandIn {
  readonly log: LatheAction[];
  act(action: LatheAction): { readonly did: LatheAction };
}
const spin = (by: number): LatheAction => ({ do: 'spin', by }) as LatheAction;
const MADE_READY = [spin(-1), spin(-2)];
function standIn(): StandIn {
  const log = [...MADE_READY];
  return {
    log,
    act(action) {
      log.push(action);
      return { did: action };
    },
  };
}

function run(actions: readonly LatheAction[]) {
  const shown = shallowRef(standIn());
  const seen: LatheAction[] = [];
  const all = [...MADE_READY, ...actions];
  const { found, leave } = within(() =>
    useReplay(
      standIn as unknown as () => VirtualLathe,
      () => all,
      shown as unknown as Parameters<typeof useReplay>[2],
      (what) => seen.push((what as unknown as { did: LatheAction }).did),
    ),
  );
  const onLathe = (): LatheAction[] => shown.value.log.slice(MADE_READY.length);
  return { replay: found, shown, seen, onLathe, leave };
}
const THREE = [spin(1), spin(2), spin(3)];
const frames = (n: number): void => void vi.advanceTimersByTime(n * FRAME);

describe('a run shown again', () => {
  it('that has ended is shown whole; what made the lathe ready is no part of it', () => {
    const { replay } = run(THREE);
    expect([replay.steps.value, replay.at.value, replay.playing.value]).toEqual([0, 0, false]);
    replay.ended();
    expect([replay.steps.value, replay.at.value]).toEqual([3, 3]);
    expect(replay.done()).toEqual(THREE);
  });
  it('is put back to any of its steps on a fresh lathe, and forward on the one that is there', () => {
    const { replay, shown, seen, onLathe } = run(THREE);
    replay.ended();
    const first = shown.value;
    replay.showAt(1);
    expect(shown.value).not.toBe(first);
    expect([onLathe(), replay.at.value]).toEqual([[spin(1)], 1]);
    const second = shown.value;
    replay.showAt(2.4);
    expect(shown.value).toBe(second);
    expect([onLathe(), seen]).toEqual([THREE.slice(0, 2), THREE.slice(0, 2)]);
    replay.showAt(99);
    expect([onLathe(), replay.at.value]).toEqual([THREE, 3]);
    replay.showAt(-5);
    expect([onLathe(), replay.at.value]).toEqual([[], 0]);
  });
  it('plays from the beginning where all of it was shown, a step a frame, and stops at its end', () => {
    const { replay, onLathe } = run(THREE);
    replay.ended();
    replay.play();
    expect([replay.playing.value, replay.at.value, onLathe()]).toEqual([true, 0, []]);
    frames(1);
    expect(onLathe()).toEqual([spin(1)]);
    frames(5);
    expect([onLathe(), replay.at.value, replay.playing.value]).toEqual([THREE, 3, false]);
  });
  it('goes on from where it was put, pauses, and is stopped by being put elsewhere', () => {
    const { replay, onLathe } = run(THREE);
    replay.ended();
    replay.showAt(1);
    replay.play();
    expect(replay.at.value).toBe(1);
    frames(1);
    replay.pause();
    frames(3);
    expect([onLathe(), replay.playing.value]).toEqual([THREE.slice(0, 2), false]);
    replay.play();
    replay.showAt(1);
    frames(3);
    expect([replay.at.value, replay.playing.value]).toEqual([1, false]);
  });
  it('however long it was, is through in some twelve seconds', () => {
    const many = Array.from({ length: 3600 }, (_, i) => spin(i));
    const { replay } = run(many);
    replay.ended();
    replay.play();
    vi.advanceTimersByTime(6000);
    expect(replay.at.value).toBeGreaterThan(1500);
    expect(replay.at.value).toBeLessThan(2200);
    vi.advanceTimersByTime(7500);
    expect([replay.at.value, replay.playing.value]).toEqual([3600, false]);
  });
  it('stands still while it is not played, and once its page is left', () => {
    const { replay, onLathe, leave } = run(THREE);
    replay.ended();
    replay.showAt(1);
    frames(5);
    expect(onLathe()).toEqual([spin(1)]);
    replay.play();
    leave();
    frames(5);
    expect(onLathe()).toEqual([spin(1)]);
  });
});

describe('what was turned in a run', () => {
  it('is added up for each thing that has no dial', () => {
    const actions = [
      { do: 'spin', by: 0.5 },
      { do: 'spin' },
      { do: 'jaw', jaw: 2, by: 0.1 },
      { do: 'jaw', jaw: 2, by: -0.3 },
      { do: 'jaw', jaw: 4, by: 1 },
      { do: 'nudge', by: 0.02 },
      { do: 'raise', by: 0.3 },
      { do: 'pack', by: 1.5 },
      { do: 'spindle', turns: 300 },
    ] as unknown as LatheAction[];
    const turned = turnedIn(actions);
    expect(Object.keys(turned).sort()).toEqual(['bar', 'height', 'jaw-2', 'jaw-4', 'packing', 'spindle']);
    expect(turned['jaw-2']).toBeCloseTo(-0.2, 12);
    expect(turned).toMatchObject({ spindle: 0.5, 'jaw-4': 1, bar: 0.02, height: 0.3, packing: 1.5 });
  });
});
