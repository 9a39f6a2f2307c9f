// @vitest-environment jsdom
import { entry } from '@anello/contract';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { createApp, defineComponent, h, nextTick, ref } from 'vue';
import { useKeptEntries, type KeptEntries } from './useKeptEntries';
import { useMeasuredPlaces } from './useMeasuredPlaces';
import { useWorkerTask, type WorkerTask } from './useWorkerTask';

/** Runs a composable inside a component of its own; leaving takes the component down. */
function within<T>(setup: () => T): { found: T; leave: () => void } {
  let found!: T;
  const app = createApp(
    defineComponent({
      setup() {
        found = setup();
        return () => h('div');
      },
    }),
  );
  app.mount(document.createElement('div'));
  return { found, leave: () => app.unmount() };
}

beforeEach(() => {
  sessionStorage.clear();
  setActivePinia(createPinia());
});

describe('figures typed at the machine', () => {
  it('are kept by name, taken out by nothing, and outlive the screen', async () => {
    const first = within(() => useKeptEntries('hold.1'));
    expect(first.found.empty.value).toBe(true);
    first.found.set('1', entry('0.2 mm'));
    first.found.set('2', entry('1/64 in'));
    first.found.set('1', undefined);
    await nextTick();
    first.leave();
    const again = within(() => useKeptEntries('hold.1')).found;
    expect(again.value('1')).toBeUndefined();
    expect(again.entry('2')).toEqual(entry('1/64 in'));
    expect(again.empty.value).toBe(false);
  });
  it('are another set under another name, and are cleared but for those named', async () => {
    const name = ref('a');
    const { found: kept } = within((): KeptEntries => useKeptEntries(name));
    kept.set('limit', entry('0.05 mm'));
    kept.set('1', entry('1 mm'));
    await nextTick();
    name.value = 'b';
    await nextTick();
    expect(kept.empty.value).toBe(true);
    name.value = 'a';
    await nextTick();
    kept.clear('limit');
    expect(kept.value('limit')).toBe(0.05);
    expect(kept.value('1')).toBeUndefined();
  });
});

describe('measured places', () => {
  it('are read as they are typed, and what cannot be is said by line', () => {
    const { text, read } = within(() => useMeasuredPlaces('m')).found;
    text.value = '0,18\nx,2';
    expect(read.value.places).toEqual([{ z: 0, r: 9 }]);
    expect(read.value.problem).toMatch(/^Line 2:/);
  });
});

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
    second.onmessage!({ data: { part: 0.5 } });
    second.onmessage!({ data: { found: 4, error: null } });
    await settled();
    expect(task.found.value).toBe(4);
    expect(task.busy.value).toBe(false);
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
