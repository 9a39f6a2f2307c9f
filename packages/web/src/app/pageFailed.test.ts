import { AnelloError } from '@anello/core/basics';
import { describe, expect, it } from 'vitest';
import { defineComponent, h, nextTick, onErrorCaptured, reactive, ref } from 'vue';
import { routeLocationKey } from 'vue-router';
import { useMounted, type Provided } from '../testkit/mounted';
import PageFailed from './PageFailed.vue';
import { usePageFailed } from './usePageFailed';

const LARGE = new AnelloError('out-of-range', null, 'No workshop has a figure as large as that.');
const { mount } = useMounted();

/** A house with one page, which throws where it is told to; the road that is shown, and what was reported. */
function house() {
  const broken = ref(false);
  const route = reactive({ path: '/a' });
  const reported: unknown[] = [];
  const Page = defineComponent(() => () => {
    if (broken.value) throw LARGE;
    return h('button', {
      class: 'hand',
      onClick() {
        throw LARGE;
      },
    });
  });
  const Rooms = defineComponent(() => {
    const failed = usePageFailed();
    return () =>
      failed.value ? h(PageFailed, { error: failed.value, onAgain: () => (failed.value = null) }) : h(Page);
  });
  const House = defineComponent(() => {
    onErrorCaptured((error) => {
      reported.push(error);
      return false;
    });
    return () => h(Rooms);
  });
  const above: Provided = [[routeLocationKey as never, route]];
  const host = mount(House, {}, above);
  const click = async (which: string): Promise<void> => {
    [...host.querySelectorAll('button')].find((one) => one.className + one.textContent === which)?.click();
    await nextTick();
  };
  return { host, broken, route, reported, click };
}
const FAILED = 'This page could not be shown';

describe('a page that cannot be drawn', () => {
  it('says so and what stood in its way, and is tried again', async () => {
    const { host, broken, reported, click } = house();
    broken.value = true;
    await nextTick();
    await nextTick();
    expect(host.textContent).toContain(FAILED);
    expect(host.textContent).toContain(LARGE.message);
    expect(reported).toEqual([LARGE]);
    broken.value = false;
    await click('Try again');
    expect(host.textContent).not.toContain(FAILED);
    expect(host.querySelector('.hand')).not.toBeNull();
  });
  it('is left by opening another', async () => {
    const { host, broken, route } = house();
    broken.value = true;
    await nextTick();
    await nextTick();
    broken.value = false;
    route.path = '/b';
    await nextTick();
    await nextTick();
    expect(host.textContent).not.toContain(FAILED);
  });
  it('is not one in which a hand did what failed', async () => {
    const { host, reported, click } = house();
    await click('hand');
    expect(reported).toEqual([LARGE]);
    expect(host.textContent).not.toContain(FAILED);
  });
  it('tells no more of a fault of its own than that there is one', () => {
    const said = mount(PageFailed, { error: new TypeError('x is undefined') }).textContent;
    expect(said).toContain('Something in it is not as it should be.');
    expect(said).not.toContain('undefined');
  });
});
