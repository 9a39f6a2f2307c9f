import { defineStore } from 'pinia';
import { onScopeDispose, readonly, ref, shallowRef, watch, type Ref } from 'vue';
import { request } from '../../data/api';
import { newest } from '../../data/newest';

export interface Asked<Row> {
  readonly rows: Readonly<Ref<readonly Row[]>>;
  /** What there is is known: now, or since it was asked before. */
  readonly answered: Readonly<Ref<boolean>>;
}

/** What was answered last, by address: whoever comes back to a step sees that at once, until it is answered anew. */
const useAnswers = defineStore('before', () => {
  const MOST = 40;
  const rows = new Map<string, readonly unknown[]>();
  return {
    of: (address: string) => rows.get(address),
    keep(address: string, found: readonly unknown[]) {
      rows.delete(address);
      rows.set(address, found);
      for (const oldest of [...rows.keys()].slice(0, -MOST)) rows.delete(oldest);
    },
  };
});

/**
 * Rows of what was done before, asked for anew whenever the address changes or what is said with it: what was done before is a
 * help and no more, so that nothing waits for it, and with the server away there are none. No address, no rows.
 */
export function useAsked<Answer extends { readonly rows: readonly Row[] }, Row>(
  asking: () => readonly [address: string | null, ...anew: readonly unknown[]],
): Asked<Row> {
  const rows = shallowRef<readonly Row[]>([]);
  const answered = ref(false);
  const answers = useAnswers();
  const question = newest();
  function show(found: readonly Row[]): void {
    rows.value = found;
    answered.value = true;
  }
  async function ask(address: string): Promise<void> {
    const counts = question();
    try {
      const found = await request<Answer>('GET', address);
      answers.keep(address, found.rows);
      if (counts()) show(found.rows);
    } catch {
      if (counts()) show([]);
    }
  }
  watch(
    asking,
    (now, then) => {
      // What it is made of may be said again, and is still the same question.
      if (then && now.every((one, i) => Object.is(one, then[i]))) return;
      const [address] = now;
      if (address !== then?.[0]) {
        question.drop();
        const known = address === null ? undefined : answers.of(address);
        rows.value = (known ?? []) as readonly Row[];
        answered.value = known !== undefined;
      }
      if (address) void ask(address);
    },
    { immediate: true },
  );
  onScopeDispose(question.drop);
  return { rows, answered: readonly(answered) };
}
