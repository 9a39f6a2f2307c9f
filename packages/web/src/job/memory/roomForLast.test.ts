import { beforeEach, describe, expect, it } from 'vitest';
import { nextTick, ref } from 'vue';
import { useMounted } from '../../testkit/mounted';
import { useRoomForLast } from './useRoomForLast';

describe('room for the line of last time', () => {
  const { within } = useMounted();
  beforeEach(() => sessionStorage.clear());
  const room = (wanted = ref(true)) => within(() => useRoomForLast(() => wanted.value)).found;

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
  it('is kept on the steps of a shape alone', () => {
    const wanted = ref(false);
    const { kept } = room(wanted);
    expect(kept.value).toBe(false);
    wanted.value = true;
    expect(kept.value).toBe(true);
  });
});
