// @vitest-environment jsdom
import { describe, expect, it, vi } from 'vitest';
import { nextTick, ref } from 'vue';
import { LOW, useLowStrip } from './useLowStrip';

const { tall } = vi.hoisted(() => ({ tall: { value: 0 } as { value: number } }));
vi.mock('@vueuse/core', () => ({ useElementSize: () => ({ height: height(), width: ref(0) }) }));
const heights: ReturnType<typeof ref<number>>[] = [];
function height() {
  const one = ref(tall.value);
  heights.push(one);
  return one;
}

/** A strip so tall, over something scrolled so far. */
async function strip(of: number) {
  const found = useLowStrip(ref(null));
  const scroller = document.createElement('div');
  scroller.addEventListener('scroll', found.onScroll);
  const measured = async (now: number): Promise<void> => {
    heights.at(-1)!.value = now;
    await nextTick();
  };
  await measured(of);
  const to = (y: number): boolean => {
    scroller.scrollTop = y;
    scroller.dispatchEvent(new Event('scroll'));
    return found.low.value;
  };
  return { found, to, measured };
}

describe('the strip above what is scrolled', () => {
  it('is low from where no more of it than its low form is seen, and whole again above that', async () => {
    const { to } = await strip(LOW + 120);
    expect([to(60), to(119), to(120), to(400), to(119), to(0)]).toEqual([
      false,
      false,
      true,
      true,
      false,
      false,
    ]);
  });
  it('keeps its room while it is low, so that nothing under it moves', async () => {
    const { found, to, measured } = await strip(LOW + 120);
    expect(found.style.value).toEqual({ top: '-120px' });
    to(200);
    // What is drawn is low now; its box is not.
    await measured(LOW + 120);
    expect(found.style.value).toEqual({ top: '-120px', height: `${LOW + 120}px` });
    found.reset();
    expect(found.style.value).toEqual({ top: '-120px' });
  });
  it('of one that is low as it is, or not yet drawn, nothing is given up', async () => {
    expect((await strip(LOW - 20)).to(500)).toBe(false);
    const { found, to } = await strip(0);
    expect([to(500), found.style.value]).toEqual([false, { top: '0px' }]);
  });
});
