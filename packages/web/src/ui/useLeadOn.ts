import { useRouter } from 'vue-router';

/** Does the work, then leads to the place it names; null stays. */
export type LeadOn = (work: () => Promise<string | null>, by?: 'push' | 'replace') => Promise<void>;

/**
 * What takes a while and then leads on. The hand goes first: where the page was led elsewhere meanwhile, it stays there,
 * and is not taken away again by what was pressed before.
 */
export function useLeadOn(): LeadOn {
  const router = useRouter();
  return async (work, by = 'push') => {
    let elsewhere = false;
    // A place that writes what is looked for into its own address leads nobody away.
    const unwatch = router.beforeEach((to, from) => {
      elsewhere ||= to.path !== from.path;
    });
    try {
      const place = await work();
      if (place !== null && !elsewhere) await router[by](place);
    } finally {
      unwatch();
    }
  };
}
