import { beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick, ref } from 'vue';
import { useMounted } from '../../testkit/mounted';
import { useWorkerTask, type WorkerTask } from './useWorkerTask';

const { within } = useMounted();

describe('work for a worker', () => {
  class Stand {
    static all: Stand[] = [];
    asked: unknown = null;
    ended = false;
    onmessage: ((event: { data: unknown }) => void) | null = null;
    onerror: ((event: { message: string }) => void) | null = null;
    constructor() {
      Stand.all.push(this);
    }
    postMessage(asked: unknown): void {
      this.asked = asked;
    }
    terminate(): void {
      this.ended = true;
    }
  }
  const settled = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));
  const question = ref<{ n: number } | null>(null);
  let task: WorkerTask<number>;
  let leave: () => void;
  beforeEach(() => {
    Stand.all = [];
    question.value = { n: 1 };
    ({ found: task, leave } = within(() =>
      useWorkerTask<{ n: number }, number>(
        () => new Stand() as unknown as Worker,
        () => question.value,
      ),
    ));
  });

  it('a newer question ends the older one, and only its answer counts', async () => {
    const [first] = Stand.all;
    expect(task.busy.value).toBe(true);
    question.value = { n: 2 };
    await nextTick();
    expect(first!.ended).toBe(true);
    const second = Stand.all[1]!;
    expect(second.asked).toEqual({ n: 2 });
    expect(task.part.value).toBe(0);
    second.onmessage!({ data: { part: 0.5 } });
    expect(task.part.value).toBe(0.5);
    second.onmessage!({ data: { found: 4, error: null } });
    await settled();
    expect(task.found.value).toBe(4);
    expect(task.busy.value).toBe(false);
  });
  it('one that asks the same is not asked again, and the answer stands', async () => {
    Stand.all[0]!.onmessage!({ data: { found: 4, error: null } });
    await settled();
    question.value = { n: 1 };
    await nextTick();
    expect(Stand.all).toHaveLength(1);
    expect([task.found.value, task.busy.value]).toEqual([4, false]);
    question.value = { n: 2 };
    await nextTick();
    question.value = null;
    await nextTick();
    question.value = null;
    expect(Stand.all.map(({ ended }) => ended)).toEqual([true, true]);
    question.value = { n: 2 };
    await nextTick();
    expect(Stand.all).toHaveLength(3);
    leave();
  });
  it('can be stopped, is offered to be after a while, and ends with its screen', () => {
    vi.useFakeTimers();
    question.value = { n: 3 };
    return nextTick().then(() => {
      expect(task.slow.value).toBe(false);
      vi.advanceTimersByTime(500);
      expect(task.slow.value).toBe(true);
      task.stop();
      expect(Stand.all.at(-1)!.ended).toBe(true);
      expect(task.busy.value || task.slow.value).toBe(false);
      vi.useRealTimers();
      leave();
    });
  });
  it('a refusal is its error; no question is no answer', async () => {
    const error = { code: 'out-of-range', field: 'ridge', sentence: 'Too many.' };
    Stand.all[0]!.onmessage!({ data: { found: null, error } });
    await settled();
    expect(task.error.value).toEqual(error);
    question.value = null;
    await nextTick();
    expect(task.found.value).toBeNull();
    expect(task.error.value).toBeNull();
    leave();
  });
});
