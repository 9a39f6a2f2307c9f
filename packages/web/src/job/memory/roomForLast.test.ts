import { beforeEach, describe, expect, it } from 'vitest';
import { nextTick, ref } from 'vue';
import { useMounted } from '../../testkit/mounted';
import { useRoomForLast } from './useRoomForLast';

describe('room for the line of last time', () => {
  const { within } = useMounted();
  beforeEach(() => sessionStorage.clear());
  const room = (place = ref<string | null>('j-1.set')) =>
    within(() => useRoomForLast(() => place.value)).found;

  it('is kept while it is asked, and given up once that is known', () => {
    const { kept, hear } = room();
    expect(kept.value).toBe(true);
    hear(true);
    expect(kept.value).toBe(false);
    // Another shape: it is asked again.
    hear(null);
    expect(kept.value).toBe(true);
    hear(false);
    expect(kept.value).toBe(false);
  });
  it('is kept for nobody where there was nothing to tell before', async () => {
    room().hear(false);
    await nextTick();
    const next = room();
    expect(next.kept.value).toBe(false);
    next.hear(true);
    next.hear(null);
    expect(next.kept.value).toBe(true);
  });
  it('of each step is as it was there; of one that is new, as it was anywhere', async () => {
    room().hear(true);
    await nextTick();
    room(ref('j-2.set')).hear(false);
    await nextTick();
    expect(['j-1.set', 'j-2.set', 'j-2.cut'].map((at) => room(ref(at)).kept.value)).toEqual([
      true,
      false,
      false,
    ]);
  });
  it('is kept on the steps of a shape alone', () => {
    const place = ref<string | null>(null);
    const { kept } = room(place);
    expect(kept.value).toBe(false);
    place.value = 'j-1.way';
    expect(kept.value).toBe(true);
  });
});
