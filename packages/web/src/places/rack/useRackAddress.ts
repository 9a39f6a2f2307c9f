import { watchDebounced } from '@vueuse/core';
import { ref, watch, type Ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';

export interface RackAddress {
  /** Words a job is looked for by. */
  readonly search: Ref<string>;
  /** What is finished and put away stands apart; looked for by a word, it is found wherever it is. */
  readonly show: Ref<'rack' | 'away'>;
}

/** Written into the address once a hand has stopped typing, ms. */
const SOON = 300;

/** What of the rack is looked at, as its address has it: come back to from a job, it is looked at again. */
export function useRackAddress(): RackAddress {
  const route = useRoute();
  const router = useRouter();
  const asked = () => ({
    search: typeof route.query['search'] === 'string' ? route.query['search'] : '',
    show: route.query['show'] === 'away' ? ('away' as const) : ('rack' as const),
  });
  const search = ref(asked().search);
  const show = ref(asked().show);
  const inWords = ({ search: words, show: which }: ReturnType<typeof asked>): string => `${which} ${words}`;
  let written = inWords(asked());

  watchDebounced(
    [search, show],
    () => {
      const now = { search: search.value ?? '', show: show.value };
      // It is left, or says so already.
      if (route.name !== 'rack' || inWords(now) === inWords(asked())) return;
      written = inWords(now);
      void router.replace({
        query: {
          ...(now.search ? { search: now.search } : {}),
          ...(now.show === 'away' ? { show: now.show } : {}),
        },
      });
    },
    { debounce: SOON },
  );
  // Gone to otherwise, as by the rail: what was typed since it was written stays.
  watch(
    () => route.query,
    () => {
      if (route.name !== 'rack' || inWords(asked()) === written) return;
      written = inWords(asked());
      search.value = asked().search;
      show.value = asked().show;
    },
  );
  return { search, show };
}
