import type { ErrorData } from '@anello/core';
import { onUnmounted, ref, shallowRef, watch, type Ref } from 'vue';
import { plain } from '../lib/db';
import type { Answer } from '../workers/answer';

export interface WorkerTask<Found> {
  readonly found: Ref<Found | null>;
  readonly error: Ref<ErrorData | null>;
  readonly busy: Ref<boolean>;
  /** It has gone on long enough that stopping it should be offered. */
  readonly slow: Ref<boolean>;
  /** Calls it off; the next change of the question asks again. */
  stop(): void;
}

/** Waited for without a word, ms. */
const PATIENCE = 400;

/** A question asked of a worker whenever it changes; a newer one ends the older. */
export function useWorkerTask<Question extends object, Found>(
  begin: () => Worker,
  question: () => Question | null,
): WorkerTask<Found> {
  const found = shallowRef<Found | null>(null);
  const error = ref<ErrorData | null>(null);
  const busy = ref(false);
  const slow = ref(false);
  let worker: Worker | null = null;
  let waiting = 0;

  function stop(): void {
    worker?.terminate();
    worker = null;
    window.clearTimeout(waiting);
    busy.value = slow.value = false;
  }
  function ask(asked: Question | null): void {
    stop();
    error.value = null;
    if (!asked) {
      found.value = null;
      return;
    }
    busy.value = true;
    waiting = window.setTimeout(() => (slow.value = true), PATIENCE);
    worker = begin();
    worker.onmessage = ({ data }: MessageEvent<Answer<Found>>): void => {
      stop();
      found.value = data.found;
      error.value = data.error;
    };
    worker.onerror = (event): void => {
      stop();
      found.value = null;
      throw new Error(`It could not be worked out: ${event.message}`);
    };
    worker.postMessage(plain(asked));
  }
  watch(question, ask, { immediate: true });
  onUnmounted(stop);
  return { found, error, busy, slow, stop };
}
