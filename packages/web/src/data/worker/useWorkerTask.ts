import type { ErrorData } from '@anello/core/basics';
import { onUnmounted, ref, shallowRef, watch, type Ref } from 'vue';
import { askWorker, type Asked } from './askWorker';
import { sameQuestion } from './sameQuestion';

export interface WorkerTask<Found> {
  readonly found: Ref<Found | null>;
  readonly error: Ref<ErrorData | null>;
  readonly busy: Ref<boolean>;
  /** How much of it is done, 0 to 1, where the worker tells. */
  readonly part: Ref<number>;
  /** It has gone on long enough that stopping it should be offered. */
  readonly slow: Ref<boolean>;
  /** Calls it off; the next change of the question asks again. */
  stop(): void;
}

/** Waited for without a word, ms. */
const PATIENCE = 400;

/** A question asked of a worker whenever it asks something else than before; a newer one ends the older. */
export function useWorkerTask<Question extends object, Found>(
  begin: () => Worker,
  question: () => Question | null,
): WorkerTask<Found> {
  const found = shallowRef<Found | null>(null);
  const error = ref<ErrorData | null>(null);
  const busy = ref(false);
  const slow = ref(false);
  const part = ref(0);
  let asked: Asked<Found> | null = null;
  let waiting = 0;

  function stop(): void {
    asked?.stop();
    asked = null;
    window.clearTimeout(waiting);
    busy.value = slow.value = false;
  }
  async function ask(next: Question | null): Promise<void> {
    stop();
    error.value = null;
    if (!next) {
      found.value = null;
      return;
    }
    busy.value = true;
    part.value = 0;
    waiting = window.setTimeout(() => (slow.value = true), PATIENCE);
    const mine = (asked = askWorker<Found>(begin(), next, (done) => (part.value = done)));
    const answer = await mine.answer.catch((fault: unknown) => {
      stop();
      found.value = null;
      throw fault;
    });
    if (!answer || asked !== mine) return;
    stop();
    found.value = answer.found;
    error.value = answer.error;
  }
  // Every edit of a job makes all questions of it anew, and most of them ask what they asked.
  watch(
    question,
    (next, before) => (before !== undefined && sameQuestion(next, before) ? undefined : ask(next)),
    { immediate: true },
  );
  onUnmounted(stop);
  return { found, error, busy, part, slow, stop };
}
