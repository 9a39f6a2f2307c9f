import { beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick, ref } from 'vue';
import { useMounted } from '../../testkit/mounted';
import { LOW, useLowStrip } from './useLowStrip';

/** A browser's word of how tall a box is, in the test's hands. */
class Watcher {
  static last: Watcher;
  constructor(private readonly told: (entries: object[]) => void) {
    Watcher.last = this;
  }
  observe = (): void => undefined;
  disconnect = (): void => undefined;
  say = (height: number): void => this.told([{ borderBoxSize: [{ inlineSize: 0, blockSize: height }] }]);
}
const { within } = useMounted();
beforeEach(() => vi.stubGlobal('ResizeObserver', Watcher));

/** A strip so tall, over something scrolled so far. */
async function strip(of: number) {
  const { found } = within(() => useLowStrip(ref(document.createElement('div'))));
  await nextTick();
  const scroller = document.createElement('div');
  scroller.addEventListener('scroll', found.onScroll);
  const measured = async (now: number): Promise<void> => {
    Watcher.last.say(now);
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
