import type { LatheAction, Seen, VirtualLathe } from '@anello/core/virtual-lathe';
import { useRafFn } from '@vueuse/core';
import { ref, triggerRef, type Ref, type ShallowRef } from 'vue';

/** A run shown again from its list of what was done: the same list on the same lathe is the same run. */
export interface Replay {
  /** How many things were done, and how many of them are shown. */
  readonly steps: Ref<number>;
  readonly at: Ref<number>;
  readonly playing: Ref<boolean>;
  /** What was done in the run: what made the lathe ready is no part of it. */
  done(): readonly LatheAction[];
  /** The run has ended: all of it is shown. */
  ended(): void;
  showAt(step: number): void;
  /** From the beginning where all of it was shown. */
  play(): void;
  pause(): void;
}

/** Whatever was done, it is through in about this, s. */
const LASTS = 12;
const FRAMES = 60;

export function useReplay(
  fresh: () => VirtualLathe,
  done: () => readonly LatheAction[],
  shown: ShallowRef<VirtualLathe>,
  seen: (what: Seen) => void,
): Replay {
  const before = fresh().log.length;
  const steps = ref(0);
  const at = ref(0);
  const playing = ref(false);

  function go(to: number): void {
    const all = done();
    for (let i = at.value; i < to; i++) seen(shown.value.act(all[before + i] as LatheAction));
    at.value = to;
    triggerRef(shown);
  }
  function showAt(step: number): void {
    const to = Math.max(0, Math.min(steps.value, Math.round(step)));
    if (to < at.value || at.value === 0) {
      shown.value = fresh();
      at.value = 0;
    }
    go(to);
  }
  useRafFn(() => {
    if (!playing.value) return;
    go(Math.min(steps.value, at.value + Math.max(1, Math.ceil(steps.value / (LASTS * FRAMES)))));
    if (at.value >= steps.value) playing.value = false;
  });
  return {
    steps,
    at,
    playing,
    done: () => done().slice(before),
    ended() {
      steps.value = done().length - before;
      at.value = steps.value;
    },
    showAt(step) {
      playing.value = false;
      showAt(step);
    },
    play() {
      if (at.value === 0 || at.value >= steps.value) {
        at.value = 0;
        shown.value = fresh();
      }
      playing.value = true;
    },
    pause: () => (playing.value = false),
  };
}

/** How far what has no dial was turned by a run so far: the spindle by hand, each jaw, a bar's end. */
export function turnedIn(actions: readonly LatheAction[]): Readonly<Record<string, number>> {
  const turned: Record<string, number> = {};
  const add = (id: string, by: number): void => void (turned[id] = (turned[id] ?? 0) + by);
  for (const action of actions) {
    if (action.do === 'spin') add('spindle', action.by ?? 0);
    if (action.do === 'jaw') add(`jaw-${action.jaw}`, action.by);
    if (action.do === 'nudge') add('bar', action.by);
    if (action.do === 'raise') add('height', action.by);
    if (action.do === 'pack') add('packing', action.by);
  }
  return turned;
}
