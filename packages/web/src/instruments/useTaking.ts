import { restOf } from '@anello/core/instrument';
import { useEventListener } from '@vueuse/core';
import { onScopeDispose, ref, type Ref } from 'vue';
import { useInUse } from '../data/wire/inUse';
import { useWire } from '../data/wire/wire';

/** A needle that moves no more than this in all is at rest, mm. */
const STILL = 0.003;
/** It has been somewhere else since it was last taken: gone so far, mm. */
const MOVED = 0.012;
/** Or the travel has. */
const TRAVELLED = 0.5;
/** Looked back at for a rest, s past what is asked. */
const MARGIN = 0.5;

export interface Taking {
  /** Takes what is shown now. */
  takeNow(): void;
  /** How far the rest is on its way to be taken, 0 to 1; 0 while it does not wait for one. */
  readonly resting: Ref<number>;
}

/**
 * Takes the figure of the instrument in use: by the key or foot switch, at a press of its own key, or when the needle has
 * come to rest somewhere it was not before.
 */
export function useTaking(ready: () => boolean, take: (figure: number) => void): Taking {
  const wire = useWire();
  const inUse = useInUse();
  const resting = ref(0);
  /** Where all stood when one was last taken, or when this began: only what is elsewhere is news. */
  let before = stand();
  let moved = false;

  function stand(): { reading: number | null; travel: number | null } {
    return { reading: inUse.reading, travel: inUse.travel };
  }
  function took(figure: number): void {
    before = stand();
    moved = false;
    resting.value = 0;
    take(figure);
  }
  function takeNow(): void {
    const { reading } = inUse;
    if (reading !== null && ready()) took(reading);
  }

  const { off } = wire.onReading(({ axis, moment, pressed }) => {
    if (axis !== inUse.idOf('reading')) return;
    if (pressed) return void (ready() && takeNow());
    if (inUse.chosen.rest > 0) lookForRest(moment.time);
  });
  onScopeDispose(off);

  function lookForRest(time: number): void {
    const now = stand();
    before = { reading: before.reading ?? now.reading, travel: before.travel ?? now.travel };
    moved ||= apart(now.reading, before.reading) > MOVED || apart(now.travel, before.travel) > TRAVELLED;
    if (!moved || !ready()) return void (resting.value = 0);
    const { rest } = inUse.chosen;
    const track = inUse.since('reading', time - rest - MARGIN);
    if (track.length === 0) return;
    const found = restOf(track, STILL);
    resting.value = Math.min(1, found.for / rest);
    if (found.for >= rest) took(found.value);
  }

  useEventListener(
    window,
    'keydown',
    (event: KeyboardEvent) => {
      if (event.key !== inUse.chosen.key || event.repeat || event.ctrlKey || event.metaKey || event.altKey)
        return;
      if (inUse.reading === null || !ready() || isOthers(event)) return;
      event.preventDefault();
      event.stopPropagation();
      takeNow();
    },
    { capture: true },
  );

  return { takeNow, resting };
}

const apart = (a: number | null, b: number | null): number =>
  a === null || b === null ? 0 : Math.abs(a - b);

/** Keys that mean something where the hand is: a blank in a box, a press of a button. Foot switches send others. */
function isOthers({ key, target }: KeyboardEvent): boolean {
  if (key.length > 1 && key !== 'Enter') return false;
  if (!(target instanceof HTMLElement)) return false;
  if (target.closest('.v-overlay')) return true;
  if (target instanceof HTMLInputElement && target.id === 'reading') return target.value.trim() !== '';
  return target.matches('input, textarea, select, button, a, summary, [role="button"]');
}
