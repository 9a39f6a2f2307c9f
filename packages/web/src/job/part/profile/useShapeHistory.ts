import { useManualRefHistory } from '@vueuse/core';
import { shallowRef, watch, type ComputedRef } from 'vue';

/** Steps that can be taken back. */
const STEPS = 60;

export interface ShapeHistory<T> {
  readonly canUndo: ComputedRef<boolean>;
  readonly canRedo: ComputedRef<boolean>;
  /** A change; one of the same pull as the last is part of the same step. */
  put(next: T, pull?: number): void;
  undo(): void;
  redo(): void;
}

/**
 * What was changed in a thing that others hold: a change is told at once, and can be taken back and done again. A value
 * that comes from elsewhere, another screen's, is where it goes on from.
 */
export function useShapeHistory<T>(value: () => T, tell: (next: T) => void): ShapeHistory<T> {
  const here = shallowRef(value());
  const history = useManualRefHistory(here, { capacity: STEPS, clone: (one) => one });
  let pulled: number | undefined;

  watch(value, (next) => {
    if (JSON.stringify(next) === JSON.stringify(here.value)) return;
    here.value = next;
    history.commit();
  });

  function put(next: T, pull?: number): void {
    const sameOne = pull !== undefined && pull === pulled;
    pulled = pull;
    here.value = next;
    if (sameOne) history.last.value.snapshot = next;
    else history.commit();
    tell(next);
  }
  function go(step: () => void): void {
    pulled = undefined;
    step();
    tell(here.value);
  }
  return {
    canUndo: history.canUndo,
    canRedo: history.canRedo,
    put,
    undo: () => go(history.undo),
    redo: () => go(history.redo),
  };
}
