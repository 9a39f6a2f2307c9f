import { onScopeDispose, ref, watch, type Ref } from 'vue';
import { request } from '../../data/api';
import { newest } from '../../data/newest';

/**
 * Rows of what was done before, asked for anew whenever the address changes or what is said with it: what was done before is a
 * help and no more, so that nothing waits for it, and with the server away there are none. No address, no rows.
 */
export function useAsked<Answer extends { readonly rows: readonly Row[] }, Row>(
  asking: () => readonly [address: string | null, ...anew: readonly unknown[]],
): Ref<readonly Row[]> {
  const rows = ref<readonly Row[]>([]) as Ref<readonly Row[]>;
  const question = newest();
  async function ask(address: string): Promise<void> {
    const counts = question();
    try {
      const found = await request<Answer>('GET', address);
      if (counts()) rows.value = found.rows;
    } catch {
      if (counts()) rows.value = [];
    }
  }
  watch(
    asking,
    (now, before) => {
      // What it is made of may be said again, and is still the same question.
      if (before && now.every((one, i) => Object.is(one, before[i]))) return;
      const [address] = now;
      if (address !== before?.[0]) {
        question.drop();
        rows.value = [];
      }
      if (address) void ask(address);
    },
    { immediate: true },
  );
  onScopeDispose(question.drop);
  return rows;
}
