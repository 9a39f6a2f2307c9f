import { beforeEach, describe, expect, it } from 'vitest';
import { nextTick, ref } from 'vue';
import { useMounted } from '../../testkit/mounted';
import { useRoomForLast } from './useRoomForLast';

describe('room for the line of last time', () => {
  const { within } = useMounted();
  beforeEach(() => sessionStorage.clear());
  const room = (place = ref<string | null>('j-1.set'), kind = 'taper') =>
    within(() =>
      useRoomForLast(
        () => place.value,
        () => kind,
      ),
    ).found;

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
  it('of each step is as it was there; of one that is new, as it was with the last of its kind', async () => {
    room().hear(true);
    await nextTick();
    room(ref('j-2.set'), 'curve').hear(false);
    await nextTick();
    const keptAt = (at: string, kind: string) => room(ref(at), kind).kept.value;
    expect([keptAt('j-1.set', 'taper'), keptAt('j-1.cut', 'taper')]).toEqual([true, true]);
    expect([keptAt('j-2.set', 'curve'), keptAt('j-3.cut', 'curve')]).toEqual([false, false]);
    expect(keptAt('j-4.cut', 'eccentric')).toBe(true);
  });
  it('is kept on the steps of a shape alone', () => {
    const place = ref<string | null>(null);
    const { kept } = room(place);
    expect(kept.value).toBe(false);
    place.value = 'j-1.way';
    expect(kept.value).toBe(true);
  });
});
