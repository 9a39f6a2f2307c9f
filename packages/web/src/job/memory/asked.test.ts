import { nextTick, ref } from 'vue';
import { beforeEach, describe, expect, it } from 'vitest';
import { freshStores } from '../../testkit/freshStores';
import { useMounted } from '../../testkit/mounted';
import { waitingServer } from '../../testkit/waiting';
import { useAsked } from './useAsked';

describe('what was answered before', () => {
  const { within } = useMounted();
  beforeEach(() => void freshStores());
  type Answer = { rows: readonly { n: number }[] };
  const at = (address: string) => within(() => useAsked<Answer, { n: number }>(() => [address])).found;

  it('is there at once for the forty addresses asked last, until it is answered anew', async () => {
    const asked = waitingServer();
    const address = ref('/api/a/0');
    const { found } = within(() => useAsked<Answer, { n: number }>(() => [address.value]));
    for (let n = 0; n <= 40; n++) {
      address.value = `/api/a/${n}`;
      await nextTick();
      await asked.at(-1)!.answer({ rows: [{ n }] });
      expect(found.rows.value).toEqual([{ n }]);
    }
    expect(at('/api/a/1').rows.value).toEqual([{ n: 1 }]);
    expect(at('/api/a/1').answered.value).toBe(true);
    expect(at('/api/a/0').answered.value).toBe(false);
    expect(at('/api/a/0').rows.value).toEqual([]);
  });
});
