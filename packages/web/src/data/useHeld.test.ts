import { beforeEach, describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { useMounted } from '../testkit/mounted';
import { useHeld } from './useHeld';

const { within } = useMounted();
beforeEach(() => sessionStorage.clear());

describe('what is held over a reload', () => {
  it.each([
    [null, 'typed so'],
    [null, '{ not quite'],
    [null, { from: 24, to: 33 }],
    [null, { typed: '"', value: 1 }],
    ['', 'text'],
    [3, 4],
    [{}, { a: { typed: '1 mm', value: 1 } }],
  ])('from %j comes back as %j', async (initial, later) => {
    const first = within(() => useHeld<unknown>('thing', initial));
    expect(first.found.value).toEqual(initial);
    first.found.value = later;
    await nextTick();
    first.leave();
    expect(within(() => useHeld<unknown>('thing', initial)).found.value).toEqual(later);
  });
  it('nothing again is nothing after a reload', async () => {
    const first = within(() => useHeld<string | null>('thing', null));
    first.found.value = 'x';
    await nextTick();
    first.found.value = null;
    await nextTick();
    first.leave();
    expect(within(() => useHeld<string | null>('thing', null)).found.value).toBeNull();
  });
});
