import { effectScope, nextTick, shallowRef } from 'vue';
import { describe, expect, it } from 'vitest';
import { usePages } from '../../../ui/usePages';
import { useShapeHistory } from './useShapeHistory';

function drawn(): {
  shape: { value: readonly number[] };
  history: ReturnType<typeof useShapeHistory<readonly number[]>>;
} {
  const shape = shallowRef<readonly number[]>([1, 2]);
  const history = effectScope().run(() =>
    useShapeHistory<readonly number[]>(
      () => shape.value,
      (next) => (shape.value = next),
    ),
  )!;
  return { shape, history };
}

describe('what was changed in a shape', () => {
  it('is taken back step by step, and done again until something else is done', () => {
    const { shape, history } = drawn();
    history.put([1, 3]);
    history.put([1, 4]);
    history.undo();
    expect(shape.value).toEqual([1, 3]);
    history.undo();
    expect([shape.value, history.canUndo.value]).toEqual([[1, 2], false]);
    history.redo();
    expect(shape.value).toEqual([1, 3]);
    history.put([9, 9]);
    expect(history.canRedo.value).toBe(false);
  });
  it('by one pull is one step, however many places it went through, and the next pull is another', () => {
    const { shape, history } = drawn();
    for (const to of [3, 4, 5]) history.put([1, to], 7);
    history.put([1, 6], 8);
    history.undo();
    expect(shape.value).toEqual([1, 5]);
    history.undo();
    expect(shape.value).toEqual([1, 2]);
    // After taking back, the same pull is not gone on with.
    history.put([1, 5], 8);
    history.undo();
    expect(shape.value).toEqual([1, 2]);
  });
  it('somebody else changed is gone on from, and can be taken back too', async () => {
    const { shape, history } = drawn();
    history.put([1, 3]);
    shape.value = [5, 5];
    await nextTick();
    history.undo();
    expect(shape.value).toEqual([1, 3]);
  });
});

describe('a long list a page at a time', () => {
  it('turns, goes to an entry, and never past its ends', async () => {
    const count = shallowRef(30);
    const pages = effectScope().run(() => usePages(() => count.value, 12))!;
    expect([pages.first.value, pages.end.value, pages.many.value]).toEqual([0, 12, true]);
    pages.turn(-1);
    expect(pages.first.value).toBe(0);
    pages.show(29);
    expect([pages.first.value, pages.end.value]).toEqual([24, 30]);
    pages.turn(1);
    expect(pages.first.value).toBe(24);
    count.value = 13;
    await nextTick();
    expect([pages.first.value, pages.end.value]).toEqual([12, 13]);
    count.value = 3;
    await nextTick();
    expect([pages.first.value, pages.end.value, pages.many.value]).toEqual([0, 3, false]);
  });
});
